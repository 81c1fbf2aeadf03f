import {
  highsSolver,
  type MenuWishes,
  type MipSolver,
  methodsOf,
  type Planned,
  solveMenu,
  type Suits,
} from '@dagboek/core/menu';

/** A plan of meals, with a way to cook for each; or why there is none. */
export interface PlannedMeals {
  /** Null when the solver itself was not on this device, and could not be fetched. */
  readonly planned: Planned | null;
  /** One for each meal of the plan. */
  readonly methods: readonly (Suits | null)[];
  /** Of which wishes it is. */
  readonly of: MenuWishes;
}

/** So long both reckonings of a plan may take together, s. */
const SECONDS = 12;

/** The solver, with its WebAssembly; null where it cannot be fetched. */
const solver = async (): Promise<MipSolver | null> => {
  try {
    const [{ default: load }, { default: at }] = await Promise.all([import('highs'), import('highs/runtime?url')]);
    return highsSolver(await load({ locateFile: () => at }));
  } catch {
    return null;
  }
};

/** Plans meals, in a worker: the solver and its megabytes are fetched when the first plan is asked for. */
export async function planMeals(wishes: MenuWishes): Promise<PlannedMeals> {
  const solve = await solver();
  if (!solve) return { planned: null, methods: [], of: wishes };
  const planned = solveMenu(wishes, solve, SECONDS);
  return { planned, methods: planned.ok ? methodsOf(planned.menu.meals, wishes.days) : [], of: wishes };
}
