import { PLATE_G } from '../plates/index.ts';
import { measureMenu } from './measure-menu.ts';
import {
  LEAST_OF_NEED,
  type MenuMeal,
  type MenuMeasures,
  type MenuPart,
  type MenuWishes,
  MOST_OF_NEED,
  needOf,
} from './menu.ts';
import { daysOf } from './packs-on-days.ts';
import { allMayEat } from './must-not.ts';

/**
 * What most do: each day whatever has to be eaten first, until there is enough. To measure a plan against; it knows neither sameness nor
 * tomorrow, and obeys the same rules (nothing past its day, frozen fish thaws first, leftovers once).
 */
export function oldestFirst(w: MenuWishes): { readonly meals: readonly MenuMeal[]; readonly measures: MenuMeasures } {
  const left = new Map(w.packs.map((p) => [p.id, p.meatG]));
  const meals: MenuMeal[] = [];
  let over = 0;
  w.days.forEach((day, d) => {
    const needG = needOf(day, PLATE_G);
    const [before, parts] = [over, [] as MenuPart[]];
    over = 0;
    if (day.fish === 'no' || needG <= 0) return;
    let have = before;
    const inTurn = w.packs
      .filter((p) => left.get(p.id)! >= 1 && daysOf(p, w.days.length).includes(d) && allMayEat(day, p))
      .sort((a, b) => Math.min(a.bestDay, a.lastDay) - Math.min(b.bestDay, b.lastDay));
    for (const pack of inTurn) {
      if (have >= needG * 0.9) break;
      const rest = left.get(pack.id)!;
      const meatG = pack.atOnce ? rest : Math.min(rest, Math.max(40, Math.ceil(needG - have)));
      left.set(pack.id, rest - meatG);
      have += meatG;
      parts.push({ pack, meatG, locked: false });
    }
    if (have < LEAST_OF_NEED * needG) {
      for (const p of parts) left.set(p.pack.id, left.get(p.pack.id)! + p.meatG);
      return;
    }
    const eatenG = Math.min(have, needG * MOST_OF_NEED);
    const fresh = parts.reduce((g, p) => g + p.meatG, 0);
    // Nothing is kept of what somebody who eats on the next day must not eat.
    over = parts.some((p) => !allMayEat(w.days[d + 1], p.pack)) ? 0 : Math.min(fresh, have - eatenG);
    meals.push({ day: d, parts, needG, eatenG, fromBeforeG: before, leftOverG: over });
  });
  return { meals, measures: measureMenu(w, meals) };
}

/** Whether meals keep all that was wished: for a plan that was made without asking. What nobody may eat it leaves out by itself. */
export function keepsWishes(w: MenuWishes, meals: readonly MenuMeal[]): boolean {
  const on = (d: number): readonly MenuPart[] => meals.find((m) => m.day === d)?.parts ?? [];
  const out = meals.reduce(
    (g, m) => g + m.parts.reduce((n, p) => n + (p.pack.place === 'freezer' ? p.pack.massG : 0), 0),
    0,
  );
  return (
    w.days.every((day, d) => day.fish !== 'yes' || meals.some((m) => m.day === d)) &&
    w.locks.every((l) => on(l.day).some((p) => p.pack.id === l.pack)) &&
    (w.freezerG === null || out >= w.freezerG)
  );
}
