import { SOME_KITCHEN, type Kitchen } from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import type { Book } from '../../log/book/book.ts';

/** What the kitchen of a book has; a small one ashore until somebody says. */
export function kitchenOf(book: Book): Kitchen & { readonly own: boolean } {
  const kitchen = book.all('book')[0]?.kitchen ?? null;
  return kitchen ? { ...kitchen.means, vessels: kitchen.vessels, own: true } : { ...SOME_KITCHEN, own: false };
}

/** Every recipe that is offered: one's own first, in the order of their names, then those that come with it. */
export function recipesOf(book: Book): Recipe[] {
  const own = book
    .all('recipe')
    .filter((r) => !r.retired)
    .map((r) => r.recipe)
    .sort((a, b) => a.name.localeCompare(b.name));
  const ids = new Set(own.map((r) => r.id));
  return [...own, ...RECIPES.filter((r) => !ids.has(r.id))];
}

/** A recipe by its id, also one that was put away; null when there is none. */
export const recipeOf = (book: Book, id: string | null): Recipe | null =>
  id === null ? null : (book.get('recipe', id)?.recipe ?? RECIPES.find((r) => r.id === id) ?? null);
