import { PLATE_G } from '../plates/index.ts';
import { LEAST_OF_NEED, type MenuEater, type MenuPack, type MenuWishes, MOST_OF_NEED, needOf } from './menu.ts';
import { type Mip, MipBuilder } from './mip.ts';
import { heedOn, type MustNot, mustNot } from './must-not.ts';

/** What each soft wish costs, in plates of waste a tenth. Waste itself is reckoned first, and alone: nothing below buys any of it. */
export const COSTS = {
  /** A plate thrown away though it was cooked. */
  waste: 10,
  /** A plate that somebody has too little. */
  short: 1,
  /** A plate, for each day that it is past its best; at most `latest`. */
  late: 0.8,
  latest: 4,
  /** A plate of raw fish, for each day that it waits in the fridge. */
  waits: 0.05,
  /** A plate of cooked fish that is left over for the next day: the same again, and not as good. */
  over: 0.8,
  /** The same kind on the next day; a kind for a third time. */
  nextDay: 1.5,
  third: 2,
  /** A kind that one of those at home would rather not eat. */
  disliked: 0.8,
  /** A unit of mercury beyond the advice, for each that eats it. */
  mercury: 2,
  /** A pack on the table for a second meal; one that is begun and not finished. */
  again: 0.3,
  begun: 0.4,
  /** A meal of fish on a day on which nobody asked for one. */
  unasked: 0.25,
  /** A plate that is at its best no later than the plan’s end, and has no meal. */
  best: 2,
} as const;

/** Units of mercury of a plate: a kind with some of it counts one, one with much three. */
export const MERCURY_UNITS = { low: 0, some: 1, high: 3 } as const;
/**
 * Units of 30 days: those at risk a plate of a kind with some each week, others three times that. A soft limit, after the advice of the
 * United States FDA and EPA about eating fish; a kind with much is no choice for those at risk at all (`mustNot`).
 */
export const mercuryLimit = (atRisk: boolean): number => (atRisk ? 4 : 12);

/** Indices of the columns that a plan is read from. */
export interface MenuColumns {
  /** `x[pack][day]`: it is on the table; `a`: how much of its meat, plates, as terms. Missing where it cannot be. */
  readonly x: ReadonlyMap<string, ReadonlyMap<number, number>>;
  readonly a: ReadonlyMap<string, ReadonlyMap<number, readonly [number, number]>>;
  readonly eaten: readonly number[];
  readonly carried: readonly number[];
  readonly thrown: readonly number[];
  /** What lowers the waste, plates for one of the column; the waste of a plan is `wasteIfNone` plus these. */
  readonly waste: readonly (readonly [number, number])[];
  readonly wasteIfNone: number;
}

export const plates = (p: MenuPack): number => p.meatG / PLATE_G;

/** How much a pack that keeps beyond the plan pulls to the table now: those whose best ends soon more, one of months hardly. */
const pull = (p: MenuPack, days: number): number =>
  p.bestDay < days ? COSTS.best : Math.max(0.02, 1 / (2 + p.bestDay - days));

const lateCost = (p: MenuPack, d: number): number =>
  Math.min(COSTS.latest, COSTS.late * Math.max(0, d - p.bestDay)) + (p.place === 'fridge' ? COSTS.waits * d : 0);

/** The days on which a pack can be on the table. */
export const daysOf = (p: MenuPack, days: number): number[] =>
  Array.from({ length: days }, (_, d) => d).filter((d) => d >= p.firstDay && d <= p.lastDay);

/** The name of a wish in the program, for the clash. */
export const wishName = {
  lock: (pack: string, day: number) => `lock ${day} ${pack}`,
  fish: (day: number) => `fish ${day}`,
  noFish: (day: number) => `no fish ${day}`,
  freezer: 'freezer',
  mustNot: (eater: string, why: MustNot) =>
    `must-not ${eater} ${typeof why === 'string' ? why : `kind ${why.species}`}`,
} as const;

/**
 * The plan of meals as a mixed-integer program, in plates; the costs are those of the second reckoning (`COSTS`), without waste. Locks on
 * days on which a pack cannot be eaten are left out: see `impossibleLocks`.
 */
