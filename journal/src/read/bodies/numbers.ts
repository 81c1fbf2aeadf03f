import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

const writtenFirst = (f: FishState): number =>
  Math.min(...f.log.filter((l) => l.first.kind === 'fish.landed').map((l) => epochMs(l.first.written)));

/**
 * The number of every fish of a trip, struck ones included: the one given when it was landed, for ever. Fish of books
 * written before numbers were kept are counted in the order in which they were noted, which no back-dating changes. Two
 * devices that gave the same number keep it both, the later noted with a letter: 7 and 7b.
 */
export function fishNumbers(book: Book, tripId: string): ReadonlyMap<string, string> {
  const fish = book
    .namingAny('fish', tripId)
    .map((f) => ({ f, written: writtenFirst(f) }))
    .sort((a, b) => a.written - b.written || (a.f.id < b.f.id ? -1 : 1))
    .map((x) => x.f);
  const given = new Set(fish.flatMap((f) => f.number ?? []));
  const taken = new Map<number, number>();
  let next = 1;
  const out = new Map<string, string>();
  for (const f of fish) {
    let n = f.number;
    if (n === null) {
      while (given.has(next)) next++;
      n = next++;
    }
    const before = taken.get(n) ?? 0;
    taken.set(n, before + 1);
    out.set(f.id, before === 0 ? String(n) : `${n}${String.fromCharCode(97 + Math.min(25, before))}`);
  }
  return out;
}

/** The number for the next fish of a trip: above all that were ever given. */
export const nextFishNumber = (book: Book, tripId: string): number =>
  Math.max(0, ...[...fishNumbers(book, tripId).values()].map((n) => Number.parseInt(n, 10))) + 1;
