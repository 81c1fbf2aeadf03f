import { beforeAll, describe, expect, test } from '@jest/globals';
import loadHighs, { type Highs } from 'highs';
import { byTryingAll } from './exhaustive-menu.test-support.ts';
import {
  highsSolver,
  type Menu,
  type MenuEater,
  menuModel,
  type MenuWishes,
  type MipSolver,
  oldestFirst,
  smallestClash,
  solveMenu,
  someLarder,
} from './index.ts';
import { eater, menuDay, menuPack } from './larders.test-support.ts';
import { withCosts } from './mip.ts';

let highs: Highs;
let solve: MipSolver;
beforeAll(async () => {
  highs = await loadHighs();
  solve = highsSolver(highs);
});
const ILSE = eater('Ilse');
const TOMAS = eater('Tomas');
const week = (n: number, more: object = {}) =>
  Array.from({ length: n }, (_, d) => menuDay(`2026-09-${12 + d}`, [ILSE, TOMAS], more));
const wishes = (more: Partial<MenuWishes>): MenuWishes => ({
  packs: [],
  days: week(3),
  locks: [],
  freezerG: null,
  ...more,
});
const planned = (w: MenuWishes): Menu => {
  const r = solveMenu(w, solve, 10);
  if (!r.ok) throw new Error(`no plan: ${JSON.stringify(r)}`);
  return r.menu;
};
const dayOf = (m: Menu, id: string): number | undefined =>
  m.meals.find((x) => x.parts.some((p) => p.pack.id === id))?.day;
const clashOf = (w: MenuWishes) => {
  const r = solveMenu(w, solve, 10);
  if (r.ok || !r.clash) throw new Error('a plan, or no clash');
  return r.clash;
};

