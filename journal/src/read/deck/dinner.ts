import type { Asks } from '../asked.ts';
import { type DinnerMeat, meatOfAll, type MeatOf } from '@dagboek/core/plates';
import type { SpeciesFacts } from '@dagboek/core/species';
import { massOf } from '../bodies/mass-of.ts';
import { fishOfTrip } from '../bodies/order.ts';
import type { FishState } from '../../log/state/states.ts';

type ById = (id: string | null) => SpeciesFacts | null;

/** One fish or lot as meat; null of what is never eaten (or may be such a fish), or of which no weight is known. */
function meatOfFish(fish: FishState, byId: ById): MeatOf | null {
  if ([fish.species, ...fish.orElse].some((id) => byId(id)?.raw?.verdict === 'never')) return null;
  const species = byId(fish.species);
  const mass = massOf(fish, species);
  if (!species || !mass) return null;
  return { species, roundG: mass.g * fish.count, count: fish.count, weighed: mass.how === 'scale' };
}

/** Is it enough for dinner: what a trip has kept, and what the fish in hand would make of it. */
export interface Dinner {
  readonly kept: DinnerMeat;
  /** With the fish in hand; null when there is none, or it feeds nobody. */
  readonly withThis: DinnerMeat | null;
}

/** A fish is decided on until it is killed: from then on it is kept, wherever it lies. */
const isDecidedOn = (f: FishState): boolean => !f.dispatched && !f.bled && !f.iced;

/** The boneless meat and the plates of what a trip has kept; `fish`: the one in hand, which is not counted as kept while it is decided on. */
export function dinnerOf(
  { book, species: byId }: Asks<'book' | 'species'>,
  tripId: string,
  fish: FishState | null,
): Dinner {
  const inHand = fish && isDecidedOn(fish) ? fish : null;
  const kept = fishOfTrip(book, tripId)
    .filter((f) => !f.released && !f.discarded && f.id !== inHand?.id)
    .flatMap((f) => meatOfFish(f, byId) ?? []);
  const mine = inHand && !inHand.released ? meatOfFish(inHand, byId) : null;
  return { kept: meatOfAll(kept), withThis: mine ? meatOfAll([...kept, mine]) : null };
}
