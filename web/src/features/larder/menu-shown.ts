import { type MenuMeal, type MenuWishes } from '@dagboek/core/menu';
import { type Book, keptMeals, plannedDay } from '@dagboek/journal';
import { type MenuFound } from './use-menu.ts';

export interface Shown {
  readonly meals: readonly MenuMeal[];
  readonly wishes: MenuWishes;
  readonly methodOf: (day: number) => { readonly method: string; readonly why: string | null } | null;
}

/** What the solver found. */
export function fromPlan(plan: MenuFound): Shown {
  const meals = plan.planned.ok ? plan.planned.menu.meals : [];
  return {
    meals,
    wishes: plan.of,
    methodOf: (d) => plan.methods[meals.findIndex((m) => m.day === d)] ?? null,
  };
}

/** What was kept, while no plan is reckoned, or none could be. */
export const fromBook = (book: Book, wishes: MenuWishes): Shown => ({
  meals: keptMeals(book, wishes),
  wishes,
  methodOf: (d) => {
    const method = plannedDay(book, wishes.days[d]!.day)?.method;
    return method ? { method, why: null } : null;
  },
});
