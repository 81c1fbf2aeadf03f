import {
  cookingOf,
  type DishAsked,
  type DishReckoned,
  FIT,
  type Kitchen,
  type MarinadeAsked,
  type Method,
  methodOf,
  type StageKind,
} from '@dagboek/core/cook';
import {
  type CookMinutes,
  NO_FISH,
  plainRecipe,
  type Recipe,
  tasksOf,
  withMarinade,
  withStages,
} from '@dagboek/core/recipes';
import type { Task } from '@dagboek/core/schedule';
import type { DinnerState } from '../../log/state/states.ts';
import type { FactsOf } from '../../log/kinds/index.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import { roundsOfStage, vesselsUsed } from './in-the-kitchen.ts';
import { vesselsOfDinner } from './vessels-of-dinner.ts';

/** What a dish with fish is planned from, and what stands beside it. */
export interface DishesAsked {
  readonly name: string;
  readonly method: Method;
  /** Null: no recipe, the way alone. */
  readonly recipe: Recipe | null;
  readonly packs: DinnerDish['packs'];
  /** What was asked of the fire, and what it came to; null where it is not timed. */
  readonly fire: DishAsked | null;
  readonly told: DishReckoned | null;
  /** What the fish lies in first; left out: nothing. */
  readonly lay?: MarinadeAsked | null;
  readonly sides: readonly Recipe[];
  readonly plates: number;
  readonly kitchen: Kitchen;
  /** What of it the fish is cooked in; null: nothing that others need. */
  readonly vessel: string | null;
  /** Vessels that other dinners have at about the hour, which are taken where there is no other; left out: none. */
  readonly used?: readonly string[];
}

/** What a dinner is planned from: its first dish with fish, when it is served, who cooks and who eats. */
export interface DinnerAsked extends DishesAsked {
  readonly serveAtMs: number;
  /** The name of the kitchen; left out: the one at home. */
  readonly kitchenName?: string;
  readonly cook: string;
  readonly eaters: readonly string[];
  readonly guests: number;
}

/** A dish that comes to a dinner that is planned. */
export interface JoiningAsked extends DishesAsked {
  /** Its own in the dinner: another than any there. */
  readonly id: string;
  /** On the table so many minutes after the hour of the dinner. */
  readonly servedMin: number;
}

const tenth = (n: number): number => Math.round(n * 10) / 10;
/** A way that is not timed is given so long, min. */
const UNTIMED: CookMinutes = { cookMin: 10, restMin: 2, rounds: 1, againMin: 0 };
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

/** What is asked of a clock is its own fire: the others last as they are set. Null where nothing is timed. */
export function timesOf(told: DishReckoned | null) {
  const cooking = cookingOf(told);
  if (!cooking) return null;
  const { inS, outS, outC, pulledS, peakS } = cooking.course;
  const ownS = outS - inS;
  return {
    toC: tenth(cooking.reachesC),
    pulledC: tenth(outC),
    cookMin: tenth(ownS / 60),
    lowMin: tenth((ownS - (pulledS - cooking.lowS)) / 60),
    highMin: tenth((ownS + cooking.highS - pulledS) / 60),
    restMin: tenth(Math.max(0, peakS - pulledS) / 60),
  };
}

/** What its steps are told of that: minutes of one round, and how many. */
export function minutesOfFish(told: DishReckoned | null): CookMinutes {
  const times = timesOf(told);
  if (!times) return UNTIMED;
  const { count = 1, againS = 0 } = told?.rounds ?? {};
  return { cookMin: times.cookMin, restMin: times.restMin, rounds: count, againMin: againS / 60 };
}

/** The dishes and their steps. `ids`: of the fish, and of the n-th side; `used`: vessels that other dishes of the dinner have. */
function dishesOf(
  a: DishesAsked,
  ids: { readonly fish: string; readonly side: (n: number) => string; readonly servedMin: number },
  used: readonly string[] = a.used ?? [],
): { readonly dishes: DinnerDish[]; readonly tasks: Task[] } {
  const { fire } = a;
  const times = timesOf(a.told);
  const rounds = a.told?.rounds ?? null;
  const named = { ...(a.recipe ?? plainRecipe(a.method)), name: a.name };
  const lay = a.lay ? { lay: { in: a.lay.id, minutes: Math.round(a.lay.minutes) } } : {};
  const recipe = withStages(withMarinade(named, a.lay ?? null), fire?.stages ?? [], (s: StageKind) =>
    fire ? roundsOfStage(a.kitchen, methodOf(s.method)!, fire, rounds?.count ?? 1) : 1,
  );
  const vessels = vesselsOfDinner(a.kitchen.vessels, a.vessel, recipe, a.sides, used);
  const served = ids.servedMin === 0 ? {} : { servedMin: ids.servedMin };
  const sides = a.sides.map((r, i) => ({
    ...NO_TIMES,
    ...served,
    id: ids.side(i + 1),
    name: r.name,
    recipe: r.id,
    packs: [],
  }));
  return {
    dishes: [
      {
        ...NO_TIMES,
        ...served,
        id: ids.fish,
        name: a.name,
        recipe: a.recipe?.id ?? null,
        packs: a.packs,
        ...lay,
        method: a.method.id,
        mediumC: fire?.setting.mediumC ?? null,
        thicknessMm: fire?.piece.thicknessMm ?? null,
        startC: fire?.startC ?? null,
        ...times,
        fire: times && fire ? { ...fire, fit: FIT } : null,
      },
      ...sides,
    ],
    tasks: [
      ...tasksOf({
        id: ids.fish,
        recipe,
        plates: a.plates,
        fish: minutesOfFish(a.told),
        vessels: { fish: vessels.fish, beside: vessels.besideFish },
        keptWarm: vessels.shared || (rounds?.count ?? 1) > 1,
      }),
      ...a.sides.flatMap((r, i) =>
        tasksOf({
          id: ids.side(i + 1),
          recipe: r,
          plates: a.plates,
          fish: NO_FISH,
          vessels: { fish: null, beside: vessels.sides[i]! },
          keptWarm: vessels.shared,
        }),
      ),
    ],
  };
}

/** A dinner as it is written down: its dishes, its steps, what the kitchen has. The fish is dish `fish`, what stands beside it `side1` on. */
export function dinnerFacts(a: DinnerAsked): FactsOf<'dinner.set'> {
  const { hands, rings, ovens, grills } = a.kitchen;
  return {
    serveAtMs: a.serveAtMs,
    ...dishesOf(a, { fish: 'fish', side: (n) => `side${n}`, servedMin: 0 }),
    means: { hands, rings, ovens, grills },
    cook: a.cook,
    eaters: [...a.eaters],
    ...(a.guests > 0 ? { guests: a.guests } : {}),
    ...(a.kitchenName ? { kitchen: a.kitchenName } : {}),
  };
}

/** A dish that comes to a dinner, with what stands beside it: its vessels are those that no other dish has, as far as there are such. */
export const joiningFacts = (d: Pick<DinnerState, 'tasks'>, a: JoiningAsked): FactsOf<'dinner.dishes'> =>
  dishesOf(a, { fish: a.id, side: (n) => `${a.id}.${n}`, servedMin: a.servedMin }, [
    ...new Set([...vesselsUsed(d), ...(a.used ?? [])]),
  ]);
