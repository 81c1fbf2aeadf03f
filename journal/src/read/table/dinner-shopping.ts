import { type Portion, sayAllergens, shoppingList } from '@dagboek/core/recipes';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { recipeOf } from './kitchen-of.ts';

/** What a dinner takes: what must be bought, what the house has, what must be declared. Null where none of its dishes has a recipe. */
export function dinnerShopping(
  book: Book,
  d: DinnerState,
): {
  readonly buy: readonly Portion[];
  readonly have: readonly Portion[];
  /** In a sentence. */
  readonly allergens: string | null;
} | null {
  const plates = Math.max(1, d.eaters.length + d.guests);
  const dishes = d.dishes.flatMap((x) => {
    const recipe = recipeOf(book, x.recipe);
    return recipe ? [{ recipe, amounts: { plates, fishG: x.packs.reduce((g, p) => g + p.massG, 0) } }] : [];
  });
  if (dishes.length === 0) return null;
  return {
    ...shoppingList(dishes, book.all('book')[0]?.pantry ?? []),
    allergens: sayAllergens(dishes.map((x) => x.recipe)),
  };
}
