import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  firstDayThawed,
  type MenuMeal,
  type MenuPack,
  type MenuWishes,
  methodsFor,
  methodsOf,
  sayClash,
  sayEnough,
  sayTakeOut,
  sayUnplanned,
  TABLE_HOUR,
  takeOut,
  thawHours,
  whyThisDay,
} from './index.ts';
import { eater, menuDay, menuPack } from './larders.test-support.ts';

const days = Array.from({ length: 7 }, (_, d) => menuDay(`2026-09-${12 + d}`, [eater('Ilse'), eater('Tomas')]));
const w = (packs: readonly MenuPack[], more: Partial<MenuWishes> = {}): MenuWishes => ({
  packs,
  days,
  locks: [],
  freezerG: null,
  ...more,
});
const meal = (day: number, packs: readonly MenuPack[], more: Partial<MenuMeal> = {}): MenuMeal => ({
  day,
  parts: packs.map((pack) => ({ pack, meatG: pack.meatG, locked: false })),
  needG: 320,
  eatenG: 320,
  fromBeforeG: 0,
  leftOverG: 0,
  ...more,
});

describe('thawing in time', () => {
  test('a night for what is small, a day for two kilograms, cold water on the day itself', () => {
    expect([300, 1000, 2000, 4000].map((g) => thawHours(g, 'fridge'))).toEqual([12, 12, 24, 48]);
    expect([225, 450, 900].map((g) => thawHours(g, 'cold water'))).toEqual([0.5, 1, 2]);
    // In the afternoon a small one is still thawed for tonight, a large one tomorrow or the day after.
    expect(firstDayThawed(400, 14)).toBe(0);
    expect(firstDayThawed(400, 18.5)).toBe(1);
    // Three hours by the bowl, six half pounds, and no more.
    expect([firstDayThawed(1350, 9), firstDayThawed(1351, 9)]).toEqual([0, 1]);
    expect(firstDayThawed(2000, 14)).toBe(1);
    expect(firstDayThawed(5000, 14)).toBe(3);
    expect(takeOut(400, 3, 14)).toMatchObject({ how: 'fridge', day: 2, hour: 21 });
    // Before dawn there is still time on the day itself; an evening before the first day counts too.
    expect([firstDayThawed(2000, 2), firstDayThawed(1500, -3)]).toEqual([1, 0]);
    expect(takeOut(1500, 0, -3)).toMatchObject({ how: 'fridge', day: -1, hour: 21 });
    expect(takeOut(2500, 3, 14)).toMatchObject({ how: 'fridge', day: 2, hour: 8 });
    expect(takeOut(400, 0, 14)).toMatchObject({ how: 'cold water', day: 0, hour: 17.5 });
    expect(takeOut(2000, 1, 14)).toMatchObject({ how: 'fridge', day: 0, hour: 14, now: true });
  });

  test('taken out as it is said, it has thawed by the meal; and is not asked for in the past', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 6000 }),
        fc.integer({ min: 0, max: 12 }),
        fc.double({ min: 0, max: 23.5, noNaN: true }),
        (massG, later, nowHour) => {
          const day = firstDayThawed(massG, nowHour) + later;
          const at = takeOut(massG, day, nowHour);
          expect(at.day * 24 + at.hour).toBeGreaterThanOrEqual(Math.floor(nowHour * 2) / 2);
          const hours = (day - at.day) * 24 + TABLE_HOUR - at.hour;
          expect(hours).toBeGreaterThanOrEqual(thawHours(massG, at.how) - 0.01);
        },
      ),
    );
  });
});

