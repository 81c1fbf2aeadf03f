import type { Asks } from '../asked.ts';
import { type SpeciesFacts, waterOfGround } from '@dagboek/core/species';
import type { FishState } from '../../log/state/states.ts';

/** Sea, fresh water, or not known which. */
export type Water = 'sea' | 'fresh' | 'not known';

/** Of some waters the one that asks for most: fresh, then what is not known. */
export const strictest = (all: readonly Water[]): Water =>
  all.includes('fresh') ? 'fresh' : all.length === 0 || all.includes('not known') ? 'not known' : 'sea';

/** In which water a species lives, as its file says; one of both, not known. */
export function waterOfSpecies(species: Pick<SpeciesFacts, 'waters' | 'grounds'> | null): Water {
  const waters = species?.waters;
  if (!species || !waters) return 'not known';
  const [fresh, salt] = [waters.includes('fresh'), waters.includes('salt')];
  return fresh ? (salt ? 'not known' : 'fresh') : 'sea';
}

/** In which water a fish was caught: by its species where that lives in one alone, else by the ground where it was landed. */
export function waterOfFish(
  { book, rules }: Asks<'book' | 'rules'>,
  fish: FishState,
  species: SpeciesFacts | null,
): Water {
  const own = waterOfSpecies(species);
  if (own !== 'not known') return own;
  const trip = book.getAny('trip', fish.trip);
  const zone = rules && trip?.waters === rules.id ? rules.zones.find((z) => z.id === trip.zone) : undefined;
  const waters = (zone?.grounds ?? []).map((g) => waterOfGround(g) ?? 'not known');
  // Between the two, as in an estuary, it may have come from either.
  return waters.length > 0 && !zone!.grounds.includes('estuary mud') ? strictest(waters) : 'not known';
}
