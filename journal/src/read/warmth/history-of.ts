import type { Asks } from '../asked.ts';
import type { Keeping } from '@dagboek/core/fresh';
import { ICE_LASTS_H, TYPICAL_C } from '@dagboek/core/fresh';
import { type Boundary, type Exposure, meets } from '@dagboek/core/heat';
import { isBody, isUncooked, storeAt, stretchesOf, warmerThan, type Wrapping } from '@dagboek/core/larder';
import { epochMs } from '@dagboek/core/time';
import { type Filling, fillingsFrom } from './filling.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState, TripState } from '../../log/state/states.ts';
import { metInStore } from './met-in-store.ts';
import { courseOfStore, storeOfPlace } from '../places/stores.ts';
import { formOfPack, packFlesh } from '../bodies/pack-form.ts';
import { placesOf } from '../places/places-of.ts';
import { airAt, airsOf, beforeIce } from '../places/air-about.ts';
import type { CustodyLine } from '../places/custody.ts';
import { staysOf, type Stay } from '../places/stays-of.ts';

/** From when on a fish lay somewhere. */
export interface Lay extends Exposure {
  readonly atMs: number;
  readonly keeping: Keeping;
  /** Id of the box it lay in; null anywhere else. */
  readonly box: string | null;
  /** How its pack is wrapped; null before it is packed. */
  readonly wrapping: Wrapping | null;
}

const HOUR_MS = 3_600_000;
/** A box without ice warms on; what it moved by less than this is one stretch, K. */
const SAME_K = 0.5;
/**
 * Where a fish lay from its death on and what its skin met, in the order of time; before it is killed nothing spoils. The one place
 * that knows: freshness, the clock of histamine, its temperature inside, keeping times and the drawn hours all follow it. `into`:
 * the pack to follow it into; without one the pack that is eaten last, or lies longest.
 */
export function historyOf(asked: Asks<'book' | 'species'>, line: CustodyLine, into: PackState | null = null): Lay[] {
  const { book, species: byId } = asked;
  const { fish, cuts, packs } = line;
  const trip = book.getAny('trip', fish.trip);
  const lays: Lay[] = beforeIce(fish, trip).map((b) => lay(b.atMs, b.keeping, b.boundary));
  for (const s of staysOf(book, fish)) lays.push(...inBox(asked, s, trip));
  const airs = airsOf(trip);
  if (cuts[0]) {
    const atMs = epochMs(cuts[0].startedAt);
    lays.push(lay(atMs, 'board', meets('still air', Math.max(TYPICAL_C.board, airAt(airs, atMs)))));
  }
  const raw = packs.filter((p) => isUncooked(p.form) && !p.discarded);
  const pack = into ?? raw.at(-1);
  const places = pack ? (placesOf(book, pack, fish.id)[0] ?? []) : [];
  places.forEach((p, i) => {
    const whole = pack !== undefined && isBody(formOfPack(book, pack));
    for (const l of inStore(book, p, epochMs(p.at), places[i + 1] ? epochMs(places[i + 1]!.at) : null))
      lays.push({
        ...l,
        wrapping: pack?.wrapping ?? null,
        ...(whole ? {} : { body: packFlesh(byId(fish.species)?.fat ?? 'lean') }),
      });
  });
  // It is cut and packed once: what it was before is not cut again at each place.
  let cut = false;
  return lays
    .sort((a, b) => a.atMs - b.atMs)
    .map((l): Lay => {
      if (!l.body) return l;
      if (!cut) return ((cut = true), l);
      const { body: _, ...rest } = l;
      return rest;
    });
}

const lay = (atMs: number, keeping: Keeping, boundary: Boundary, box: string | null = null): Lay => ({
  atMs,
  fromMs: atMs,
  keeping,
  boundary,
  box,
  wrapping: null,
});

/** Frozen nothing spoils: how cold a freezer was matters only where it warmed past this, degC. */
const FROZEN_C = -6;