describe('in words', () => {
  const a = menuPack('84', { lastDay: 1, bestDay: 1, name: 'Pollack, 2 fillets' });
  const m = menuPack('69', { species: 'mackerel', name: 'Mackerel', lastDay: 60, bestDay: 40, place: 'freezer' });

  test('why a pack is on a day: its last day, its best, what was wished', () => {
    const of = (p: MenuPack, d: number, more: Partial<MenuWishes> = {}) => {
      const x = meal(d, [p]);
      return whyThisDay(w([a, m], more), [x], x, x.parts[0]!).join('; ');
    };
    expect(of(a, 1)).toBe('its last day by the official limit');
    expect(of(a, 0)).toBe('to be eaten by Sunday');
    expect(of({ ...m, bestDay: 1 }, 3)).toBe('past its best since Sunday');
    expect(of({ ...m, bestDay: 5 }, 3)).toBe('at its best until Thursday');
    expect(of(m, 3)).toBe('the next to be eaten: at its best until 22 October');
    expect(of(m, 3, { freezerG: 500 })).toBe('makes room in the freezer');
    const x = meal(1, [m]);
    const locked = { ...x.parts[0]!, locked: true };
    expect(whyThisDay(w([m]), [x], x, locked)[0]).toBe('you put it here');
    const b = menuPack('85', { lastDay: 3, bestDay: 3 });
    expect(whyThisDay(w([a, b, m]), [meal(0, [a]), x], x, x.parts[0]!)).toContain(
      'a different species than the day before',
    );
  });

  test('enough for how many, what is left over, and what to take out when', () => {
    expect(sayEnough(w([a]), meal(0, [a]))).toBe('320 g for 2');
    expect(sayEnough(w([a]), meal(0, [a], { eatenG: 200 }))).toBe('200 g for 2, a small meal');
    expect(sayEnough(w([a]), meal(0, [a], { leftOverG: 120 }))).toBe('320 g for 2; 120 g left over for the next day');
    expect(sayTakeOut(w([m]), m, takeOut(400, 3, 14), true)).toBe(
      'Pack 69 out of the freezer Monday evening, into the fridge, on a tray; open its bag first.',
    );
    expect(sayTakeOut(w([m]), m, takeOut(400, 0, 14), false)).toMatch(/Saturday at 17:30 into cold water/);
    expect(sayTakeOut(w([m]), m, takeOut(2000, 1, 14), false)).toMatch(/freezer now, into the fridge/);
  });

  test('what has no meal is frozen in time or given away, and thawed fish not frozen again', () => {
    expect(sayUnplanned(w([a]), a)).toMatch(/its last day is Sunday.*Freeze it today/);
    expect(sayUnplanned(w([a]), { ...a, thawed: true })).toMatch(/does not go back into the freezer raw/);
    expect(sayUnplanned(w([m]), m)).toBeNull();
    expect(sayUnplanned(w([m]), { ...m, lastDay: 4 })).toMatch(/Give it away/);
  });

  test('a clash is told in the words of who wished', () => {
    const of = (wishes: Parameters<typeof sayClash>[1]['wishes']) =>
      sayClash(w([a, m], { freezerG: 2000 }), { wishes, smallest: true, impossible: [] });
    expect(
      of([
        { of: 'fish', day: 2 },
        { of: 'lock', pack: '84', day: 0 },
      ]),
    ).toBe('These cannot all be: fish on Monday and pack 84, Pollack, 2 fillets, on Saturday. Give up one of them.');
    expect(of([{ of: 'freezer' }])).toMatch(/^This cannot be: 2.00 kg out of the freezer by Friday/);
    expect(sayClash(w([a]), { wishes: [], smallest: true, impossible: [{ pack: a, day: 3 }] })).toBe(
      'Pack 84, Pollack, 2 fillets, cannot wait until Tuesday: its last day is Sunday.',
    );
  });
});

describe('a way to cook', () => {
  test('oily fish to the fire, lean to the pan, what is late into a sauce; never raw without its freezing, or for one at risk', () => {
    const best = (more: Partial<MenuPack>, atRisk = false) => methodsFor(menuPack('a', more), 0, atRisk)[0]!.method;
    expect(best({ fat: 'oily' })).toBe('grilled');
    expect(best({})).toBe('pan-fried');
    expect(best({ form: 'whole' })).toBe('roasted');
    expect(best({ bestDay: 0 })).toBe('simmered in a sauce');
    const raw = (more: Partial<MenuPack>, atRisk: boolean) =>
      methodsFor(menuPack('a', more), 0, atRisk).some((s) => s.method === 'raw' || s.method === 'cured');
    expect([raw({}, false), raw({ rawMet: true }, true), raw({ rawMet: true }, false)]).toEqual([false, false, true]);
    expect(methodsFor(menuPack('a', { form: 'smoked' }), 0, false)).toEqual([]);
  });

  test('not the same two days running, where another suits nearly as well', () => {
    const meals = [0, 1, 2].map((d) => meal(d, [menuPack(`p${d}`, { bestDay: 9 })]));
    const names = methodsOf(meals, days).map((s) => s?.method);
    expect(names[0]).not.toBe(names[1]);
    expect(names[1]).not.toBe(names[2]);
    // With one pack of the meal not frozen for it, nothing of it is raw.
    const mixed = [meal(0, [menuPack('a', { rawMet: true }), menuPack('b')])];
    expect(methodsOf(mixed, days)[0]!.method).toBe('pan-fried');
  });
});
