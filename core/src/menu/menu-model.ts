import { PLATE_G } from '../plates/index.ts';
import { mealsOfDays, type MealsOfDays } from './meals-of-days.ts';
import type { MenuWishes } from './menu.ts';
import { type Mip, MipBuilder } from './mip.ts';
import { type OnTable, packsOnDays, type Waste } from './packs-on-days.ts';
import { speciesOfMeals } from './species-of-meals.ts';
import { wishName } from './wish-name.ts';

/** Indices of the columns that a plan is read from. */
export interface MenuColumns extends OnTable, MealsOfDays {
  /** What lowers the waste, plates for one of the column; the waste of a plan is `wasteIfNone` plus these. */
  readonly waste: readonly (readonly [number, number])[];
  readonly wasteIfNone: number;
}

/**
 * The plan of meals as a mixed-integer program, in plates; the costs are those of the second reckoning (`COSTS`), without waste. Locks on
 * days on which a pack cannot be eaten are left out: see `impossibleLocks`.
 */
export function menuModel(w: MenuWishes): { readonly mip: Mip; readonly columns: MenuColumns } {
  const m = new MipBuilder();
  const waste: Waste = { terms: [], ifNone: 0 };
  const table = packsOnDays(w.packs, w.days.length, m, waste);
  const meals = mealsOfDays(w, m, table, waste);
  speciesOfMeals(w, m, table.x, meals.carried);
  putThere(w, m, table);
  roomInFreezer(w, m, table);
  return { mip: m.done(), columns: { ...table, ...meals, waste: waste.terms, wasteIfNone: waste.ifNone } };
}

/** What somebody put on a day stays there. */
function putThere(w: MenuWishes, m: MipBuilder, { x }: OnTable): void {
  for (const l of w.locks) {
    const i = x.get(l.pack)?.get(l.day);
    if (i !== undefined) m.row('put there', [1, 1], [[i, 1]], wishName.lock(l.pack, l.day));
  }
}

/** So much of what lies in the freezer is eaten as is asked to make room. */
function roomInFreezer(w: MenuWishes, m: MipBuilder, { x }: OnTable): void {
  if (w.freezerG === null) return;
  m.row(
    'room in the freezer',
    [w.freezerG / PLATE_G, Infinity],
    w.packs
      .filter((p) => p.place === 'freezer')
      .flatMap((p) => [...x.get(p.id)!.values()].map((i) => [i, p.massG / PLATE_G] as const)),
    wishName.freezer,
  );
}
