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
import { planDinner } from '@dagboek/core/schedule';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { FactsOf } from '../../log/kinds/index.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { minutesOfFish, timesOf } from './dinner-facts.ts';
import { dinnerWork } from './dinner-work.ts';
import { stepIs } from './dinners.ts';
import { lieAtOnce, roundsOfStage, usesOf, vesselsFor } from './in-the-kitchen.ts';

/** What is asked when a dinner is late: as it stands, its kitchen, and the recipe of its fish (null: none). */
export interface HelpAsked {
  readonly d: DinnerState;
  readonly nowMs: number;
  readonly kitchen: Kitchen;
  readonly recipe: Recipe | null;
  /** So late it is as it stands, min. */
  readonly lateMin: number;
}

/** Something that would make it less late, reckoned to the end. */
export interface Help {
  readonly does: 'slices' | 'way' | 'without' | 'hands';
  /** The way or the dish, by name; of slices how thick, mm; null of a second cook. */
  readonly name: string | null;
  readonly pieces: number | null;
  readonly mm: number | null;
  /** On the heat then, min; null where the fish stays as it is. */
  readonly cookMin: number | null;
  readonly lateMin: number;
  /** The dinner as it would be written down. */
  readonly facts: FactsOf<'dinner.set'>;
}

/** Thinking for each, steps of the planner: a tenth of a second on a phone. */
const STEPS = 600_000;
/** Thinner than this a slice falls apart, mm. */
const LEAST_SLICE_MM = 12;
const SLICES = [2, 3, 4] as const;
/** What helps by less than so is not told, min. */
const LEAST_GAIN = 2;
const [MOST_HELPS, MOST_OF_KIND] = [5, 2];

type Facts = FactsOf<'dinner.set'>;
const factsOf = (d: DinnerState, change: Partial<Pick<Facts, 'dishes' | 'tasks' | 'means'>>): Facts => ({
  serveAtMs: d.serveAtMs,
  dishes: [...d.dishes],
  tasks: [...d.tasks],
  means: d.means,
  cook: d.cook,
  eaters: [...d.eaters],
  ...(d.guests > 0 ? { guests: d.guests } : {}),
  ...change,
});

/** The dinner with its fish cooked as asked; null where that cannot be. */
function withFish(
  { d, kitchen }: HelpAsked,
  dish: DinnerDish,
  fire: DishAsked,
  recipe: Recipe | null,
): { facts: Facts; told: DishReckoned } | null {
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
  return {
    told,
    facts: factsOf(d, {
      dishes: d.dishes.map((x) =>
        x.id === dish.id
          ? {
              ...x,
              recipe: recipe?.id ?? null,
              method: method.id,
              mediumC: fire.setting.mediumC,
              thicknessMm: fire.piece.thicknessMm,
              ...times,
              fire: { ...fire, fit: FIT },
            }
          : x,
      ),
      tasks: [...tasks, ...d.tasks.filter((t) => !t.id.startsWith(`${dish.id}/`))],
    }),
  };
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
  const { d, nowMs, kitchen, recipe, lateMin } = asked;
  const lateBy = (facts: Facts): number | null => {
    const plan = planDinner(dinnerWork({ ...d, ...facts, guests: facts.guests ?? 0 }, nowMs, kitchen.vessels), STEPS);
    return plan.ok ? plan.lateMin : null;
  };
  const untouched = (dish: string): boolean =>
    d.tasks.every((t) => !t.id.startsWith(`${dish}/`) || stepIs(d, t.id) === 'to come');
  const none = { name: null, pieces: null, mm: null, cookMin: null };
  const tried: Omit<Help, 'lateMin'>[] = [];
  const dish = d.dishes.find((x) => x.fire !== null && x.packs.length > 0);
  const fire = dish?.fire as (DishAsked & { fit?: number }) | undefined;
  if (dish && fire && methodOf(fire.method) && untouched(dish.id)) {
    const { fit: _, ...own } = fire;
    for (const n of SLICES) {
      const cut = sliced(own, n, kitchen);
      const made = cut && withFish(asked, dish, cut, recipe);
      if (cut && made)
        tried.push({
          ...none,
          does: 'slices',
          pieces: cut.pieces,
          mm: cut.piece.thicknessMm,
          cookMin: timesOf(made.told)!.cookMin * (made.told.rounds?.count ?? 1),
          facts: made.facts,
        });
    }
    for (const way of otherWays(asked, own)) {
      const made = withFish(asked, dish, way, null);
      if (made && cookingOf(made.told))
        tried.push({
          ...none,
          does: 'way',
          name: methodOf(way.method)!.name,
          cookMin: timesOf(made.told)!.cookMin * (made.told.rounds?.count ?? 1),
          facts: made.facts,
        });
    }
  }
  for (const side of d.dishes.filter((x) => x.packs.length === 0 && d.dishes.length > 1 && untouched(x.id)))
    tried.push({
      ...none,
      does: 'without',
      name: side.name,
      facts: factsOf(d, {
        dishes: d.dishes.filter((x) => x !== side),
        tasks: d.tasks.filter((t) => !t.id.startsWith(`${side.id}/`)),
      }),
    });
  tried.push({ ...none, does: 'hands', facts: factsOf(d, { means: { ...d.means, hands: d.means.hands + 1 } }) });
  const ORDER: readonly Help['does'][] = ['slices', 'hands', 'way', 'without'];
  return tried
    .flatMap((h): Help[] => {
      const late = lateBy(h.facts);
      return late !== null && late <= lateMin - LEAST_GAIN ? [{ ...h, lateMin: late }] : [];
    })
    .sort((a, b) => a.lateMin - b.lateMin || ORDER.indexOf(a.does) - ORDER.indexOf(b.does))
    .filter((h, i, all) => all.slice(0, i).filter((x) => x.does === h.does).length < MOST_OF_KIND)
    .slice(0, MOST_HELPS);
}
