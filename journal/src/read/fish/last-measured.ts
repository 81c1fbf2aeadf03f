import { epochMs } from '@dagboek/core/time';
import { fishOfTrip } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/** The length read last on a trip, mm, of the same kind of fish where there is one; null before any. Not that of `fish` itself. */
export function lastMeasured(book: Book, fish: Pick<FishState, 'id' | 'trip' | 'species'>): number | null {
  const read = fishOfTrip(book, fish.trip)
    .filter((f) => f.id !== fish.id && f.length !== null)
    .sort((a, b) => epochMs(a.length?.at ?? '') - epochMs(b.length?.at ?? ''));
  return (read.findLast((f) => f.species === fish.species) ?? read.at(-1))?.length?.mm ?? null;
}