describe('the plan of meals', () => {
  test('nothing passes its day where that can be, and nothing is eaten after it', () => {
    const m = planned(
      wishes({
        packs: [
          menuPack('a', { lastDay: 0 }),
          menuPack('b', { species: 'cod', lastDay: 1 }),
          menuPack('c', { lastDay: 2 }),
        ],
      }),
    );
    expect([dayOf(m, 'a'), dayOf(m, 'b'), dayOf(m, 'c')]).toEqual([0, 1, 2]);
    expect(m.measures).toMatchObject({ wasteG: 0, short: 0 });
    expect([m.proven, m.gap]).toEqual([true, 0]);
  });

  test('frozen fish comes no sooner than it thaws, and stays in the freezer while fresh fish presses', () => {
    const frozen = menuPack('f', { place: 'freezer', firstDay: 1, lastDay: 90, bestDay: 60 });
    const m = planned(wishes({ packs: [frozen, menuPack('a', { lastDay: 1 })], days: week(2) }));
    expect(dayOf(m, 'a')).toBe(0);
    expect(m.unplanned.map((p) => p.id)).toEqual(['f']);
    // Asked for fish on the second day too, it is taken.
    const asked = planned(wishes({ packs: [frozen, menuPack('a', { lastDay: 0 })], days: week(2, { fish: 'yes' }) }));
    expect(dayOf(asked, 'f')).toBe(1);
  });

  test('not the same kind on the next day, where another will do', () => {
    const packs = [
      menuPack('m1', { species: 'mackerel', lastDay: 2 }),
      menuPack('m2', { species: 'mackerel', lastDay: 2 }),
      menuPack('p', { lastDay: 2 }),
    ];
    const m = planned(wishes({ packs }));
    expect(Math.abs(dayOf(m, 'm1')! - dayOf(m, 'm2')!)).toBe(2);
    expect(m.measures.again).toBe(0);
  });

  test('what is too much for one meal is left over once, and never twice', () => {
    const m = planned(wishes({ packs: [menuPack('big', { meatG: 640, lastDay: 0 })], days: week(3) }));
    expect(m.meals.map((x) => [x.day, x.eatenG, x.fromBeforeG, x.leftOverG])).toEqual([
      [0, 320, 0, 320],
      [1, 320, 320, 0],
    ]);
    expect(planned(wishes({ packs: [menuPack('huge', { meatG: 1600, lastDay: 0 })] })).measures.wasteG).toBe(
      1600 - 2 * 368,
    );
  });

  test('a pack that may be divided is divided; whole packs are liked better', () => {
    const big = menuPack('big', { meatG: 640, atOnce: false, lastDay: 1 });
    const m = planned(wishes({ packs: [big], days: week(2) }));
    expect(m.meals.flatMap((x) => x.parts.map((p) => p.meatG)).reduce((a, b) => a + b, 0)).toBe(640);
    const small = menuPack('small', { meatG: 320, atOnce: false, lastDay: 2 });
    expect(planned(wishes({ packs: [small], days: week(2) })).meals.map((x) => x.parts[0]!.meatG)).toEqual([320]);
  });

  test('who must not eat a kind is not given it; who would rather not, only when nothing else will do', () => {
    const packs = [menuPack('m', { species: 'mackerel', lastDay: 1 })];
    const days = (e: object) => [menuDay('2026-09-12', [ILSE, eater('Wren', e)]), menuDay('2026-09-13', [ILSE, TOMAS])];
    expect(dayOf(planned(wishes({ packs, days: days({ allergic: ['mackerel'] }) })), 'm')).toBe(1);
    expect(dayOf(planned(wishes({ packs, days: days({ dislikes: ['mackerel'] }) })), 'm')).toBe(1);
    const both = [menuDay('2026-09-12', [ILSE, eater('Wren', { allergic: ['mackerel'] })])];
    expect(planned(wishes({ packs: [{ ...packs[0]!, lastDay: 0 }], days: both })).measures.wasteG).toBe(320);
  });

  test('mercury: for one at risk a kind with much of it waits for a day when that one is away', () => {
    const packs = [menuPack('t', { species: 'tope', mercury: 'high', lastDay: 1 })];
    const at = eater('Wren', { atRisk: true });
    const days = [menuDay('2026-09-12', [ILSE, at]), menuDay('2026-09-13', [ILSE, TOMAS])];
    expect(dayOf(planned(wishes({ packs, days })), 't')).toBe(1);
    // Not one plate a month, though it were thrown away.
    const alone = wishes({ packs: [menuPack('t', { mercury: 'high', lastDay: 0 })], days: [days[0]!] });
    expect(planned(alone).meals).toEqual([]);
  });

  test('who is at risk, and a guest of whom that is not known, is given nothing cured or smoked at home, nor its leftovers', () => {
    const packs = [menuPack('c', { form: 'cured', countsAsRaw: true, meatG: 640, lastDay: 2, bestDay: 0 })];
    const plain = [ILSE, TOMAS];
    const withWren = (n: number) =>
      [0, 1, 2].map((d) => menuDay(`2026-09-1${2 + d}`, d === n ? plain : [...plain, eater('Wren', { atRisk: true })]));
    expect(dayOf(planned(wishes({ packs, days: withWren(1) })), 'c')).toBe(1);
    const guests = [menuDay('2026-09-12', plain, { guests: 1 }), menuDay('2026-09-13', plain)];
    expect(dayOf(planned(wishes({ packs, days: guests })), 'c')).toBe(1);
    // For somebody who may, what is too much is kept; for one at risk it is not.
    const next = (atRisk: boolean) => [
      menuDay('2026-09-12', [ILSE]),
      menuDay('2026-09-13', [eater('Wren', { atRisk })]),
    ];
    const once = [{ ...packs[0]!, meatG: 320, lastDay: 0 }];
    const kept = (atRisk: boolean) =>
      planned(wishes({ packs: once, days: next(atRisk) })).meals.some((m) => m.leftOverG > 0);
    expect([kept(false), kept(true)]).toEqual([true, false]);
  });

  test('who eats no fish at all is given none', () => {
    const packs = [menuPack('m', { lastDay: 1 })];
    const days = [menuDay('2026-09-12', [ILSE, eater('Wren', { noFish: true })]), menuDay('2026-09-13', [ILSE, TOMAS])];
    expect(dayOf(planned(wishes({ packs, days })), 'm')).toBe(1);
  });

  test('locked it stays; the freezer gets its room; a day without fish has none', () => {
    const frozen = (id: string) => menuPack(id, { place: 'freezer', firstDay: 1, lastDay: 90, bestDay: 80 });
    const w = wishes({
      packs: [frozen('f'), frozen('g'), menuPack('a', { lastDay: 2 })],
      locks: [{ pack: 'a', day: 2 }],
    });
    expect(dayOf(planned(w), 'a')).toBe(2);
    expect(
      planned({ ...w, freezerG: 300 })
        .meals.flatMap((m) => m.parts)
        .filter((p) => p.pack.place === 'freezer'),
    ).toHaveLength(1);
    const none = planned(
      wishes({ packs: [menuPack('a', { lastDay: 2 })], days: [...week(1, { fish: 'no' }), ...week(1)] }),
    );
    expect(none.meals.map((m) => m.day)).toEqual([1]);
  });
});

