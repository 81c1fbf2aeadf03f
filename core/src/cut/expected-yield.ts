import type { SpeciesFacts } from '../species/index.ts';
import type { Stage } from './mass-balance.ts';

/** What a stage usually weighs, in grams, for a round weight. Null where the species' file has no figure. */
export function expectedStage(
  species: Pick<SpeciesFacts, 'yields'>,
  stage: Stage,
  roundG: number,
): readonly [number, number] | null {
  if (stage === 'round') return null;
  const share = species.yields[stage];
  return share ? [share[0] * roundG, share[1] * roundG] : null;
}

/** How a weight stands against the usual. */
export const againstUsual = (massG: number, usual: readonly [number, number]): 'under' | 'usual' | 'over' =>
  massG < usual[0] ? 'under' : massG > usual[1] ? 'over' : 'usual';
