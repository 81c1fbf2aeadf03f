import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type CookedOnce, learnKitchen, timesAsLong } from './kitchen-learned.ts';
import { normal, seeded } from '../random/index.ts';

const once = (times: number, more: Partial<CookedOnce> = {}): CookedOnce => ({
  way: 'pan',
  place: 'ring',
  times,
  sd: 0.1,
  ...more,
});

describe('a kitchen that is learned', () => {
  test('of nothing it is the charts: once, from four to six minutes for each five', () => {
    const k = learnKitchen([], 'pan', 'ring');
    expect(k.times).toBe(1);
    expect(k.high).toBeCloseTo(1.2, 2);
    expect(k.low).toBeCloseTo(1 / 1.2, 2);
    expect([k.ofWay, k.inAll]).toEqual([0, 0]);
  });
  test('of one way alone it is the mean of two normals, by hand', () => {
    const seen = [once(1.3), once(1.3)];
    const k = learnKitchen(seen, 'pan', 'ring');
    const prior = (Math.log(1.2) / 1.645) ** 2 * (0.6 ** 2 + 0.55 ** 2 + 0.58 ** 2);
    const precision = 1 / prior + 2 / 0.01;
    expect(k.times).toBeCloseTo(Math.exp((Math.log(1.3) * 200) / precision), 9);
    expect(k.sd).toBeCloseTo(Math.sqrt(1 / precision), 9);
    expect(k.times).toBeCloseTo(1.2, 1);
    expect([k.low, k.high].map((x) => x.toFixed(2))).toEqual(['1.09', '1.33']);
  });
  test('a neighbour on the same ring says more of a way than one in the oven, and its own dinners say most', () => {
    const of = (more: Partial<CookedOnce>) => learnKitchen([once(1.4, more)], 'pan', 'ring').times;
    const [own, ring, oven] = [of({}), of({ way: 'simmer' }), of({ way: 'roast', place: 'oven' })];
    expect(own).toBeGreaterThan(ring);
    expect(ring).toBeGreaterThan(oven);
    expect(oven).toBeGreaterThan(1.01);
  });
  test('more dinners, surer; the order does not matter', () => {
    const list = fc.array(
      fc.record({
        way: fc.constantFrom('pan', 'simmer', 'roast', 'grill'),
        times: fc.double({ min: 0.6, max: 1.8, noNaN: true }),
        sd: fc.double({ min: 0.05, max: 0.3, noNaN: true }),
      }),
      { minLength: 1, maxLength: 12 },
    );
    const place = { pan: 'ring', simmer: 'ring', roast: 'oven', grill: 'grill' } as const;
    fc.assert(
      fc.property(list, (all) => {
        const seen = all.map((x) => ({ ...x, place: place[x.way as keyof typeof place] }));
        const k = learnKitchen(seen, 'pan', 'ring');
        expect(learnKitchen([...seen].reverse(), 'pan', 'ring').times).toBeCloseTo(k.times, 9);
        expect(learnKitchen(seen.slice(1), 'pan', 'ring').sd).toBeGreaterThan(k.sd - 1e-12);
        const most = Math.max(1, ...seen.map((s) => s.times));
        const least = Math.min(1, ...seen.map((s) => s.times));
        expect(k.times).toBeLessThanOrEqual(most + 1e-9);
        expect(k.times).toBeGreaterThanOrEqual(least - 1e-9);
      }),
    );
  });
  test('on simulated kitchens nine bands of ten hold the truth', () => {
    const rng = seeded(7);
    const sd = Math.log(1.2) / 1.645;
    let held = 0;
    const all = 400;
    for (let i = 0; i < all; i++) {
      const cook = normal(rng) * sd * 0.6;
      const ring = cook + normal(rng) * sd * 0.55;
      const oven = cook + normal(rng) * sd * 0.55;
      const pan = ring + normal(rng) * sd * 0.58;
      const roast = oven + normal(rng) * sd * 0.58;
      const of = (truth: number, way: string, place: 'ring' | 'oven') =>
        once(Math.exp(truth + normal(rng) * 0.12), { way, place, sd: 0.12 });
      const k = learnKitchen(
        [of(pan, 'pan', 'ring'), of(pan, 'pan', 'ring'), of(roast, 'roast', 'oven')],
        'pan',
        'ring',
      );
      if (k.low < Math.exp(pan) && Math.exp(pan) < k.high) held++;
    }
    expect(held / all).toBeGreaterThan(0.86);
    expect(held / all).toBeLessThan(0.94);
  });
});

describe('how many times as long', () => {
  const roast = { cookMin: 10, startC: 5, pulledC: 56, mediumC: 200 };
  test('at its pull by the clock; before and after by how it nears its heat', () => {
    expect(timesAsLong(roast, 12, 56)).toBeCloseTo(1.2, 9);
    expect(timesAsLong(roast, 10, 63)!).toBeLessThan(1);
    expect(timesAsLong(roast, 10, 50)!).toBeGreaterThan(1);
    // Heat that is no hotter than this water: nearer to it, each degree takes longer.
    const poach = { ...roast, mediumC: 75 };
    expect(timesAsLong(poach, 12, 60)!).toBeLessThan(timesAsLong(roast, 12, 60)!);
  });
  test('what says too little or cannot be is left out', () => {
    expect(timesAsLong(roast, 3, 20)).toBeNull();
    expect(timesAsLong(roast, 12, 99)).toBeNull();
    expect(timesAsLong(roast, 40, 56)).toBeNull();
    expect(timesAsLong(roast, 2, 56)).toBeNull();
    expect(timesAsLong(roast, 0, 56)).toBeNull();
    expect(timesAsLong({ ...roast, pulledC: 4 }, 12, 56)).toBeNull();
    expect(timesAsLong({ ...roast, mediumC: 57 }, 12, 54)).toBeNull();
  });
});
