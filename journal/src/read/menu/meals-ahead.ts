import { addDays } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { DayState } from '../../log/state/states.ts';
import { mealDayOf, plannedDay } from './menu-wishes.ts';
import type { HeldPack } from '../keeping/packs-held.ts';

/** A day that was planned, with those of its packs that are still there. */
export interface PlannedMeal {
  readonly day: DayState;
  readonly packs: readonly HeldPack[];
}

/** Days that are looked ahead, today among them, and back. */
const [AHEAD, BACK] = [7, 3];

/**
 * The meals that are planned from today on, and those of the last days that were planned and not eaten: of these the packs that are still
 * there and on no later day. `today`: civil day of the waters; `held`: what the larder holds.
 */
export function mealsAhead(
  book: Book,
  held: readonly HeldPack[],
  today: string,
): { readonly ahead: readonly PlannedMeal[]; readonly missed: readonly PlannedMeal[] } {
  const at = (n: number, counts: (h: HeldPack) => boolean): PlannedMeal[] => {
    const day = plannedDay(book, addDays(today, n));
    const packs = (day?.packs ?? []).flatMap((p) => held.filter((h) => h.pack.id === p.pack && counts(h)));
    return day && packs.length > 0 ? [{ day, packs }] : [];
  };
  const days = (from: number, n: number): number[] => Array.from({ length: n }, (_, i) => from + i);
  return {
    ahead: days(0, AHEAD).flatMap((n) => at(n, () => true)),
    missed: days(-BACK, BACK).flatMap((n) => at(n, (h) => mealDayOf(book, h.pack.id, today) === null)),
  };
}
