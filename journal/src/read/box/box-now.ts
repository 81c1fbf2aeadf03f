import type { Asks } from '../asked.ts';
import { sampleBefore } from '@dagboek/core/heat';
import { epochMs } from '@dagboek/core/time';
import { fishOnIce } from '../board/waiting.ts';
import { tripsInOrder } from '../bodies/order.ts';
import { staysOf } from '../places/stays-of.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState, TripState } from '../../log/state/states.ts';
import { bandOf, type Filling, fillingOf } from '../warmth/filling.ts';

const HOUR_MS = 3_600_000;

/** A box at an instant, as it is reckoned. */
export interface BoxNow {
  readonly atMs: number;
  readonly iceKg: number;
  /** Nineteen in twenty lie between. */
  readonly lowKg: number;
  readonly highKg: number;
  readonly waterKg: number;
  readonly mediumC: number;
  /** The most ice that lay in it so far, kg. */
  readonly mostKg: number;
  /** Melting now, kg an hour; 0 without ice. */
  readonly meltKgH: number;
  /** When the ice ends: as reckoned, and one in forty before and after; null where it does not within what is reckoned (`lateMs` also where the later end lies beyond it). */
  readonly goneMs: number | null;
  readonly earlyMs: number | null;
  readonly lateMs: number | null;
  /** Since when there is none; null while there is. */
  readonly withoutMs: number | null;
  /** Nobody noted how much ice went in, and nobody looked since: what is said to be there is assumed. */
  readonly assumed: boolean;
}

/** Columns of a filling's samples, laid out once. */
const columns = new WeakMap<Filling, { atMs: Float64Array; iceKg: Float64Array; knownMs: Float64Array }>();
function columnsOf(f: Filling): { atMs: Float64Array; iceKg: Float64Array; knownMs: Float64Array } {
  const known = columns.get(f);
  if (known) return known;
  const made = {
    atMs: Float64Array.from(f.course.samples, (s) => s.atMs),
    iceKg: Float64Array.from(f.course.samples, (s) => s.iceKg),
    knownMs: Float64Array.from(f.melting.samples, (s) => s.atMs),
  };
  columns.set(f, made);
  return made;
}

/** On a straight line to the next sample that lies later. */
function along(atMs: Float64Array, of: (i: number) => number, ms: number): number {
  const i = sampleBefore(atMs, ms);
  const [a, b] = [atMs[i]!, atMs[i + 1]];
  if (b === undefined || ms <= a || b <= a) return of(i);
  return of(i) + ((of(i + 1) - of(i)) * (ms - a)) / (b - a);
}

/** A box at an instant: as it was, is, or will be if nothing is done. */
export function boxAt(f: Filling, ms: number): BoxNow {
  const { atMs, knownMs } = columnsOf(f);
  const { samples } = f.course;
  const band = bandOf(f);
  const of = (pick: (i: number) => number): number => along(atMs, pick, ms);
  const iceKg = of((i) => samples[i]!.iceKg);
  const known = (list: Float64Array): number => along(knownMs, (i) => list[i]!, ms);
  const without = f.course.without.find((w) => ms >= w.fromMs && (w.toMs === null || ms < w.toMs)) ?? null;
  const i = sampleBefore(atMs, ms);
  const mostKg = samples.slice(0, i + 1).reduce((m, s) => Math.max(m, s.iceKg), 0);
  const next = samples.find((s) => s.atMs > ms + HOUR_MS / 2) ?? samples.at(-1)!;
  const hours = (next.atMs - ms) / HOUR_MS;
  const goneMs = f.course.without.find((w) => w.fromMs > ms)?.fromMs ?? null;
  return {
    atMs: ms,
    iceKg: without ? 0 : iceKg,
    // What was seen since may have set the course right: it lies within its own bounds.
    lowKg: without ? 0 : Math.min(iceKg, known(band.lowKg)),
    highKg: without ? 0 : Math.max(iceKg, known(band.highKg)),
    waterKg: of((k) => samples[k]!.waterKg),
    mediumC: of((k) => samples[k]!.mediumC),
    mostKg,
    meltKgH: without || hours <= 0 ? 0 : Math.max(0, (iceKg - next.iceKg) / hours),
    goneMs,
    earlyMs: goneMs === null ? null : Math.min(goneMs, Math.max(ms, band.gone.early ?? goneMs)),
    lateMs: goneMs === null || band.gone.late === null ? null : Math.max(goneMs, band.gone.late),
    withoutMs: without?.fromMs ?? null,
    assumed: f.iceAssumed && f.found.length === 0,
  };
}

/** Fish that lay in a box at an instant, the first put in first; of later ones those that lie there now. */
export function fishInBoxAt(book: Book, f: Filling, ms: number): FishState[] {
  const lain = f.fish.flatMap((id) => {
    const fish = book.get('fish', id);
    const stay = fish && staysOf(book, fish).find((s) => s.box === f.box.id && s.fromMs <= ms && ms < s.toMs);
    return fish && stay ? [{ fish, fromMs: stay.fromMs }] : [];
  });
  // What was left in it from a trip before.
  const own = new Set(f.fish);
  const left = fishOnIce(book)
    .filter((x) => x.iced?.box === f.box.id && !own.has(x.id))
    .map((fish) => ({ fish, fromMs: epochMs(fish.iced?.at ?? '') }))
    .filter((x) => x.fromMs <= ms);
  return [...left, ...lain].sort((a, b) => a.fromMs - b.fromMs).map((x) => x.fish);
}

/** The trip that a box is filled for now: the one under way with it, or the last of those whose fish still lie in it. Null for an empty box at home. */
export function tripOfBox(book: Book, boxId: string): TripState | null {
  const under = tripsInOrder(book).findLast((t) => t.box === boxId && !t.endedAt);
  if (under) return under;
  const trips = new Set(fishOnIce(book).flatMap((f) => (f.iced?.box === boxId ? [f.trip] : [])));
  return (
    [...trips]
      .flatMap((id) => book.getAny('trip', id) ?? [])
      .sort((a, b) => epochMs(a.startedAt) - epochMs(b.startedAt))
      .at(-1) ?? null
  );
}

/** What lies in a box now, reckoned; null for one that is empty, or not known. */
export function currentFilling(asked: Asks<'book' | 'species'>, boxId: string): Filling | null {
  const { book } = asked;
  const trip = tripOfBox(book, boxId);
  return trip && fillingOf(asked, boxId, trip.id);
}
