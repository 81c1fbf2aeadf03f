import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../test-species.test-support.ts';
import fc from 'fast-check';
import { cookedG, meatFrom, meatOfAll, PLATE_G, platesFrom } from './index.ts';

describe('is it enough for dinner', () => {
  test('meat is the middle of the usual yield', () => {
    expect(meatFrom(POLLACK, 1000)).toBeCloseTo(380, 9);
    expect(meatFrom({ yields: { fillets: [0.4, 0.6] } }, 1000)).toBeCloseTo(500, 9);
    expect(meatFrom({ yields: {} }, 1000)).toBeCloseTo(375, 9);
  });

  test('cooked it weighs 15 to 25 in 100 less', () => {
    expect(cookedG(200)).toEqual({ low: 150, high: 170 });
  });

  test('plates are whole, the rest is over', () => {
    expect(platesFrom(0)).toEqual({ plates: 0, overG: 0 });
    expect(platesFrom(PLATE_G * 3)).toEqual({ plates: 3, overG: 0 });
    expect(platesFrom(PLATE_G * 3 - 1)).toEqual({ plates: 2, overG: PLATE_G - 1 });
    expect(platesFrom(-5)).toEqual({ plates: 0, overG: 0 });
  });

  const fish = (roundG: number, more: { count?: number; weighed?: boolean } = {}) => ({
    species: { yields: { trimmed: [0.3, 0.5] as const }, weight: { a: 0.01, b: 3, sdLog: 0.1 } },
    roundG,
    count: 1,
    weighed: true,
    ...more,
  });
  test('the range of one weighed fish is that of its usual cut; a reckoned weight widens it, a lot less so', () => {
    expect(meatOfAll([fish(1000)])).toMatchObject({ meatG: 400, plates: 2 });
    expect(meatOfAll([fish(1000)]).lowG).toBeCloseTo(300, 9);
    expect(meatOfAll([fish(1000)]).highG).toBeCloseTo(500, 9);
    const half = (list: ReturnType<typeof fish>[]) => (meatOfAll(list).highG - meatOfAll(list).lowG) / 2;
    expect(half([fish(1000, { weighed: false })])).toBeCloseTo(Math.hypot(100, 1.645 * 40), 9);
    expect(half([fish(1000, { weighed: false, count: 4 })])).toBeCloseTo(Math.hypot(100, 1.645 * 20), 9);
    expect(meatOfAll([])).toEqual({ meatG: 0, lowG: 0, highG: 0, plates: 0, lowPlates: 0, highPlates: 0 });
  });
  test('more fish give more, and err less for their number; the range never crosses itself', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 12 }), (grams) => {
        const all = meatOfAll(grams.map((g) => fish(g, { weighed: false })));
        const fewer = meatOfAll(grams.slice(1).map((g) => fish(g, { weighed: false })));
        expect(all.meatG).toBeGreaterThan(fewer.meatG);
        expect(all.lowG).toBeLessThanOrEqual(all.meatG);
        expect(all.highG).toBeGreaterThanOrEqual(all.meatG);
        expect(all.lowPlates).toBeLessThanOrEqual(all.plates);
        const alone = grams.reduce((sum, g) => sum + meatOfAll([fish(g, { weighed: false })]).highG, 0);
        expect(all.highG).toBeLessThanOrEqual(alone + 1e-6);
      }),
    );
  });
});
