import { highsSolver, type MenuWishes, methodsOf, type Planned, solveMenu, type Suits } from '@dagboek/core/menu';

/** A plan of meals, with a way to cook for each; or why there is none. */
export interface PlannedMeals {
  readonly planned: Planned;
  /** One for each meal of the plan. */
  readonly methods: readonly (Suits | null)[];
}

/** So long both reckonings of a plan may take together, s. */
const SECONDS = 12;

/** Plans meals, in a worker: the solver and its two megabytes are fetched when the first plan is asked for. */
export async function planMeals(wishes: MenuWishes): Promise<PlannedMeals> {
  const [{ default: load }, { default: at }] = await Promise.all([import('highs'), import('highs/runtime?url')]);
  const highs = await load({ locateFile: () => at });
  const planned = solveMenu(wishes, highsSolver(highs), SECONDS);
  return { planned, methods: planned.ok ? methodsOf(planned.menu.meals, wishes.days) : [] };
}
