import type { SpeciesFacts } from '../species/index.ts';
import type { Stage } from './mass-balance.ts';
import { type CutRoute, routeOf } from './routes.ts';

/** What a stage usually weighs, in grams, for a round weight. Null where the species' file has no
 * figure, or has none that holds on this route (a steak keeps its bone). */
export function expectedStage(
  species: Pick<SpeciesFacts, 'yields'>,
  stage: Stage,
  roundG: number,
  route: CutRoute = routeOf(''),
): readonly [number, number] | null {
  if (stage === 'round' || !route.usual.includes(stage)) return null;
  const share = species.yields[stage];
  return share ? [share[0] * roundG, share[1] * roundG] : null;
}
