import { epochMs } from '@dagboek/core/time';
import { tripsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { TripState } from '../../log/state/states.ts';

/** A trip and when it set out, epoch ms. */
export interface SetOut {
  readonly trip: TripState;
  readonly ms: number;
}

/** Trips that set out with a box, in the order of time, with when they did: asked for every fish, reckoned once. */
export const tripsWith = (book: Book, boxId: string): readonly SetOut[] =>
  book.reckoned(`trips with box ${boxId}`, ['trip'], [], () =>
    tripsInOrder(book)
      .filter((t) => t.box === boxId)
      .map((trip) => ({ trip, ms: epochMs(trip.startedAt) })),
  );

/** Index of the first of them that set out at or after an instant. */
export function firstFrom(list: readonly SetOut[], ms: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (list[mid]!.ms < ms) low = mid + 1;
    else high = mid;
  }
  return low;
}
