import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../test-species.test-support.ts';
import { fishBody } from '../heat/index.ts';
import { chartMin } from './charts.ts';
import { portion } from './cook.test-support.ts';
import { METHODS, methodOf, usualSetting } from './methods.ts';
import type { PieceCut } from './piece.ts';
import { type Cooking, type CookingAsked, reckonCooking } from './reckon-cooking.ts';
import { besideTheRule } from './rules-of-thumb.ts';

/** Two pieces from the fridge to the official limit, by ruler. */
function cooked(id: string, thicknessMm: number, more: Partial<CookingAsked> = {}, cut: PieceCut = 'portion'): Cooking {
  const method = methodOf(id)!;
  const r = reckonCooking({
    method,
    setting: usualSetting(method.heat!),
    piece: portion({ thicknessMm, massG: 170, cut, bone: cut === 'steak' }),
    pieces: 2,
    startC: 5,
    toC: 63,
    thicknessBy: 'by ruler',
    species: null,
    ...more,
  });
  if (!r.ok) throw new Error(`${id}: ${r.why}`);
  return r;
}
const minutes = (...a: Parameters<typeof cooked>): number => cooked(...a).course.pulledS / 60;

/** The weight, g, at which a fish of a kind is so thick. */
function weightAt(mm: number): number {
  let [low, high] = [5, 20_000];
  for (let i = 0; i < 60; i++) {
    const g = Math.sqrt(low * high);
    if (fishBody(POLLACK, g).radiusM * 2000 < mm) low = g;
    else high = g;
  }
  return low;
}

const OF_PIECES = METHODS.filter(
  (m) => m.heat && chartMin(m.id, 25) !== null && (m.cuts as readonly string[]).includes('portion'),
);
const TIMED = OF_PIECES.filter((m) => m.id !== 'poach, heat off');

describe('a cook would believe it', () => {
  test.each(TIMED.map((m) => [m.id] as const))('%s: in the middle half of the charts from 12 to 40 mm', (id) => {
    for (const mm of [12, 20, 25, 30, 40]) {
      const share = minutes(id, mm) / chartMin(id, mm)!;
      expect([mm, share > 0.9 && share < 1.1, share]).toEqual([mm, true, share]);
    }
  });
  test('a steak with its bone takes a little longer than a portion, within the charts', () => {
    for (const id of ['pan', 'grill', 'roast'])
      for (const mm of [20, 25, 30]) {
        const [steak, plain] = [minutes(id, mm, {}, 'steak'), minutes(id, mm)];
        expect(steak).toBeGreaterThan(plain);
        expect(steak / chartMin(id, mm)!).toBeLessThan(1.2);
      }
  });
  test.each(['pan, whole', 'grill, whole', 'roast', 'steam', 'poach, from hot'])(
    '%s: a whole fish within the charts',
    (id) => {
      for (const mm of [20, 25, 30]) {
        const piece = portion({ cut: 'whole', thicknessMm: mm, massG: weightAt(mm), bone: true });
        const share = minutes(id, mm, { piece, species: POLLACK }) / chartMin(id, mm)!;
        expect([mm, share > 0.8 && share < 1.2, share]).toEqual([mm, true, share]);
      }
    },
  );
  test('the heat of a pan has its effect: at 140° half as long again as at 230°; turned often it is sooner', () => {
    const at = (mediumC: number, turns = 1) => minutes('pan', 25, { setting: { mediumC, amount: 2, turns } });
    expect(at(140) / at(230)).toBeGreaterThan(1.25);
    expect(at(140) / at(230)).toBeLessThan(1.7);
    expect(at(180, 5)).toBeLessThan(at(180));
  });
  test('a whole trout of a kilo in a pan is not off after nine minutes', () => {
    const piece = portion({ cut: 'whole', thicknessMm: 45, massG: 1000, bone: true });
    const r = cooked('pan, whole', 45, { piece, species: POLLACK, pieces: 1 });
    expect(r.course.pulledS / 60).toBeGreaterThan(14);
    expect(r.course.pulledC).toBeGreaterThan(50);
    expect(r.besideRule).toBe('alike');
  });
});

