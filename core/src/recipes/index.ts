export { ALLERGENS, allergensOf, COURSES, PER, recipeTrouble, UNITS } from './recipe.ts';
export type { Allergen, Ingredient, Recipe, Step } from './recipe.ts';
export { RECIPES, recipesFor } from './recipe-book.ts';
export { plainRecipe } from './plain-recipe.ts';
export { amountOf, sayPortion, scaled, sensible, shoppingList } from './scale.ts';
export type { Amounts, Portion } from './scale.ts';
export { NO_FISH, taskId, tasksOf } from './tasks-of.ts';
export type { CookMinutes, DishWork } from './tasks-of.ts';
export { durationMinutes, fromJsonLd, readIngredient, toJsonLd } from './json-ld.ts';
