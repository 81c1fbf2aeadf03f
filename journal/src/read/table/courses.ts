import type { Book } from '../../log/book/book.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { DinnerState, MealState } from '../../log/state/states.ts';

const MIN_MS = 60_000;

/** The dishes of a dinner that are made of packs, in their order. */
export const dishesOfFish = (d: Pick<DinnerState, 'dishes'>): DinnerDish[] =>
  d.dishes.filter((x) => x.packs.length > 0);

/** The dish that a step is of, by its id. */
export const dishOfStep = (task: string): string => task.split('/')[0]!;

/** Minutes after the hour of the dinner at which a dish is on the table. */
const servedMin = (d: Pick<DinnerState, 'dishes'>, dish: string): number =>
  d.dishes.find((x) => x.id === dish)?.servedMin ?? 0;

/** When the last of it is served as it was planned, epoch ms: the plan is counted back from there. */
export const lastServedMs = (d: Pick<DinnerState, 'dishes' | 'serveAtMs'>): number =>
  d.serveAtMs + Math.max(...d.dishes.map((x) => x.servedMin ?? 0)) * MIN_MS;

/** How long before the last of it a dish is served, min. */
export const servedBefore = (d: Pick<DinnerState, 'dishes' | 'serveAtMs'>, dish: string): number =>
  Math.round((lastServedMs(d) - d.serveAtMs) / MIN_MS) - servedMin(d, dish);

/** Dishes that are served together, and when, epoch ms. */
export interface Course {
  readonly servedMs: number;
  readonly dishes: readonly DinnerDish[];
}

/** The courses of a dinner, the first first; one where all is served together. `lateMin`: so much later than was asked. */
export function coursesOf(d: Pick<DinnerState, 'dishes' | 'serveAtMs'>, lateMin = 0): Course[] {
  const hours = [...new Set(d.dishes.map((x) => x.servedMin ?? 0))].sort((a, b) => a - b);
  return hours.map((min) => ({
    servedMs: d.serveAtMs + (min + lateMin) * MIN_MS,
    dishes: d.dishes.filter((x) => (x.servedMin ?? 0) === min),
  }));
}

/** The meals that a dinner has become so far, by its dishes; one that names none was all of it. */
export function mealsOfDinner(
  book: Book,
  d: DinnerState,
): { readonly dish: string | null; readonly meal: MealState }[] {
  const packs = new Set(d.dishes.flatMap((x) => x.packs.map((p) => p.pack)));
  const meals = new Map([...packs].flatMap((p) => book.naming('meal', p)).map((m) => [m.id, m]));
  return [...meals.values()].filter((m) => m.dinner === d.id).map((meal) => ({ dish: meal.dish, meal }));
}

/** Its dishes of fish that are not on the table yet, in the order of their hours. */
export function dishesToServe(book: Book, d: DinnerState): DinnerDish[] {
  if (d.ended) return [];
  const served = new Set(mealsOfDinner(book, d).map((m) => m.dish));
  return dishesOfFish(d)
    .filter((x) => !served.has(x.id))
    .sort((a, b) => (a.servedMin ?? 0) - (b.servedMin ?? 0));
}