describe('coasting', () => {
  test('is counted on only as far as it was measured: 8 K for a piece, 12 for a whole fish', () => {
    for (const m of TIMED) {
      const r = cooked(m.id, 30);
      expect([m.id, r.reachesC - r.course.pulledC < 8.3]).toEqual([m.id, true]);
      expect([m.id, r.reachesC >= 63, r.course.peakC >= r.reachesC - 1e-9]).toEqual([m.id, true, true]);
    }
    const whole = portion({ cut: 'whole', thicknessMm: 60, massG: 1500, bone: true });
    const r = cooked('roast', 60, { piece: whole, species: POLLACK });
    expect(r.reachesC - r.course.pulledC).toBeLessThan(12.3);
    expect(r.reachesC - r.course.pulledC).toBeGreaterThan(8);
  });
  test('all of it where the middle stays raw, so that it is not passed', () => {
    for (const toC of [22, 38, 45]) {
      const { course } = cooked('seared', 30, { toC }, 'steak');
      expect(course.peakC).toBeLessThan(toC + 0.5);
      expect(course.pulledC).toBeLessThan(toC - 8);
    }
  });
  test('not at all where it is eaten from the fire, or must be done there', () => {
    for (const id of ['batter', 'deep fry', 'dredge', 'soup'])
      expect(cooked(id, 20).course.pulledC).toBeGreaterThan(62.9);
    const r = cooked('roast', 25, { inTheFire: 'A guest may be at risk.' });
    expect(r.course.pulledC).toBeGreaterThan(62.9);
    expect(r.reachesC).toBeCloseTo(r.course.pulledC, 6);
    expect(r.course.pulledS).toBeGreaterThan(cooked('roast', 25).course.pulledS);
  });
});

test('the band is as wide as the charts differ, and wider where the thickness is guessed', () => {
  const of = (thicknessBy: CookingAsked['thicknessBy']) => {
    const { course, lowS, highS } = cooked('pan', 25, { thicknessBy });
    return [lowS / course.pulledS, highS / course.pulledS] as const;
  };
  const [low, high] = of('by ruler');
  expect(high).toBeGreaterThanOrEqual(1.2);
  expect(high).toBeLessThan(1.35);
  expect(low).toBeLessThan(0.84);
  expect(of('of the mass')[1]).toBeGreaterThan(high + 0.05);
});

test('beside the rule: within a third alike, else shorter or longer; nothing without a rule', () => {
  const rules = { byThicknessMin: 9, byWeightMin: null };
  expect([5.9, 6.1, 9, 11.9, 12.1].map((m) => besideTheRule(m * 60, rules))).toEqual([
    'shorter',
    'alike',
    'alike',
    'alike',
    'longer',
  ]);
  expect(besideTheRule(600, { byThicknessMin: null, byWeightMin: 20 })).toBeNull();
});

test('a kitchen that takes longer: all of it is later, and the band is what is not known of it', () => {
  const kitchen = { times: 1.3, sd: 0.05 };
  const [plain, slow] = [cooked('roast', 25), cooked('roast', 25, { kitchen })];
  expect(slow.course.pulledS / plain.course.pulledS).toBeCloseTo(1.3, 9);
  expect(slow.course.peakS / plain.course.peakS).toBeCloseTo(1.3, 9);
  expect(slow.course.pulledC).toBe(plain.course.pulledC);
  expect(slow.highS / slow.course.pulledS).toBeLessThan(plain.highS / plain.course.pulledS);
  const vague = cooked('roast', 25, { kitchen: { times: 1, sd: 0.3 } });
  expect(vague.highS).toBeGreaterThan(plain.highS * 1.15);
});
