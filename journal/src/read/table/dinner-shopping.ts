import { methodOf, type StageAsked } from '@dagboek/core/cook';
import { type Portion, type Recipe, sayAllergens, shoppingList } from '@dagboek/core/recipes';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import { marinadeOfLay, recipeAsCooked } from './recipe-as-cooked.ts';
import { recipeOf } from './kitchen-of.ts';

/** A dish as it is cooked; null of one that needs nothing said. */
function cookedAs(book: Book, d: DinnerDish): Recipe | null {
  const stages = (d.fire as { stages?: readonly StageAsked[] } | null)?.stages ?? [];
  return recipeAsCooked(
    recipeOf(book, d.recipe),
    methodOf(d.method ?? ''),
    d.lay ? marinadeOfLay(d.lay) : null,
    stages,
  );
}

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
    const recipe = cookedAs(book, x);
    return recipe ? [{ recipe, amounts: { plates, fishG: x.packs.reduce((g, p) => g + p.massG, 0) } }] : [];
  });
  if (dishes.length === 0) return null;
  return {
    ...shoppingList(dishes, book.all('book')[0]?.pantry ?? []),
    allergens: sayAllergens(dishes.map((x) => x.recipe)),
  };
}
