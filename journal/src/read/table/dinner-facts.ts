import { type Cooking, type DishAsked, FIT, type Method } from '@dagboek/core/cook';
import { NO_FISH, plainRecipe, type Recipe, tasksOf } from '@dagboek/core/recipes';
import type { Means } from '@dagboek/core/schedule';
import type { FactsOf } from '../../log/kinds/index.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';

/** What a dinner is planned from. */
export interface DinnerAsked {
  readonly name: string;
  readonly method: Method;
  /** Null: no recipe, the way alone. */
  readonly recipe: Recipe | null;
  readonly packs: DinnerDish['packs'];
  /** What was asked of the fire, and what it came to; null where it is not timed. */
  readonly fire: DishAsked | null;
  readonly cooking: Cooking | null;
  readonly batches: number;
  readonly sides: readonly Recipe[];
  readonly plates: number;
  readonly serveAtMs: number;
  readonly means: Means;
  readonly cook: string;
  readonly eaters: readonly string[];
  readonly guests: number;
}

const tenth = (n: number): number => Math.round(n * 10) / 10;
/** A way that is not timed is given so long, min. */
const UNTIMED = { cookMin: 10, restMin: 2, batches: 1 };
/** Of a dish without fish. */
const NO_TIMES = {
  method: null,
  mediumC: null,
  thicknessMm: null,
  startC: null,
  toC: null,
  pulledC: null,
  cookMin: null,
  lowMin: null,
  highMin: null,
  restMin: null,
  fire: null,
} as const;

/** A dinner as it is written down: its dishes, its steps, what the kitchen has. The fish is dish `fish`, what stands beside it `side1` on. */
export function dinnerFacts(a: DinnerAsked): FactsOf<'dinner.set'> {
  const { cooking, fire } = a;
  const times = cooking && {
    toC: tenth(cooking.reachesC),
    pulledC: tenth(cooking.course.pulledC),
    cookMin: tenth(cooking.course.pulledS / 60),
    lowMin: tenth(cooking.lowS / 60),
    highMin: tenth(cooking.highS / 60),
    restMin: tenth(Math.max(0, cooking.course.peakS - cooking.course.pulledS) / 60),
  };
  const recipe = a.recipe ?? plainRecipe(a.method);
  return {
    serveAtMs: a.serveAtMs,
    dishes: [
      {
        ...NO_TIMES,
        id: 'fish',
        name: a.name,
        recipe: a.recipe?.id ?? null,
        packs: a.packs,
        method: a.method.id,
        mediumC: fire?.setting.mediumC ?? null,
        thicknessMm: fire?.piece.thicknessMm ?? null,
        startC: fire?.startC ?? null,
        ...times,
        fire: cooking && fire ? { ...fire, fit: FIT } : null,
      },
      ...a.sides.map((r, i) => ({ ...NO_TIMES, id: `side${i + 1}`, name: r.name, recipe: r.id, packs: [] })),
    ],
    tasks: [
      ...tasksOf({
        id: 'fish',
        recipe: { ...recipe, name: a.name },
        plates: a.plates,
        fish: times ? { ...times, batches: a.batches } : UNTIMED,
      }),
      ...a.sides.flatMap((r, i) => tasksOf({ id: `side${i + 1}`, recipe: r, plates: a.plates, fish: NO_FISH })),
    ],
    means: a.means,
    cook: a.cook,
    eaters: [...a.eaters],
    ...(a.guests > 0 ? { guests: a.guests } : {}),
  };
}
