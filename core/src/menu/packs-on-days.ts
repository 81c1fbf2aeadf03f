import { COSTS, lateCost, plates, pull } from './menu-costs.ts';
import type { MenuPack } from './menu.ts';
import type { MipBuilder } from './mip.ts';

/** Columns by pack and day: `x`, it is on the table; `a`, how much of its meat, plates, as a term. Missing where it cannot be. */
export interface OnTable {
  readonly x: ReadonlyMap<string, ReadonlyMap<number, number>>;
  readonly a: ReadonlyMap<string, ReadonlyMap<number, readonly [column: number, plates: number]>>;
}

/** What lowers the waste, plates for one of a column; and the waste of a plan without a meal, plates. */
export interface Waste {
  readonly terms: (readonly [column: number, plates: number])[];
  ifNone: number;
}

/** The days on which a pack can be on the table. */
export const daysOf = (p: MenuPack, days: number): number[] =>
  Array.from({ length: days }, (_, d) => d).filter((d) => d >= p.firstDay && d <= p.lastDay);

/** Puts every pack on the days on which it can be eaten; what passes its day within the plan counts as waste until it is. */
export function packsOnDays(packs: readonly MenuPack[], days: number, m: MipBuilder, waste: Waste): OnTable {
  const x = new Map<string, ReadonlyMap<number, number>>();
  const a = new Map<string, ReadonlyMap<number, readonly [number, number]>>();
  for (const p of packs) {
    const passes = p.lastDay < days;
    if (passes) waste.ifNone += plates(p);
    const gain = passes ? 0 : -pull(p, days);
    const [on, of] = [new Map<number, number>(), new Map<number, readonly [number, number]>()];
    x.set(p.id, on);
    a.set(p.id, of);
    for (const d of daysOf(p, days)) {
      const { i, term } = onOneDay(p, d, gain + lateCost(p, d), m);
      on.set(d, i);
      of.set(d, term);
      if (passes) waste.terms.push([term[0], -term[1]]);
    }
    if (on.size === 0) continue;
    if (p.atOnce)
      m.row(
        'at one meal',
        [0, 1],
        [...on.values()].map((i) => [i, 1]),
      );
    else overSeveralMeals(p, [...on.values()], [...of.values()], m);
  }
  return { x, a };
}

/** One pack on one day: whether it is on the table, and how much of it. `perPlate`: what a plate of it costs. */
function onOneDay(
  p: MenuPack,
  d: number,
  perPlate: number,
  m: MipBuilder,
): { readonly i: number; readonly term: readonly [number, number] } {
  if (p.atOnce) {
    const i = m.yesNo(`x ${p.id} ${d}`, plates(p) * perPlate);
    return { i, term: [i, plates(p)] };
  }
  const i = m.yesNo(`x ${p.id} ${d}`, COSTS.again);
  const g = m.col(`a ${p.id} ${d}`, perPlate, plates(p));
  m.row(
    'of a pack that is on the table',
    [-Infinity, 0],
    [
      [g, 1],
      [i, -plates(p)],
    ],
  );
  m.row(
    'and some of it',
    [0, Infinity],
    [
      [g, 1],
      [i, -Math.min(0.25, plates(p) / 2)],
    ],
  );
  return { i, term: [g, 1] };
}

/** A pack that may be eaten in parts: no more than it holds, and what is begun is better finished. */
function overSeveralMeals(
  p: MenuPack,
  on: readonly number[],
  of: readonly (readonly [number, number])[],
  m: MipBuilder,
): void {
  const begun = m.yesNo(`begun ${p.id}`, COSTS.begun - COSTS.again);
  const done = m.yesNo(`done ${p.id}`, -COSTS.begun);
  m.row(
    'no more than it holds',
    [0, plates(p)],
    of.map(([i, n]) => [i, n]),
  );
  m.row('begun when on the table', [0, Infinity], [[begun, on.length], ...on.map((i) => [i, -1] as const)]);
  m.row('and only then', [-Infinity, 0], [[begun, 1], ...on.map((i) => [i, -1] as const)]);
  m.row(
    'done when nothing is left',
    [0, Infinity],
    [...of.map(([i, n]) => [i, n] as const), [done, -plates(p) + 1e-4]],
  );
  m.row(
    'no end without a beginning',
    [-Infinity, 0],
    [
      [done, 1],
      [begun, -1],
    ],
  );
}
