import {
  type CookedOnce,
  type DishAsked,
  FIT,
  type KitchenTimes,
  learnKitchen,
  type Method,
  methodOf,
  THICKNESS_SD,
  timesAsLong,
  whyInTheFire,
} from '@dagboek/core/cook';
import { taskId } from '@dagboek/core/recipes';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import { dishesOfFish } from './courses.ts';

/** So many dinners back a kitchen is learned from: stoves change, and cooks. */
const MOST = 40;
/** What a probe and the place of its tip make of a time, and one piece against the next, 1 sd of the logarithm. Our own assumption. */
const ONCE_SD = 0.1;

/** What a dish of a dinner says of its kitchen: its last reading in the fire against what was calculated. Null where nobody read, or by another fit. */
export function cookedOnce(d: DinnerState, dish: DinnerDish): CookedOnce | null {
  const fire = dish.fire as (Partial<DishAsked> & { readonly fit?: number }) | null;
  const heat = methodOf(dish.method ?? '')?.heat;
  // What another fire did before is no word on this one.
  if (!fire || !heat || fire.fit !== FIT || (fire.stages ?? []).length > 0) return null;
  const task = taskId(dish.id, 'cook');
  const [begun, done] = [d.begun[task], d.done[task]];
  const { cookMin, startC, pulledC, mediumC } = dish;
  if (begun === undefined || cookMin === null || startC === null || pulledC === null || mediumC === null) return null;
  const last = d.reads
    .filter((r) => r.dish === dish.id && epochMs(r.at) > begun && epochMs(r.at) <= (done ?? Infinity))
    .sort((a, b) => epochMs(a.at) - epochMs(b.at))
    .at(-1);
  if (!last) return null;
  const times = timesAsLong({ cookMin, startC, pulledC, mediumC }, (epochMs(last.at) - begun) / 60_000, last.c);
  if (times === null) return null;
  return {
    way: dish.method!,
    place: heat.place,
    // What was known of the kitchen then is in the minutes already.
    times: times * (fire.kitchen?.times ?? 1),
    sd: Math.hypot(ONCE_SD, THICKNESS_SD[fire.thicknessBy ?? 'of the mass']),
  };
}

/** What the dinners that were cooked in a kitchen of a book say of it for a way: times as long as calculated, with its band. */
export function kitchenTimes(book: Book, method: Method, kitchen = ''): KitchenTimes | null {
  if (!method.heat) return null;
  const seen = book.reckoned('cooked once', ['dinner'], [kitchen], () =>
    book
      .all('dinner')
      .filter((d) => d.ended !== null && d.ended.meal !== null && d.kitchen === kitchen)
      .sort((a, b) => b.serveAtMs - a.serveAtMs)
      .slice(0, MOST)
      .flatMap((d) => dishesOfFish(d).flatMap((dish) => cookedOnce(d, dish) ?? [])),
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
