import type { MarinadeAsked, Method, StageAsked } from '@dagboek/core/cook';
import { plainRecipe, type Recipe, withMarinade, withStages } from '@dagboek/core/recipes';
import type { LayIn } from '../../log/facts/lay-in.ts';

/** What a fish lay in, as it is asked of the core. */
export const marinadeOfLay = ({ in: id, minutes }: LayIn): MarinadeAsked => ({ id, minutes });

/**
 * A recipe as its dish is cooked: with what the fish lies in first and the fires around its own, in steps and in what must be bought. Null
 * where there is no recipe and nothing besides the way.
 */
export function recipeAsCooked(
  recipe: Recipe | null,
  method: Method | null,
  lay: MarinadeAsked | null,
  stages: readonly StageAsked[],
): Recipe | null {
  const more = lay !== null || stages.length > 0;
  const from = recipe ?? (more && method ? plainRecipe(method) : null);
  return from && withStages(withMarinade(from, lay), stages);
}
