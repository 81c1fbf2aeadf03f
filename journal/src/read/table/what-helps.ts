import {
  cookingOf,
  type DishAsked,
  type DishReckoned,
  FIT,
  type Kitchen,
  type Method,
  methodOf,
  METHODS,
  reckonDish,
  usualSetting,
} from '@dagboek/core/cook';
import { plainRecipe, type Recipe, tasksOf, withStages } from '@dagboek/core/recipes';
import { planTogether, type Task } from '@dagboek/core/schedule';
import { stamp } from '@dagboek/core/time';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { Writing } from '../../log/book/writing.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { dishesOfFish, dishOfStep } from './courses.ts';
import { minutesOfFish, timesOf } from './dinner-facts.ts';
import { worksTogether } from './dinners-together.ts';
import { stepIs } from './dinners.ts';
import { lieAtOnce, roundsOfStage, usesOf, vesselsFor } from './in-the-kitchen.ts';

/** What is asked when a dinner is late: as it stands, its kitchen, and the recipes of its fish, by dish. */
export interface HelpAsked {
  readonly d: DinnerState;
  /** Dinners that are cooked together, itself among them, as `dinnersTogether` gives them. */
  readonly together: readonly DinnerState[];
  readonly nowMs: number;
  readonly kitchen: Kitchen;
  readonly recipes: Readonly<Record<string, Recipe>>;
  /** So late it is as it stands, min. */
  readonly lateMin: number;
}

/** Something that would make it less late, reckoned to the end. */
export interface Help {
  readonly does: 'slices' | 'way' | 'without' | 'hands';
  /** Which dish it changes, where the dinner has several with fish. */
  readonly of: string | null;
  /** The way or the dish, by name; of slices how thick, mm; null of a second cook. */
  readonly name: string | null;
  readonly pieces: number | null;
  readonly mm: number | null;
  /** On the heat then, min; null where the fish stays as it is. */
  readonly cookMin: number | null;
  readonly lateMin: number;
  /** How it is written down: one line, so that what others change of the dinner meanwhile stands. */
  readonly line: Writing;
}

/** Thinking for each, steps of the planner: a tenth of a second on a phone. */
const STEPS = 600_000;
/** Thinner than this a slice falls apart, mm. */
const LEAST_SLICE_MM = 12;
const SLICES = [2, 3, 4] as const;
/** What helps by less than so is not told, min. */
const LEAST_GAIN = 2;
const [MOST_HELPS, MOST_OF_KIND] = [5, 2];

/** The dinner as it would be, and the line that makes it so. */
interface Changed {
  readonly d: DinnerState;
  readonly line: Writing;
}

/** With a dish cooked another way: its own steps are replaced. */
const withDish = (d: DinnerState, dish: DinnerDish, tasks: readonly Task[]): Changed => ({
  d: {
    ...d,
    dishes: d.dishes.map((x) => (x.id === dish.id ? dish : x)),
    tasks: [...tasks, ...d.tasks.filter((t) => dishOfStep(t.id) !== dish.id)],
  },
  line: { kind: 'dinner.dishes', subject: d.id, facts: { dishes: [dish], tasks } },
});

const withoutDish = (d: DinnerState, dish: DinnerDish): Changed => ({
  d: {
    ...d,
    dishes: d.dishes.filter((x) => x !== dish),
    tasks: d.tasks.filter((t) => dishOfStep(t.id) !== dish.id),
  },
  line: { kind: 'dinner.without', subject: d.id, facts: { dish: dish.id } },
});

const withHands = (d: DinnerState, nowMs: number): Changed => {
  const means = { ...d.means, hands: d.means.hands + 1 };
  const { serveAtMs, dishes, tasks, cook, eaters, guests, kitchen } = d;
  const facts = {
    ...{ serveAtMs, dishes, tasks, means, cook, eaters },
    ...(guests > 0 ? { guests } : {}),
    ...(kitchen ? { kitchen } : {}),
  };
  return { d: { ...d, means, setAt: stamp(nowMs, 'UTC') }, line: { kind: 'dinner.set', subject: d.id, facts } };
};