/** What a pack met in a store, in stretches of nearly one warmth, each at its warm end. `toMs` null: it lies there still. */
function inStore(book: Book, p: PackState['places'][number], fromMs: number, toMs: number | null): Lay[] {
  const store = storeOfPlace(book, p);
  const course = courseOfStore(book, store);
  const end = toMs ?? Math.max(fromMs + 1, course.atMs.at(-1)! + 1);
  const once = (c: number): Lay[] => [lay(fromMs, store.place, meets('fridge', c))];
  if (store.place === 'freezer' && warmerThan(course, FROZEN_C, fromMs, end).length === 0)
    // It was as warm as it was read, whatever a freezer usually is.
    return once(
      stretchesOf(course, fromMs, end).reduce((c, s) => Math.max(c, s.fromC, s.toC), storeAt(course, fromMs)),
    );
  const out: Lay[] = [];
  let frozen = false;
  for (const m of metInStore(course, fromMs, end)) {
    const still = store.place === 'freezer' && m.c < FROZEN_C;
    if (still && frozen) continue;
    frozen = still;
    out.push(lay(m.fromMs, store.place, meets('fridge', still ? Math.max(m.c, store.setC) : m.c)));
  }
  return out.length > 0 ? out : once(storeAt(course, fromMs));
}

/** What a fish met while it lay in a box: ice as long as the box has any, then what the box warms to. */
function inBox(asked: Asks<'book' | 'species'>, stay: Stay, trip: TripState | null): Lay[] {
  const how = stay.how === 'slurry' ? 'still slurry' : 'wet ice';
  const fillings = trip ? fillingsFrom(asked, stay.box, trip.id, stay.toMs) : [];
  if (fillings.length === 0) {
    // Nothing is known of this box.
    const goneMs = stay.fromMs + ICE_LASTS_H * HOUR_MS;
    const gone = lay(goneMs, 'box without ice', meets('still air', TYPICAL_C.boxAfter), stay.box);
    return [lay(stay.fromMs, 'box', meets(how, TYPICAL_C.box), stay.box), ...(goneMs < stay.toMs ? [gone] : [])];
  }
  return fillings.flatMap((f, i): Lay[] => {
    const fromMs = i === 0 ? stay.fromMs : Math.max(stay.fromMs, f.fromMs);
    const toMs = Math.min(stay.toMs, fillings[i + 1]?.fromMs ?? Number.POSITIVE_INFINITY);
    return toMs > fromMs ? inFilling(f, stay.box, how, fromMs, toMs) : [];
  });
}

function inFilling(f: Filling, box: string, how: 'still slurry' | 'wet ice', fromMs: number, toMs: number): Lay[] {
  const out: Lay[] = [];
  const ice = (atMs: number): void => void out.push(lay(atMs, 'box', meets(how, f.meltC), box));
  let at = fromMs;
  for (const w of f.course.without) {
    const [a, b] = [Math.max(w.fromMs, fromMs), Math.min(w.toMs ?? Number.POSITIVE_INFINITY, toMs)];
    if (b <= a) continue;
    if (a > at) ice(at);
    out.push(...warming(f, box, a, b));
    at = b;
  }
  if (at < toMs) ice(at);
  return out;
}

/** A box without ice, in stretches of nearly one warmth. */
function warming(f: Filling, box: string, fromMs: number, toMs: number): Lay[] {
  const out: Lay[] = [];
  const { samples } = f.course;
  let held = Number.NaN;
  for (let i = 0; i < samples.length; i++) {
    const s = samples[i]!;
    const end = samples[i + 1]?.atMs ?? Number.POSITIVE_INFINITY;
    if (end <= fromMs) continue;
    if (s.atMs >= toMs) break;
    const mid = (s.mediumC + (samples[i + 1]?.mediumC ?? s.mediumC)) / 2;
    if (Math.abs(mid - held) < SAME_K) continue;
    held = mid;
    const boundary = meets(s.covered ? 'still water' : 'still air', mid);
    out.push(lay(Math.max(fromMs, s.atMs), 'box without ice', boundary, box));
  }
  return out.length > 0
    ? out
    : [lay(fromMs, 'box without ice', meets('still air', samples.at(-1)?.mediumC ?? TYPICAL_C.boxAfter), box)];
}

/** A stretch of the history of a fish: where, from when to when, epoch ms. */
export interface LayStretch {
  readonly keeping: Keeping;
  readonly fromMs: number;
  readonly toMs: number;
}

/** The same as stretches that follow each other up to `untilMs`; neighbours of one kind are one. */
export function layStretches(asked: Asks<'book' | 'species'>, line: CustodyLine, untilMs: number): LayStretch[] {
  const lays = historyOf(asked, line);
  const out: LayStretch[] = [];
  lays.forEach((l, i) => {
    const toMs = Math.min(untilMs, lays[i + 1]?.atMs ?? untilMs);
    if (toMs <= l.atMs) return;
    const before = out.at(-1);
    if (before?.keeping === l.keeping) out[out.length - 1] = { ...before, toMs };
    else out.push({ keeping: l.keeping, fromMs: l.atMs, toMs });
  });
  return out;
}
