import { missingForSteps, SOME_KITCHEN, type Kitchen } from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import type { Book } from '../../log/book/book.ts';

/** A kitchen by its name: that at home has none. `own`: somebody said what it has. */
export type NamedKitchen = Kitchen & { readonly name: string; readonly own: boolean };

/** Every kitchen of a book, that at home first: a small one ashore until somebody says. */
export function kitchensOf(book: Book): NamedKitchen[] {
  const all = (book.all('book')[0]?.kitchens ?? []).map((k): NamedKitchen => ({
    ...k.means,
    vessels: k.vessels,
    name: k.name,
    own: true,
  }));
  const home = all.find((k) => k.name === '') ?? { ...SOME_KITCHEN, name: '', own: false };
  return [home, ...all.filter((k) => k.name !== '').sort((a, b) => a.name.localeCompare(b.name))];
}

/** A kitchen by its name; that at home where there is none of that name any more. */
export function kitchenOf(book: Book, name = ''): NamedKitchen {
  const all = kitchensOf(book);
  return all.find((k) => k.name === name) ?? all[0]!;
}

/** Recipes that a kitchen has all for: each step its place and its vessel. */
export const recipesOfKitchen = (all: readonly Recipe[], kitchen: Kitchen): Recipe[] =>
  all.filter((r) => missingForSteps(kitchen, r.steps) === null);

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
