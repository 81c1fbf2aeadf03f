import { custodyOf } from '../places/custody.ts';
import { fishOfTrip } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/** Fish of a trip that somebody has to see to now, in the order in which they were landed. */
export function fishInHand(book: Book, tripId: string): { inHand: FishState[]; bleeding: FishState[] } {
  const lines = fishOfTrip(book, tripId)
    .filter((f) => !f.released && !f.iced)
    .map((f) => ({ f, where: custodyOf(book, f.id)?.where }));
  const at = (w: 'in hand' | 'bleeding'): FishState[] => lines.filter((l) => l.where === w).map((l) => l.f);
  return { inHand: at('in hand'), bleeding: at('bleeding') };
}
