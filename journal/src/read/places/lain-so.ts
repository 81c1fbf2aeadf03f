import type { Asks } from '../asked.ts';
import { type StoreCourse, thawedFrom } from '@dagboek/core/larder';
import { epochMs } from '@dagboek/core/time';
import type { PackPlaces } from './places-of.ts';
import { courseOfStore, type Store, storeOfPlace } from './stores.ts';

/** A stay of a pack in a store. */
export interface PackStay {
  readonly store: Store;
  readonly fromMs: number;
  readonly toMs: number;
  readonly course: StoreCourse;
}

/** How a pack lies, and since when it keeps as it does. */
export interface Lain {
  readonly store: Store;
  /** Whether it keeps as frozen fish does, or as fish of the fridge. */
  readonly place: 'fridge' | 'freezer';
  /** It was frozen, and is not any more. */
  readonly thawed: boolean;
  /** It was thawed once, and frozen again. */
  readonly refrozen: boolean;
  /** When it thawed in a freezer by itself, epoch ms, and in which; null when it did not. */
  readonly thawedInStore: { readonly atMs: number; readonly store: Store } | null;
  /** From when on its days count, epoch ms. */
  readonly fromMs: number;
  /** The stays since then, up to now. */
  readonly stays: readonly PackStay[];
}

/** Every stay in some places up to an instant, in the order of time; one that was written since the clock was looked at lasts no time yet. */
export function staysIn({ book, nowMs }: Asks<'book' | 'nowMs'>, places: PackPlaces): PackStay[] {
  return places.flatMap((p, i): PackStay[] => {
    const fromMs = epochMs(p.at);
    const next = places[i + 1];
    const toMs = Math.max(fromMs, Math.min(nowMs, next ? epochMs(next.at) : nowMs));
    const store = storeOfPlace(book, p);
    return [{ store, fromMs, toMs, course: courseOfStore(book, store) }];
  });
}

/**
 * How what went through some places lies at an instant: moved from one freezer to another it is still frozen since the first; what thawed,
 * on purpose or in a freezer that failed, keeps as thawed fish from that hour on.
 */
export function lainSo(asked: Asks<'book' | 'nowMs'>, places: PackPlaces): Lain {
  const stays = staysIn(asked, places);
  const last = stays.at(-1)!;
  const { place } = last.store;
  let first = stays.length - 1;
  while (first > 0 && stays[first - 1]!.store.place === place) first--;
  const run = stays.slice(first);
  const wasFrozen = stays.slice(0, first).some((s) => s.store.place === 'freezer');
  const own = { store: last.store, fromMs: run[0]!.fromMs, stays: run };
  if (place === 'fridge') return { ...own, place, thawed: wasFrozen, refrozen: false, thawedInStore: null };
  // The way in is no thawing: it counts from when it may have been frozen through.
  const frozenMs = own.fromMs + FREEZES_MS;
  const thaws = run.flatMap((s) => {
    const atMs = thawedFrom(s.course, Math.max(s.fromMs, frozenMs), s.toMs);
    return atMs === null ? [] : [{ atMs, store: s.store }];
  });
  const [thaw] = thaws;
  if (!thaw) return { ...own, place, thawed: false, refrozen: wasFrozen, thawedInStore: null };
  const since = run.filter((s) => s.toMs >= thaw.atMs).map((s) => ({ ...s, fromMs: Math.max(s.fromMs, thaw.atMs) }));
  return {
    store: last.store,
    place: 'fridge',
    thawed: true,
    refrozen: false,
    thawedInStore: thaw,
    fromMs: thaw.atMs,
    stays: since,
  };
}

/** A pack is taken to be frozen through so long after it was put in, ms. */
const FREEZES_MS = 12 * 3_600_000;
