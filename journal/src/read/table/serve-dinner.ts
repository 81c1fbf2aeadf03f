import { looksFor, methodOf, type PieceCut } from '@dagboek/core/cook';
import { cookedBy } from './cooked-by.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { DinnerState } from '../../log/state/states.ts';
import type { Writing } from '../../log/book/writing.ts';
import { dishesOfFish, dishOfStep } from './courses.ts';
import type { ProbedDish } from './probed-dish.ts';

/** What is to be seen on a fish when it is done, by its way and cut. */
export function looksOf(dish: DinnerDish): readonly string[] {
  const method = methodOf(dish.method ?? '');
  const cut = (dish.fire as { piece?: { cut?: PieceCut } } | null)?.piece?.cut ?? null;
  return method ? looksFor(method, cut) : [];
}

/** A dish as it comes to the table. `meal`: the id of the meal that it becomes; `cues`: what was seen when it was done. */
export interface ServedDish {
  readonly dish: DinnerDish;
  readonly meal: string;
  readonly probed: Pick<ProbedDish, 'pulledC' | 'peakC'> | null;
  readonly cues: readonly string[];
}

/** What of a dinner its meals are made of. */
type Dinner = Pick<DinnerState, 'id' | 'dishes' | 'tasks' | 'done' | 'cook' | 'eaters' | 'guests'>;

/** The line that makes a dish a meal: what was eaten of which packs, how its middle was read, what was seen. */
function mealOf(d: Dinner, { dish, meal, probed, cues }: ServedDish): Writing {
  const coreC = probed?.peakC ?? probed?.pulledC ?? null;
  const beside = d.dishes.filter((x) => x.id !== dish.id).map((x) => x.name);
  const facts = {
    name: dish.name,
    cook: d.cook,
    method: cookedBy(methodOf(dish.method ?? '')),
    packs: dish.packs.map(({ pack, massG }) => ({ pack, massG })),
    eaters: d.eaters,
    ...(d.guests > 0 ? { guests: d.guests } : {}),
    ...(coreC === null ? {} : { coreC }),
    ...(probed?.pulledC == null ? {} : { pulledC: probed.pulledC }),
    ...(beside.length > 0 ? { beside } : {}),
    ...(dish.lay ? { lay: dish.lay } : {}),
    ...(cues.length > 0 ? { cues } : {}),
    dinner: d.id,
    ...(dishesOfFish(d).length > 1 ? { dish: dish.id } : {}),
  };
  return { kind: 'meal.served', subject: meal, facts };
}

/**
 * The lines with which dishes come to the table, each a meal of its own. `all`: nothing else is to come, the dinner is over; else the steps of
 * the dishes are over. Empty where none is served.
 */
export function serveDishes(d: Dinner, served: readonly ServedDish[], all: boolean): Writing[] {
  const last = served.at(-1);
  if (!last) return [];
  const ids = new Set(served.map((x) => x.dish.id));
  const over = d.tasks.filter((t) => ids.has(dishOfStep(t.id)) && d.done[t.id] === undefined);
  return [
    ...served.map((x) => mealOf(d, x)),
    ...(all
      ? [{ kind: 'dinner.ended', subject: d.id, facts: { meal: last.meal } } as const]
      : over.map((t): Writing => ({ kind: 'dinner.step', subject: d.id, facts: { task: t.id, did: 'done' } }))),
  ];
}