/** The dinner with its fish cooked as asked; null where that cannot be. */
function withFish(
  { d, kitchen }: HelpAsked,
  dish: DinnerDish,
  fire: DishAsked,
  recipe: Recipe | null,
): { changed: Changed; told: DishReckoned } | null {
  const method = methodOf(fire.method)!;
  const told = reckonDish(fire);
  const times = timesOf(told);
  if (!times) return null;
  const rounds = told.rounds?.count ?? 1;
  const named = { ...(recipe ?? plainRecipe(method)), name: dish.name };
  const plates = Math.max(1, d.eaters.length + d.guests);
  // What a step was done in it is done in still; another way takes the likeliest of its own.
  const before = new Map(d.tasks.map((t) => [t.id, t.vessel]));
  const fish = dish.method === fire.method ? before.get(`${dish.id}/cook`) : vesselsFor(kitchen, method)[0]?.id;
  const tasks = tasksOf({
    id: dish.id,
    recipe: withStages(named, fire.stages ?? [], (s) => roundsOfStage(kitchen, methodOf(s.method)!, fire, rounds)),
    plates,
    fish: minutesOfFish(told),
    vessels: { fish: fish ?? null, beside: {} },
    keptWarm: rounds > 1,
  }).map((t) => {
    const vessel = t.vessel ?? (dish.method === fire.method ? before.get(t.id) : undefined);
    return vessel === undefined ? t : { ...t, vessel };
  });
  const { mediumC } = fire.setting;
  const { thicknessMm } = fire.piece;
  const cooked = { method: method.id, mediumC, thicknessMm, ...times, fire: { ...fire, fit: FIT } };
  return { told, changed: withDish(d, { ...dish, recipe: recipe?.id ?? null, ...cooked }, tasks) };
}

/** The same fish in slices: n of one, each an n-th as thick. */
function sliced(fire: DishAsked, n: number, kitchen: Kitchen): DishAsked | null {
  const thicknessMm = Math.round(fire.piece.thicknessMm / n);
  const method = methodOf(fire.method)!;
  if (thicknessMm < LEAST_SLICE_MM || fire.piece.cut === 'whole' || thicknessMm < method.thickMm[0]) return null;
  const massG = fire.piece.massG / n;
  return inRoundsOf(
    { ...fire, piece: { ...fire.piece, thicknessMm, massG }, pieces: fire.pieces * n },
    method,
    kitchen,
  );
}

/** With as many at once as lie in what the kitchen has for it. */
function inRoundsOf(fire: DishAsked, method: Method, kitchen: Kitchen): DishAsked {
  const lieMost = lieAtOnce(kitchen, method, fire.piece.massG, fire.piece.thicknessMm);
  const { rounds: _, ...plain } = fire;
  return { ...plain, rounds: { all: fire.pieces, ...(lieMost === null ? {} : { lieMost }) } };
}

/** Other ways for the same pieces that this kitchen can do: cooked through, no oil that is not hot yet, no fire that is not lit. */
function otherWays({ d, kitchen }: HelpAsked, fire: DishAsked): DishAsked[] {
  const { cut, thicknessMm, fat } = fire.piece;
  return (METHODS as readonly Method[]).flatMap((m) => {
    if (!m.heat || m.id === fire.method || m.middle !== 'cooked' || m.id === 'cakes' || m.heat.of === 'the oil')
      return [];
    if (!m.cuts.includes(cut) || thicknessMm < m.thickMm[0] || thicknessMm > m.thickMm[1]) return [];
    if (m.fat !== 'either' && m.fat !== fat) return [];
    const has = { ring: d.means.rings, oven: d.means.ovens, grill: 0, embers: 0 }[m.heat.place];
    if (has < 1 || !kitchen.vessels.some((v) => usesOf(m).includes(v.use))) return [];
    const { stages: _, kitchen: __, ...plain } = fire;
    return [inRoundsOf({ ...plain, method: m.id, setting: usualSetting(m.heat) }, m, kitchen)];
  });
}

