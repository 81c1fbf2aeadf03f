import { leftIn, type PackLeft } from '../../log/book/pack-left.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState, FishState, MealState, PackState, TripState } from '../../log/state/states.ts';

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

/** Meals that stand, the last served first. */
export function mealsInOrder(book: Book): readonly MealState[] {
  // What a meal hangs on may be struck at any step down to the trip.
  return book.reckoned('meals in order', ['trip', 'fish', 'cut', 'pack', 'meal'], [], () =>
    latestFirst(book.all('meal')),
  );
}

/** The same, struck ones too. */
export const mealsListed = (book: Book): readonly MealState[] =>
  book.reckoned('meals listed', ['meal'], [], () => latestFirst(book.allAny('meal')));

const latestFirst = (meals: readonly MealState[]): MealState[] =>
  meals
    .map((m) => ({ m, ms: Date.parse(m.servedAt) }))
    .sort((a, b) => b.ms - a.ms)
    .map((x) => x.m);

/** The cut that was begun last; null before the first. */
export const lastCut = (book: Book): CutState | null =>
  book.reckoned('last cut', ['trip', 'fish', 'cut'], [], () =>
    book
      .all('cut')
      .reduce<CutState | null>((a, b) => (a && Date.parse(a.startedAt) >= Date.parse(b.startedAt) ? a : b), null),
  );

/** Fish and lots of a trip in the order in which they were landed; a fish's number is its place here, from 1. */
export function fishOfTrip(book: Book, tripId: string): FishState[] {
  return book
    .naming('fish', tripId)
    .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1));
}

/** The trip under way: the last one begun that has not ended. */
export const openTrip = (book: Book): TripState | null => tripsInOrder(book).findLast((t) => !t.endedAt) ?? null;

/** What is left of a pack, and where the rest went. */
export const packLeft = (book: Book, pack: PackState): PackLeft =>
  leftIn(pack, book.naming('meal', pack.id), book.naming('pack', pack.id));
