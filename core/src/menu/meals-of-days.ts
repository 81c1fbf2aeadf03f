import { COSTS } from './menu-costs.ts';
import { LEAST_OF_NEED, type MenuDay, type MenuWishes, MOST_OF_NEED, needOf } from './menu.ts';
import type { MipBuilder } from './mip.ts';
import type { OnTable, Waste } from './packs-on-days.ts';
import { wishName } from './wish-name.ts';

/** Columns by day, plates: what is eaten, left over for the next day, and thrown away. */
export interface MealsOfDays {
  readonly eaten: readonly number[];
  readonly carried: readonly number[];
  readonly thrown: readonly number[];
}

/** A meal for each day on which there is one: what is on the table is eaten, left over once, or thrown away. */
export function mealsOfDays(w: MenuWishes, m: MipBuilder, { x, a }: OnTable, waste: Waste): MealsOfDays {
  const eaten: number[] = [];
  const carried: number[] = [];
  const thrown: number[] = [];
  w.days.forEach((day, d) => {
    const meal = m.yesNo(`meal ${d}`, day.fish === 'either' ? COSTS.unasked : 0);
    const e = m.col(`eaten ${d}`, 0, Infinity);
    const c = m.col(`carried ${d}`, COSTS.over, Infinity);
    const t = m.col(`thrown ${d}`, COSTS.waste, Infinity);
    const short = m.col(`short ${d}`, COSTS.short, Infinity);
    eaten.push(e);
    carried.push(c);
    thrown.push(t);
    waste.terms.push([t, 1]);
    const here = w.packs.flatMap((p) => {
      const of = a.get(p.id)!.get(d);
      return of ? [of] : [];
    });
    const before = d > 0 ? carried[d - 1]! : null;
    m.row(
      'what is on the table is eaten, left over or thrown away',
      [0, 0],
      [...here, ...(before === null ? [] : [[before, 1] as const]), [e, -1], [c, -1], [t, -1]],
    );
    m.row('left over once only', [-Infinity, 0], [[c, 1], ...here.map(([i, n]) => [i, -n] as const)]);
    enoughForAll(day, m, { meal, e, short });
    for (const p of w.packs) {
      const i = x.get(p.id)!.get(d);
      if (i !== undefined)
        m.row(
          'no fish without a meal',
          [-Infinity, 0],
          [
            [i, 1],
            [meal, -1],
          ],
        );
    }
    asWished(day, d, m, meal);
  });
  return { eaten, carried, thrown };
}

/** How much those at home eat at a meal: enough, not too much, and what is short of what they need. */
function enoughForAll(
  day: MenuDay,
  m: MipBuilder,
  { meal, e, short }: { readonly meal: number; readonly e: number; readonly short: number },
): void {
  const need = needOf(day, 1);
  m.row(
    'enough',
    [0, Infinity],
    [
      [e, 1],
      [meal, -LEAST_OF_NEED * need],
    ],
  );
  m.row(
    'not too much',
    [-Infinity, 0],
    [
      [e, 1],
      [meal, -MOST_OF_NEED * need],
    ],
  );
  m.row(
    'what is short',
    [0, Infinity],
    [
      [short, 1],
      [e, 1],
      [meal, -need],
    ],
  );
}

/** Whether there is fish on a day, as it was wished. */
function asWished(day: MenuDay, d: number, m: MipBuilder, meal: number): void {
  if (needOf(day, 1) <= 0) m.row('nobody is at home', [0, 0], [[meal, 1]]);
  if (day.fish === 'yes') m.row('fish', [1, 1], [[meal, 1]], wishName.fish(d));
  if (day.fish === 'no') m.row('no fish', [0, 0], [[meal, 1]], wishName.noFish(d));
}