/**
 * What would help a dinner that is late, each reckoned and planned to the end: the fish in slices, another way, a dish less, a second cook. Those
 * that help the most first; of what helps alike what changes the least. Nothing that was begun is changed.
 */
export function whatHelps(asked: HelpAsked): Help[] {
  const { d, nowMs, kitchen, lateMin } = asked;
  const lateBy = (changed: DinnerState): number | null => {
    const dinners = asked.together.map((x) => (x.id === d.id ? changed : x));
    const works = worksTogether(dinners, nowMs, kitchen.vessels);
    const plan = planTogether(works, STEPS).find((x) => x.id === d.id)?.plan;
    return plan?.ok ? plan.lateMin : null;
  };
  const untouched = (dish: DinnerDish): boolean =>
    d.tasks.every((t) => dishOfStep(t.id) !== dish.id || stepIs(d, t.id) === 'to come');
  const tried: Tried[] = [
    ...dishesOfFish(d).flatMap((dish) => (untouched(dish) ? ofFish(asked, dish) : [])),
    ...d.dishes.flatMap((side): Tried[] =>
      side.packs.length === 0 && d.dishes.length > 1 && untouched(side)
        ? [{ ...NONE, does: 'without', name: side.name, changed: withoutDish(d, side) }]
        : [],
    ),
    { ...NONE, does: 'hands', changed: withHands(d, nowMs) },
  ];
  const ORDER: readonly Help['does'][] = ['slices', 'hands', 'way', 'without'];
  return tried
    .flatMap(({ changed, ...h }): Help[] => {
      const late = lateBy(changed.d);
      return late !== null && late <= lateMin - LEAST_GAIN ? [{ ...h, lateMin: late, line: changed.line }] : [];
    })
    .sort((a, b) => a.lateMin - b.lateMin || ORDER.indexOf(a.does) - ORDER.indexOf(b.does))
    .filter((h, i, all) => all.slice(0, i).filter((x) => x.does === h.does).length < MOST_OF_KIND)
    .slice(0, MOST_HELPS);
}

/** Something that is tried, with the dinner as it would be. */
type Tried = Omit<Help, 'lateMin' | 'line'> & { readonly changed: Changed };
const NONE = { of: null, name: null, pieces: null, mm: null, cookMin: null } as const;

/** What can be done with the fish of a dish: cut in slices, or cooked another way. */
function ofFish(asked: HelpAsked, dish: DinnerDish): Tried[] {
  const fire = dish.fire as (DishAsked & { fit?: number }) | null;
  if (!fire || !methodOf(fire.method)) return [];
  const { fit: _, ...own } = fire;
  const recipe = asked.recipes[dish.id] ?? null;
  const several = dishesOfFish(asked.d).length > 1;
  const made = (to: DishAsked | null, by: Recipe | null, says: (to: DishAsked) => Partial<Help>): Tried[] => {
    const cooked = to && withFish(asked, dish, to, by);
    if (!to || !cooked || !cookingOf(cooked.told)) return [];
    const cookMin = timesOf(cooked.told)!.cookMin * (cooked.told.rounds?.count ?? 1);
    return [{ ...NONE, does: 'way', of: several ? dish.name : null, ...says(to), cookMin, changed: cooked.changed }];
  };
  return [
    ...SLICES.flatMap((n) =>
      made(sliced(own, n, asked.kitchen), recipe, (cut) => ({
        does: 'slices',
        pieces: cut.pieces,
        mm: cut.piece.thicknessMm,
      })),
    ),
    ...otherWays(asked, own).flatMap((way) => made(way, null, () => ({ name: methodOf(way.method)!.name }))),
  ];
}
