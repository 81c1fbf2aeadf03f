import { PLATE_G } from '../plates/index.ts';
import type { MenuMeal, MenuMeasures, MenuWishes } from './menu.ts';

/** What a plan comes to, from its meals alone: whoever made it, it is measured the same way. */
export function measureMenu(w: MenuWishes, meals: readonly MenuMeal[]): MenuMeasures {
  const taken = new Map<string, number>();
  for (const p of meals.flatMap((m) => m.parts)) taken.set(p.pack.id, (taken.get(p.pack.id) ?? 0) + p.meatG);
  const passed = w.packs
    .filter((p) => p.lastDay < w.days.length)
    .reduce((g, p) => g + Math.max(0, p.meatG - (taken.get(p.id) ?? 0)), 0);
  // What is left over and not eaten on the next day is thrown away; that of the last day is still good.
  const kept = (m: MenuMeal): number =>
    m.day + 1 >= w.days.length
      ? m.leftOverG
      : Math.min(m.leftOverG, meals.find((n) => n.day === m.day + 1)?.fromBeforeG ?? 0);
  const thrown = meals.reduce(
    (g, m) => g + Math.max(0, m.fromBeforeG + m.parts.reduce((n, p) => n + p.meatG, 0) - m.eatenG - kept(m)),
    0,
  );
  const pastBest = meals.reduce(
    (n, m) => n + m.parts.reduce((k, p) => k + (Math.max(0, m.day - p.pack.bestDay) * p.meatG) / PLATE_G, 0),
    0,
  );
  const on = new Map<string, number[]>();
  for (const m of meals)
    for (const s of new Set(m.parts.map((p) => p.pack.species))) on.set(s, [...(on.get(s) ?? []), m.day]);
  const again = [...on.values()].reduce(
    (n, days) => n + days.filter((d) => days.includes(d - 1)).length + Math.max(0, days.length - 2),
    0,
  );
  const short = meals.reduce((n, m) => n + Math.max(0, m.needG - m.eatenG) / PLATE_G, 0);
  return { wasteG: Math.round(passed + thrown), pastBest, kinds: on.size, again, short };
}
