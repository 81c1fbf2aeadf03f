import {
  type Calculated,
  type CookedOnce,
  type DishAsked,
  FIT,
  FOUND,
  type KitchenTimes,
  learnKitchen,
  type Method,
  methodOf,
  minutesTo,
  THICKNESS_SD,
  timesAsLong,
  whyInTheFire,
} from '@dagboek/core/cook';
import { taskId } from '@dagboek/core/recipes';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState, MealState } from '../../log/state/states.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import { dishesOfFish, mealsOfDinner } from './courses.ts';

/** So many dinners back a kitchen is learned from: stoves change, and cooks. */
const MOST = 40;
/** What a probe and the place of its tip make of a time, and one piece against the next, 1 sd of the logarithm. Our own assumption. */
const ONCE_SD = 0.1;

/** A middle and when it was so: read, or found at the table. `sd`: of the logarithm of the time that it says. */
interface Middle {
  readonly atMs: number;
  readonly c: number;
  readonly sd: number;
}

/** The last reading of a dish in its fire; null where nobody read. */
function lastRead(d: DinnerState, dish: DinnerDish, begun: number, done: number | undefined): Middle | null {
  const last = d.reads
    .filter((r) => r.dish === dish.id && epochMs(r.at) > begun && epochMs(r.at) <= (done ?? Infinity))
    .sort((a, b) => epochMs(a.at) - epochMs(b.at))
    .at(-1);
  return last ? { atMs: epochMs(last.at), c: last.c, sd: ONCE_SD } : null;
}

/** How it was at the table, as the middle with which it was taken off: as much colder as it was to coast. Null where nobody said. */
function asFound(
  was: MealState['doneness'],
  of: Calculated & { toC: number | null },
  done: number | undefined,
): Middle | null {
  const found = was !== null && was in FOUND ? FOUND[was as keyof typeof FOUND] : null;
  if (found === null || done === undefined || of.toC === null) return null;
  const { c: foundC, sd: sdK } = found;
  const c = foundC - Math.max(0, of.toC - of.pulledC);
  // How much longer a few degrees more would have taken is what they leave open.
  const [low, high] = [minutesTo(of, c - sdK), minutesTo(of, c + sdK)];
  return low === null || high === null ? null : { atMs: done, c, sd: Math.hypot(ONCE_SD, Math.log(high / low) / 2) };
}

/**
 * What a dish of a dinner says of its kitchen: its last reading in the fire against what was calculated; where nobody read, when it was taken off
 * and how it was then found. Null where neither is known, or by another fit.
 */
export function cookedOnce(d: DinnerState, dish: DinnerDish, was: MealState['doneness'] = null): CookedOnce | null {
  const fire = dish.fire as (Partial<DishAsked> & { readonly fit?: number }) | null;
  const heat = methodOf(dish.method ?? '')?.heat;
  // What another fire did before is no word on this one.
  if (!fire || !heat || fire.fit !== FIT || (fire.stages ?? []).length > 0) return null;
  const task = taskId(dish.id, 'cook');
  const [begun, done] = [d.begun[task], d.done[task]];
  const { cookMin, startC, pulledC, mediumC, toC } = dish;
  if (begun === undefined || cookMin === null || startC === null || pulledC === null || mediumC === null) return null;
  const of = { cookMin, startC, pulledC, mediumC };
  const middle = lastRead(d, dish, begun, done) ?? asFound(was, { ...of, toC }, done);
  if (!middle) return null;
  const times = timesAsLong(of, (middle.atMs - begun) / 60_000, middle.c);
  if (times === null) return null;
  return {
    way: dish.method!,
    place: heat.place,
    // What was known of the kitchen then is in the minutes already.
    times: times * (fire.kitchen?.times ?? 1),
    sd: Math.hypot(middle.sd, THICKNESS_SD[fire.thicknessBy ?? 'of the mass']),
  };
}

/** What the dinners that were cooked in a kitchen of a book say of it for a way: times as long as calculated, with its band. */
export function kitchenTimes(book: Book, method: Method, kitchen = ''): KitchenTimes | null {
  if (!method.heat) return null;
  const seen = book.reckoned('cooked once', ['dinner', 'trip', 'fish', 'cut', 'pack', 'meal'], [kitchen], () =>
    book
      .all('dinner')
      .filter((d) => d.ended !== null && d.ended.meal !== null && d.kitchen === kitchen)
      .sort((a, b) => b.serveAtMs - a.serveAtMs)
      .slice(0, MOST)
      .flatMap((d) => {
        const meals = mealsOfDinner(book, d);
        return dishesOfFish(d).flatMap((dish) => {
          const meal = meals.find((m) => m.dish === null || m.dish === dish.id)?.meal;
          return cookedOnce(d, dish, meal?.doneness ?? null) ?? [];
        });
      }),
  );
  return learnKitchen(seen, method.id, method.heat.place);
}

/** What the fire of a new dish is asked besides its piece: whether it may coast, and what is known of the kitchen. */
export interface FireAsked {
  readonly asked: Pick<DishAsked, 'inTheFire' | 'kitchen'>;
  /** Null for a way without fire. */
  readonly learned: KitchenTimes | null;
}

/** The same for a way. `only`: why there is no lower choice than the official limit; `mayBeRaw`: the conditions for raw fish are met. */
export function fireAsked(
  book: Book,
  method: Method,
  only: readonly string[],
  mayBeRaw: boolean,
  kitchen = '',
): FireAsked {
  const learned = kitchenTimes(book, method, kitchen);
  const inTheFire = method.middle === 'cooked' ? whyInTheFire(only, mayBeRaw) : null;
  return {
    learned,
    asked: {
      ...(inTheFire === null ? {} : { inTheFire }),
      ...(learned && learned.inAll > 0 ? { kitchen: { times: learned.times, sd: learned.sd } } : {}),
    },
  };
}
