import { PLATE_G } from '../plates/index.ts';
import { type Clash, impossibleLocks, smallestClash } from './clash.ts';
import { measureMenu } from './measure-menu.ts';
import { keepsWishes, oldestFirst } from './oldest-first.ts';
import { type Menu, type MenuMeal, type MenuPack, type MenuPart, type MenuWishes, needOf } from './menu.ts';
import { type MenuColumns, menuModel } from './menu-model.ts';
import { type Mip, type MipSolver, withCosts } from './mip.ts';

/** A plan, or why there is none. */
export type Planned =
  | { readonly ok: true; readonly menu: Menu }
  | { readonly ok: false; readonly clash: Clash }
  | { readonly ok: false; readonly clash: null; readonly why: 'time is up' | 'failed' };

/** A sixteenth of a gram: less is rounding. */
const LITTLE = 4e-4;

/**
 * The plan of meals: first the least waste that can be, then, without a gram more of it, what costs least in shortness, days past the
 * best, sameness and the rest (`COSTS`). `seconds`: for both reckonings together. When the wishes clash, the smallest set of them that does.
 */
export function solveMenu(w: MenuWishes, solve: MipSolver, seconds: number): Planned {
  const wrong = impossibleLocks(w);
  if (wrong) return { ok: false, clash: wrong };
  const { mip, columns } = menuModel(w);
  const lessens = new Map(columns.waste);
  const first = solve(
    withCosts(mip, (_, i) => lessens.get(i) ?? 0),
    seconds / 2,
  );
  if (first.status === 'infeasible') return { ok: false, clash: smallestClash(mip, solve, seconds) };
  if (!first.x) return { ok: false, clash: null, why: first.status === 'failed' ? 'failed' : 'time is up' };
  const least: Mip = {
    ...mip,
    rows: [
      ...mip.rows,
      { name: 'no more waste', lower: -Infinity, upper: first.cost + LITTLE, terms: columns.waste, wish: null },
    ],
  };
  const second = solve(least, seconds / 2);
  const x = second.x ?? first.x;
  const menu = read(
    w,
    columns,
    x,
    first.status === 'optimal' && second.status === 'optimal',
    second.x ? second.gap : 1,
  );
  return { ok: true, menu: first.status === 'optimal' ? menu : noWorse(w, menu) };
}

/** When the time was up before the least waste was proven, what most do may waste less: then that is the plan. */
function noWorse(w: MenuWishes, menu: Menu): Menu {
  const oldest = oldestFirst(w);
  if (oldest.measures.wasteG >= menu.measures.wasteG || !keepsWishes(w, oldest.meals)) return menu;
  return { ...menu, ...oldest, unplanned: unplanned(w, oldest.meals), proven: false, gap: 1 };
}

function unplanned(w: MenuWishes, meals: readonly MenuMeal[]): MenuPack[] {
  const planned = new Set(meals.flatMap((m) => m.parts.map((p) => p.pack.id)));
  return w.packs.filter((p) => !planned.has(p.id));
}

function read(w: MenuWishes, c: MenuColumns, x: readonly number[], proven: boolean, gap: number): Menu {
  const grams = (plates: number): number => Math.round(plates * PLATE_G);
  const meals = w.days.flatMap((day, d): MenuMeal[] => {
    const parts = w.packs.flatMap((pack): MenuPart[] => {
      const on = c.x.get(pack.id)!.get(d);
      if (on === undefined || x[on]! < 0.5) return [];
      const [col, n] = c.a.get(pack.id)!.get(d)!;
      const meatG = grams(x[col]! * n);
      return meatG < 1 ? [] : [{ pack, meatG, locked: w.locks.some((l) => l.pack === pack.id && l.day === d) }];
    });
    const fromBeforeG = d > 0 ? grams(x[c.carried[d - 1]!]!) : 0;
    if (parts.length === 0 && fromBeforeG < 1) return [];
    return [
      {
        day: d,
        parts,
        needG: needOf(day, PLATE_G),
        eatenG: grams(x[c.eaten[d]!]!),
        fromBeforeG,
        leftOverG: grams(x[c.carried[d]!]!),
      },
    ];
  });
  return {
    meals,
    unplanned: unplanned(w, meals),
    measures: measureMenu(w, meals),
    proven,
    gap,
  };
}