describe('wishes that clash', () => {
  test('one alone, two together, and a day on which a pack cannot be eaten', () => {
    const a = menuPack('a', { lastDay: 0 });
    expect(clashOf(wishes({ packs: [a], locks: [{ pack: 'a', day: 2 }] })).impossible).toMatchObject([
      { pack: { id: 'a' }, day: 2 },
    ]);
    expect(clashOf(wishes({ freezerG: 500 })).wishes).toEqual([{ of: 'freezer' }]);
    const days = week(3, { fish: 'no' });
    expect(clashOf(wishes({ packs: [menuPack('b')], days, locks: [{ pack: 'b', day: 1 }] }))).toMatchObject({
      smallest: true,
      wishes: [
        { of: 'no fish', day: 1 },
        { of: 'lock', pack: 'b', day: 1 },
      ],
    });
    const wren = eater('Wren', { allergic: ['pollack'] });
    const away = [menuDay('2026-09-12', [wren])];
    const c = clashOf(wishes({ packs: [menuPack('b')], days: away, locks: [{ pack: 'b', day: 0 }] }));
    expect(c.wishes).toEqual([
      { of: 'must not', eater: 'Wren', why: { species: 'pollack' } },
      { of: 'lock', pack: 'b', day: 0 },
    ]);
  });

  test('three that clash only together are named, and each of them is enough to give up', () => {
    // Fish for two on three days, and for two days only.
    const packs = [
      menuPack('a', { meatG: 250, lastDay: 9, bestDay: 9 }),
      menuPack('b', { meatG: 250, lastDay: 9, bestDay: 9 }),
    ];
    const w = wishes({ packs, days: week(3, { fish: 'yes' }) });
    const c = clashOf(w);
    expect(c).toMatchObject({ smallest: true });
    expect(c.wishes).toHaveLength(3);
    for (let d = 0; d < 3; d++)
      expect(
        solveMenu({ ...w, days: w.days.map((x, i) => (i === d ? { ...x, fish: 'either' } : x)) }, solve, 10).ok,
      ).toBe(true);
  });
});

describe('beside an exhaustive search', () => {
  test('the optimum is the same, on 40 small larders', () => {
    let planned = 0;
    for (let seed = 1; seed <= 40; seed++) {
      const w = someLarder(seed, 3, 3);
      const best = byTryingAll(w);
      const r = solveMenu(w, solve, 10);
      expect([seed, r.ok]).toEqual([seed, best !== null]);
      if (!r.ok || !best) continue;
      planned += 1;
      expect(r.menu.measures.wasteG / 160).toBeCloseTo(best.waste, 2);
      const { mip, columns } = menuModel(w);
      const kept = solve(
        {
          ...mip,
          rows: [
            ...mip.rows,
            {
              name: 'w',
              lower: -Infinity,
              upper: best.waste - columns.wasteIfNone + 1e-4,
              terms: columns.waste,
              wish: null,
            },
          ],
        },
        10,
      );
      expect([seed, kept.cost]).toEqual([seed, expect.closeTo(best.rest, 2)]);
    }
    expect(planned).toBeGreaterThan(20);
  });
});

