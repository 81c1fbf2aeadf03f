import { fishOfTrip } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/** A person's first of a species. */
export interface First {
  readonly angler: string;
  readonly species: string;
  readonly fish: FishState;
}

/**
 * Every person's life list: the first fish of each species they landed, oldest first. A fish whose name is not settled
 * ("turbot or brill") counts for none; naming it anew, or striking it, moves the mark.
 */
export function firstsOf(book: Book): readonly First[] {
  return book.reckoned('firsts', ['trip', 'fish'], [], () => {
    const firsts = new Map<string, First>();
    for (const trip of book.all('trip'))
      for (const [key, first] of firstsOfTrip(book, trip.id)) {
        const before = firsts.get(key);
        if (!before || byLanding(first.fish, before.fish) < 0) firsts.set(key, first);
      }
    return [...firsts.values()].sort((a, b) => byLanding(a.fish, b.fish));
  });
}

const byLanding = (a: FishState, b: FishState): number =>
  Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1);

/** The first of each person and species on one trip. */
const firstsOfTrip = (book: Book, tripId: string): ReadonlyMap<string, First> =>
  book.ofTrip(tripId, 'firsts', [], () => {
    const firsts = new Map<string, First>();
    for (const fish of fishOfTrip(book, tripId)) {
      if (fish.species === null || fish.orElse.length > 0) continue;
      const key = `${fish.angler} ${fish.species}`;
      if (!firsts.has(key)) firsts.set(key, { angler: fish.angler, species: fish.species, fish });
    }
    return firsts;
  });

/** Whether this fish is its catcher's first of its species. */
export const isFirst = (book: Book, fish: FishState): boolean =>
  book
    .reckoned('ids of firsts', ['trip', 'fish'], [], () => new Set(firstsOf(book).map((f) => f.fish.id)))
    .has(fish.id);