export function menuModel(w: MenuWishes): { readonly mip: Mip; readonly columns: MenuColumns } {
  const m = new MipBuilder();
  const H = w.days.length;
  const x = new Map<string, Map<number, number>>();
  const a = new Map<string, Map<number, readonly [number, number]>>();
  const waste: [number, number][] = [];
  let wasteIfNone = 0;
  for (const p of w.packs) {
    const [on, of] = [new Map<number, number>(), new Map<number, readonly [number, number]>()];
    x.set(p.id, on);
    a.set(p.id, of);
    const passes = p.lastDay < H;
    if (passes) wasteIfNone += plates(p);
    const gain = passes ? 0 : -pull(p, H);
    for (const d of daysOf(p, H)) {
      const perPlate = gain + lateCost(p, d);
      if (p.atOnce) {
        const i = m.yesNo(`x ${p.id} ${d}`, plates(p) * perPlate);
        on.set(d, i);
        of.set(d, [i, plates(p)]);
      } else {
        const i = m.yesNo(`x ${p.id} ${d}`, COSTS.again);
        const g = m.col(`a ${p.id} ${d}`, perPlate, plates(p));
        on.set(d, i);
        of.set(d, [g, 1]);
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
      }
      const [col, n] = of.get(d)!;
      if (passes) waste.push([col, -n]);
    }
    const all = [...on.values()];
    if (all.length === 0) continue;
    if (p.atOnce)
      m.row(
        'at one meal',
        [0, 1],
        all.map((i) => [i, 1]),
      );
    else {
      const begun = m.yesNo(`begun ${p.id}`, COSTS.begun - COSTS.again);
      const done = m.yesNo(`done ${p.id}`, -COSTS.begun);
      m.row(
        'no more than it holds',
        [0, plates(p)],
        [...of.values()].map(([i, n]) => [i, n]),
      );
      m.row('begun when on the table', [0, Infinity], [[begun, all.length], ...all.map((i) => [i, -1] as const)]);
      m.row('and only then', [-Infinity, 0], [[begun, 1], ...all.map((i) => [i, -1] as const)]);
      m.row(
        'done when nothing is left',
        [0, Infinity],
        [...[...of.values()].map(([i, n]) => [i, n] as const), [done, -plates(p) + 1e-4]],
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
  }
  const eaten: number[] = [];
  const carried: number[] = [];
  const thrown: number[] = [];
  w.days.forEach((day, d) => {
    const need = needOf(day, 1);
    const meal = m.yesNo(`meal ${d}`, day.fish === 'either' ? COSTS.unasked : 0);
    const e = m.col(`eaten ${d}`, 0, Infinity);
    const c = m.col(`carried ${d}`, COSTS.over, Infinity);
    const t = m.col(`thrown ${d}`, COSTS.waste, Infinity);
    const short = m.col(`short ${d}`, COSTS.short, Infinity);
    eaten.push(e);
    carried.push(c);
    thrown.push(t);
    waste.push([t, 1]);
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
    if (need <= 0) m.row('nobody is at home', [0, 0], [[meal, 1]]);
    if (day.fish === 'yes') m.row('fish', [1, 1], [[meal, 1]], wishName.fish(d));
    if (day.fish === 'no') m.row('no fish', [0, 0], [[meal, 1]], wishName.noFish(d));
  });
  kindsOnTheTable(w, m, x, carried);
  for (const l of w.locks) {
    const i = x.get(l.pack)?.get(l.day);
    if (i !== undefined) m.row('put there', [1, 1], [[i, 1]], wishName.lock(l.pack, l.day));
  }
  if (w.freezerG !== null)
    m.row(
      'room in the freezer',
      [w.freezerG / PLATE_G, Infinity],
      w.packs
        .filter((p) => p.place === 'freezer')
        .flatMap((p) => [...x.get(p.id)!.values()].map((i) => [i, p.massG / PLATE_G] as const)),
      wishName.freezer,
    );
  return { mip: m.done(), columns: { x, a, eaten, carried, thrown, waste, wasteIfNone } };
}

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
function mustNotEat(
  w: MenuWishes,
  m: MipBuilder,
  x: ReadonlyMap<string, ReadonlyMap<number, number>>,
  leaves: (day: number) => number,
): void {
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

/**
 * Species by day: variety, dislikes, what somebody must not eat (`mustNot`), and mercury. What is left over is of the species of its meal, and counts
 * for those who eat on the next day as the meal did.
 */
function kindsOnTheTable(
  w: MenuWishes,
  m: MipBuilder,
  x: ReadonlyMap<string, ReadonlyMap<number, number>>,
  carried: readonly number[],
): void {
  const H = w.days.length;
  const leaves = leavesOver(w, m, carried);
  const eaters = new Map(w.days.flatMap((d) => d.eaters.map((e) => [e.id, e] as const)));
  const mercuryOf = new Map<string, [number, number][]>();
  for (const species of new Set(w.packs.map((p) => p.species))) {
    const packs = w.packs.filter((p) => p.species === species);
    const v = new Map<number, number>();
    w.days.forEach((day, d) => {
      const on = packs.flatMap((p) => x.get(p.id)!.get(d) ?? []);
      if (on.length === 0) return;
      const dislike = day.eaters.filter((e) => e.dislikes.includes(species)).length;
      const i = m.col(`kind ${species} ${d}`, COSTS.disliked * dislike, 1);
      v.set(d, i);
      for (const o of on)
        m.row(
          'a kind on the table',
          [0, Infinity],
          [
            [i, 1],
            [o, -1],
          ],
        );
      const units = MERCURY_UNITS[packs[0]!.mercury];
      const eats = (by: readonly MenuEater[], col: number): void => {
        if (units > 0)
          for (const e of by) mercuryOf.set(e.id, [...(mercuryOf.get(e.id) ?? []), [col, units * e.plates]]);
      };
      eats(day.eaters, i);
      const next = w.days[d + 1]?.eaters ?? [];
      const dislikeIt = next.filter((e) => e.dislikes.includes(species)).length;
      if (dislikeIt > 0 || (units > 0 && next.length > 0)) {
        const over = m.col(`left over ${species} ${d}`, COSTS.disliked * dislikeIt, 1);
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
    });
    for (let d = 1; d < H; d++) {
      const [before, now] = [v.get(d - 1), v.get(d)];
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
    if (v.size > 2) {
      const third = m.col(`third ${species}`, COSTS.third, H);
      m.row('for a third time', [-2, Infinity], [[third, 1], ...[...v.values()].map((i) => [i, -1] as const)]);
    }
  }
  mustNotEat(w, m, x, leaves);
  for (const [id, terms] of mercuryOf) {
    const e = eaters.get(id)!;
    const over = m.col(`mercury ${id}`, COSTS.mercury, Infinity);
    // What was eaten before cannot be undone: only what is added counts.
    const room = Math.max(0, mercuryLimit(e.atRisk) - e.mercuryUnits);
    m.row('advice about mercury', [-room, Infinity], [[over, 1], ...terms.map(([i, n]) => [i, -n] as const)]);
  }
}
