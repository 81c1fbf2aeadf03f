import { type Bodied, type ConductionBody, fishBody } from '@dagboek/core/heat';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { FishState } from '../../log/state/states.ts';
import { massOf } from './mass-of.ts';

/** A fish of no name or weight is taken for a middling round one of half a kilo. */
const ANY_FISH: Bodied = {
  shape: { depth: [0.2, 0.25], widthToDepth: 0.55 },
  weight: { a: 0.01, b: 3, sdLog: 0.1 },
  fat: 'lean',
};
export const ANY_G = 500;

/** How one fish takes up heat, and its weight, g. */
export function bodyOf(fish: FishState, species: SpeciesFacts | null): { body: ConductionBody; massG: number } {
  const massG = massOf(fish, species)?.g ?? ANY_G;
  return { body: fishBody(species ?? ANY_FISH, massG), massG };
}
