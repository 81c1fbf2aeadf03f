import { COSTS, MERCURY_UNITS, mercuryLimit } from './menu-costs.ts';
import type { OnTable } from './packs-on-days.ts';
import { type MenuEater, type MenuPack, type MenuWishes, MOST_OF_NEED, needOf } from './menu.ts';
import type { MipBuilder } from './mip.ts';
import { heedOn, mustNot } from './must-not.ts';
import { wishName } from './wish-name.ts';

/** For a day: the column that is 1 where something of its meal is left over for the next. More than can be eaten then is never kept. */
function leavesOver(w: MenuWishes, m: MipBuilder, carried: readonly number[]): (day: number) => number {
  const known = new Map<number, number>();
  return (d) => {
    const before = known.get(d);
    if (before !== undefined) return before;
    const i = m.yesNo(`leaves ${d}`);
    const most = MOST_OF_NEED * needOf(w.days[d + 1]!, 1);
    m.row(
      'left over only where it is kept',
      [-Infinity, 0],
      [
        [carried[d]!, 1],
        [i, -most],
      ],
    );
    known.set(d, i);
    return i;
  };
}

/** What somebody must not eat is on no table at which they sit, nor left over for one. */
function mustNotEat(w: MenuWishes, m: MipBuilder, x: OnTable['x'], leaves: (day: number) => number): void {
  for (const p of w.packs)
    for (const [d, i] of x.get(p.id)!) {
      for (const e of heedOn(w.days[d])) {
        const why = mustNot(e, p);
        if (why) m.row('must not eat it', [0, 0], [[i, 1]], wishName.mustNot(e.id, why));
      }
      for (const e of heedOn(w.days[d + 1])) {
        const why = mustNot(e, p);
        if (!why) continue;
        const both = [
          [i, 1],
          [leaves(d), 1],
        ] as const;
        m.row('must not eat it as leftovers', [-Infinity, 1], both, wishName.mustNot(e.id, why));
      }
    }
}

/** Terms of the units of mercury that each eats, by eater. */
type Mercury = Map<string, (readonly [column: number, units: number])[]>;

/**
 * Species by day: variety, dislikes, what somebody must not eat (`mustNot`), and mercury. What is left over is of the species of its meal, and counts
 * for those who eat on the next day as the meal did.
 */
export function speciesOfMeals(w: MenuWishes, m: MipBuilder, x: OnTable['x'], carried: readonly number[]): void {
  const leaves = leavesOver(w, m, carried);
  const mercury: Mercury = new Map();
  for (const species of new Set(w.packs.map((p) => p.species))) {
    const packs = w.packs.filter((p) => p.species === species);
    const on = new Map<number, number>();
    w.days.forEach((_, d) => {
      const there = packs.flatMap((p) => x.get(p.id)!.get(d) ?? []);
      if (there.length > 0) on.set(d, speciesOnDay(w, m, packs[0]!, d, there, leaves, mercury));
    });
    sameAgain(species, w.days.length, m, on);
  }
  mustNotEat(w, m, x, leaves);
  adviceOnMercury(w, m, mercury);
}

/** The column that is 1 where a species is on the table of a day; who would rather not eat it, and its mercury, then and as leftovers. */
function speciesOnDay(
  w: MenuWishes,
  m: MipBuilder,
  { species, mercury: level }: MenuPack,
  d: number,
  there: readonly number[],
  leaves: (day: number) => number,
  mercury: Mercury,
): number {
  const { eaters } = w.days[d]!;
  const unwilling = (by: readonly MenuEater[]): number =>
    COSTS.disliked * by.filter((e) => e.dislikes.includes(species)).length;
  const i = m.col(`kind ${species} ${d}`, unwilling(eaters), 1);
  for (const o of there)
    m.row(
      'a kind on the table',
      [0, Infinity],
      [
        [i, 1],
        [o, -1],
      ],
    );
  const units = MERCURY_UNITS[level];
  const eats = (by: readonly MenuEater[], col: number): void => {
    if (units > 0) for (const e of by) mercury.set(e.id, [...(mercury.get(e.id) ?? []), [col, units * e.plates]]);
  };
  eats(eaters, i);
  const next = w.days[d + 1]?.eaters ?? [];
  if (unwilling(next) > 0 || (units > 0 && next.length > 0)) {
    const over = m.col(`left over ${species} ${d}`, unwilling(next), 1);
    m.row(
      'left over of a kind',
      [-1, Infinity],
      [
        [over, 1],
        [i, -1],
        [leaves(d), -1],
      ],
    );
    eats(next, over);
  }
  return i;
}

/** The same species on the next day, or for a third time. `on`: its columns by day. */
function sameAgain(species: string, days: number, m: MipBuilder, on: ReadonlyMap<number, number>): void {
  for (let d = 1; d < days; d++) {
    const [before, now] = [on.get(d - 1), on.get(d)];
    if (before === undefined || now === undefined) continue;
    const again = m.col(`again ${species} ${d}`, COSTS.nextDay, 1);
    m.row(
      'again on the next day',
      [-1, Infinity],
      [
        [again, 1],
        [before, -1],
        [now, -1],
      ],
    );
  }
  if (on.size <= 2) return;
  const third = m.col(`third ${species}`, COSTS.third, days);
  m.row('for a third time', [-2, Infinity], [[third, 1], ...[...on.values()].map((i) => [i, -1] as const)]);
}

/** What each eats of mercury beyond the advice; what was eaten before cannot be undone: only what is added counts. */
function adviceOnMercury(w: MenuWishes, m: MipBuilder, mercury: Mercury): void {
  const eaters = new Map(w.days.flatMap((d) => d.eaters.map((e) => [e.id, e] as const)));
  for (const [id, terms] of mercury) {
    const e = eaters.get(id)!;
    const over = m.col(`mercury ${id}`, COSTS.mercury, Infinity);
    const room = Math.max(0, mercuryLimit(e.atRisk) - e.mercuryUnits);
    m.row('advice about mercury', [-room, Infinity], [[over, 1], ...terms.map(([i, n]) => [i, -n] as const)]);
  }
}
