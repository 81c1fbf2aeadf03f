import { custodyOf, fishOfTrip, type FishState, type TripState, type Whereabouts } from '@dagboek/journal';
import { useBook } from './journal/journal-context.tsx';

/** Fish of a trip by where they are now. */
export function useInHand(trip: TripState | null): {
  fish: FishState[];
  where: Map<string, Whereabouts>;
  inHand: FishState[];
  bleeding: FishState[];
} {
  const { book } = useBook();
  const fish = trip ? fishOfTrip(book, trip.id) : [];
  const where = new Map(fish.map((f) => [f.id, custodyOf(book, f.id)?.where ?? 'in hand']));
  const at = (w: Whereabouts): FishState[] => fish.filter((f) => where.get(f.id) === w);
  return { fish, where, inHand: at('in hand'), bleeding: at('bleeding') };
}
