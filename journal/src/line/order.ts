import type { Book } from '../state/book.ts';
import type { FishState, PackState, TripState } from '../state/states.ts';

/** Trips in the order in which they began; a trip's number is its place here, from 1. */
export function tripsInOrder(book: Book): readonly TripState[] {
  return book.reckoned('trips in order', ['trip'], [], () =>
    book
      .all('trip')
      .map((t) => ({ t, ms: Date.parse(t.startedAt) }))
      .sort((a, b) => a.ms - b.ms || (a.t.id < b.t.id ? -1 : 1))
      .map((x) => x.t),
  );
}

/** Fish and lots of a trip in the order in which they were landed; a fish's number is its place here, from 1. */
export function fishOfTrip(book: Book, tripId: string): FishState[] {
  return book
    .naming('fish', tripId)
    .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1));
}

/** The trip under way: the last one begun that has not ended. */
export const openTrip = (book: Book): TripState | null => tripsInOrder(book).findLast((t) => !t.endedAt) ?? null;

/** Grams of a pack eaten so far, and left. A pack thrown away has nothing left. */
export function packLeft(book: Book, pack: PackState): { eatenG: number; leftG: number } {
  const eatenG = book
    .naming('meal', pack.id)
    .reduce((g, m) => g + m.packs.filter((p) => p.pack === pack.id).reduce((n, p) => n + p.massG, 0), 0);
  return { eatenG, leftG: pack.discarded ? 0 : Math.max(0, pack.massG - eatenG) };
}
