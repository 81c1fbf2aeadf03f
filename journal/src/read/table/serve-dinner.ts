import { methodOf } from '@dagboek/core/cook';
import { cookedBy } from './cooked-by.ts';
import type { DinnerState } from '../../log/state/states.ts';
import type { Writing } from '../../log/book/writing.ts';
import type { ProbedDish } from './probed-dish.ts';

/** The dish of a dinner that is made of packs; null when none is. */
export const dishOfFish = (d: DinnerState): DinnerState['dishes'][number] | null =>
  d.dishes.find((x) => x.packs.length > 0) ?? null;

/** What is to be seen on its fish when it is done, by its way. */
export const looksOf = (d: DinnerState): readonly string[] => methodOf(dishOfFish(d)?.method ?? '')?.look ?? [];

/** The lines that make a dinner a meal: what was eaten of which packs, how its middle was read, what was seen. `meal`: its id. Null: no pack is on the table. */
export function serveDinner(
  d: DinnerState,
  meal: string,
  probed: Pick<ProbedDish, 'pulledC' | 'peakC'> | null,
  cues: readonly string[],
): Writing[] | null {
  const dish = dishOfFish(d);
  if (!dish) return null;
  const coreC = probed?.peakC ?? probed?.pulledC ?? null;
  const beside = d.dishes.filter((x) => x.id !== dish.id).map((x) => x.name);
  const served = {
    name: dish.name,
    cook: d.cook,
    method: cookedBy(methodOf(dish.method ?? '')),
    packs: dish.packs,
    eaters: d.eaters,
    ...(d.guests > 0 ? { guests: d.guests } : {}),
    ...(coreC === null ? {} : { coreC }),
    ...(probed?.pulledC == null ? {} : { pulledC: probed.pulledC }),
    ...(beside.length > 0 ? { beside } : {}),
    ...(cues.length > 0 ? { cues } : {}),
    dinner: d.id,
  };
  return [
    { kind: 'meal.served', subject: meal, facts: served },
    { kind: 'dinner.ended', subject: d.id, facts: { meal } },
  ];
}