describe('leftovers', () => {
  const tomas = eater('Tomas');
  const fed = [menuDay('2026-09-12', [tomas], { guests: 2 })];
  const mackerel = menuPack('a', { species: 'mackerel', name: 'mackerel', meatG: 800, bestDay: 0, lastDay: 0 });
  const partsOf = (w: MenuWishes) => {
    const r = solveMenu(w, solve, 10);
    if (!r.ok) throw new Error('no plan');
    return r.menu.meals;
  };
  test('reach nobody who must not eat them, by the plan or by what most do', () => {
    const wren = eater('Wren', { allergic: ['mackerel'] });
    const w = wishes({ packs: [mackerel], days: [...fed, menuDay('2026-09-13', [wren])] });
    for (const meals of [partsOf(w), oldestFirst(w).meals]) {
      expect(meals.map((m) => m.day)).toEqual([0]);
      expect(meals[0]!.leftOverG).toBe(0);
    }
    // The same larder with somebody who may: it is kept for her.
    const may = { ...w, days: [...fed, menuDay('2026-09-13', [eater('Wren')])] };
    expect(partsOf(may).map((m) => [m.day, m.fromBeforeG > 0])).toEqual([
      [0, false],
      [1, true],
    ]);
  });
  test('a random larder: what is kept was cooked of nothing that tomorrow’s eaters must not eat', () => {
    for (let seed = 100; seed < 140; seed++) {
      const easy = someLarder(seed, 5, 4, true);
      const must = (e: MenuEater) => (e.id === 'Wren' ? { ...e, allergic: ['mackerel', 'cod'] } : e);
      const w = { ...easy, days: easy.days.map((d) => ({ ...d, eaters: d.eaters.map(must) })) };
      const r = solveMenu(w, solve, 10);
      if (!r.ok) throw new Error(`${seed}: no plan`);
      for (const m of [...r.menu.meals, ...oldestFirst(w).meals])
        if (m.leftOverG > 0)
          for (const e of w.days[m.day + 1]?.eaters ?? [])
            for (const p of m.parts) expect([seed, e.allergic.includes(p.pack.species)]).toEqual([seed, false]);
    }
  });
});

describe('a clash that could not be told in its time', () => {
  test('is not called the smallest', () => {
    const w = wishes({
      packs: [menuPack('a', { meatG: 250, lastDay: 9, bestDay: 9 })],
      days: week(3, { fish: 'yes' }),
    });
    // Nothing is proven while wishes are left out.
    const slow: MipSolver = (mip, s) => {
      const all = new Set(mip.rows.flatMap((r) => r.wish ?? []));
      return all.size < 3 ? { status: 'time is up', x: null, cost: 0, gap: 1 } : solve(mip, s);
    };
    expect(smallestClash(menuModel(w).mip, slow, 1)).toMatchObject({ smallest: false });
    expect(smallestClash(menuModel(w).mip, solve, 5)).toMatchObject({ smallest: true });
  });
});

describe('beside oldest first', () => {
  test('never more waste, and all that is planned is there', () => {
    for (let seed = 1; seed <= 25; seed++) {
      const w = someLarder(seed, 8, 5, true);
      const r = solveMenu(w, solve, 10);
      if (!r.ok) throw new Error(`${seed}: no plan`);
      expect([seed, r.menu.measures.wasteG <= oldestFirst(w).measures.wasteG + 1]).toEqual([seed, true]);
      for (const p of w.packs) {
        const parts = r.menu.meals.flatMap((m) =>
          m.parts.filter((x) => x.pack.id === p.id).map((x) => ({ ...x, day: m.day })),
        );
        expect(parts.reduce((g, x) => g + x.meatG, 0)).toBeLessThanOrEqual(p.meatG + 1);
        for (const x of parts) expect(x.day >= p.firstDay && x.day <= p.lastDay).toBe(true);
      }
    }
  });
});

describe('a solver that fails', () => {
  test('out of time, or broken: said, and no plan is made up', () => {
    const w = wishes({ packs: [menuPack('a')] });
    expect(solveMenu(w, () => ({ status: 'time is up', x: null, cost: 0, gap: 1 }), 1)).toEqual({
      ok: false,
      clash: null,
      why: 'time is up',
    });
    expect(solveMenu(w, highsSolver({} as Highs), 1)).toMatchObject({ ok: false, why: 'failed' });
    // What the first reckoning found stands when the second runs out of time.
    let n = 0;
    const once: MipSolver = (mip, s) =>
      n++ === 0 ? solve(mip, s) : { status: 'time is up', x: null, cost: 0, gap: 1 };
    expect(solveMenu(w, once, 1)).toMatchObject({ ok: true, menu: { proven: false, gap: 1, measures: { wasteG: 0 } } });
    expect(
      solve(
        withCosts({ cols: [], rows: [] }, () => 0),
        1,
      ).status,
    ).toBe('optimal');
  });
});
