import { custodyOf } from '../line/custody.ts';
import { fishOfTrip } from '../line/order.ts';
import type { Book } from '../state/book.ts';
import type { FishState } from '../state/states.ts';

/** Fish of a trip that somebody has to see to now, in the order in which they were landed. */
export function fishInHand(book: Book, tripId: string): { inHand: FishState[]; bleeding: FishState[] } {
  const lines = fishOfTrip(book, tripId)
    .filter((f) => !f.released && !f.iced)
    .map((f) => ({ f, where: custodyOf(book, f.id)?.where }));
  const at = (w: 'in hand' | 'bleeding'): FishState[] => lines.filter((l) => l.where === w).map((l) => l.f);
  return { inHand: at('in hand'), bleeding: at('bleeding') };
}
