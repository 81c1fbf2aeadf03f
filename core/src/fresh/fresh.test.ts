import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  airC,
  coolingTauMin,
  freshTone,
  freshness,
  iceDays,
  spoilageModel,
  spoilageRate,
  stretchesOf,
  type KeptFrom,
} from './index.ts';

const H = 3_600_000;
const DAY = 24 * H;

describe('the rate of spoiling', () => {
  // (1 + T/10)^2: at 10 degC fish spoils four times as fast as on ice.
  test.each([
    [0, 1],
    [5, 2.25],
    [10, 4],
    [-18, 0],
    [-5, 0],
  ])('at %d degC it is %d', (t, rate) => {
    expect(spoilageRate(t)).toBeCloseTo(rate, 9);
  });

  test('it rises with temperature', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (t, d) => spoilageRate(t + d) >= spoilageRate(t),
      ),
    );
  });
});

describe('ice-days used', () => {
  test('a day at 0 degC is one, a day at 10 degC is four', () => {
    expect(iceDays(0, [{ fromMs: 0, toMs: DAY, mediumC: 0, tauMin: 0 }])).toBeCloseTo(1, 9);
    expect(iceDays(10, [{ fromMs: 0, toMs: DAY, mediumC: 10, tauMin: 0 }])).toBeCloseTo(4, 9);
  });

  test('cooling agrees with the integral done by hand', () => {
    // From 10 to 0 degC with time constant tau: integral of (1 + e^(-t/tau))^2 = T + 2 tau + tau/2 for long T.
    const tau = 60;
    const used = iceDays(10, [{ fromMs: 0, toMs: 2 * DAY, mediumC: 0, tauMin: tau }]);
    const exact = 2 + (2.5 * tau) / (24 * 60);
    expect(used).toBeCloseTo(exact, 3);
  });

  test('it does not matter where a stretch is cut in two', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.integer({ min: 10, max: 300 }),
        (share, tauMin) => {
          const cut = Math.round(share * DAY);
          const whole = iceDays(12, [{ fromMs: 0, toMs: DAY, mediumC: 0, tauMin }]);
          const parts = iceDays(12, [
            { fromMs: 0, toMs: cut, mediumC: 0, tauMin },
            { fromMs: cut, toMs: DAY, mediumC: 0, tauMin },
          ]);
          return Math.abs(whole - parts) < 2e-3;
        },
      ),
    );
  });

  test('nothing spoils in the freezer, and time never runs back', () => {
    expect(iceDays(-18, [{ fromMs: 0, toMs: 90 * DAY, mediumC: -18, tauMin: 0 }])).toBe(0);
    expect(() => iceDays(0, [{ fromMs: 5, toMs: 1, mediumC: 0, tauMin: 0 }])).toThrow(RangeError);
  });
});

describe('where it lay', () => {
  const kept: KeptFrom[] = [
    { atMs: 0, keeping: 'air' },
    { atMs: H / 4, keeping: 'box' },
    { atMs: 6 * H, keeping: 'board' },
    { atMs: 7 * H, keeping: 'fridge' },
  ];

  test('stretches follow each other without gap up to now', () => {
    const s = stretchesOf(kept, 800, 13, 20 * H);
    expect(s.map((x) => [x.fromMs, x.toMs])).toEqual([
      [0, H / 4],
      [H / 4, 6 * H],
      [6 * H, 7 * H],
      [7 * H, 20 * H],
    ]);
    expect(s.map((x) => x.mediumC)).toEqual([18, 0, 18, 4]);
  });

  test('the order of the record does not matter, and what lies after now is left out', () => {
    expect(stretchesOf([...kept].reverse(), 800, 13, 20 * H)).toEqual(stretchesOf(kept, 800, 13, 20 * H));
    expect(stretchesOf(kept, 800, 13, 5 * H)).toHaveLength(2);
    expect(stretchesOf([{ atMs: 0, keeping: 'gone' }], 800, 13, H)).toEqual([]);
  });

  test('a larger fish cools more slowly', () => {
    expect(coolingTauMin(300)).toBeCloseTo(25, 9);
    expect(coolingTauMin(2400)).toBeCloseTo(100, 6);
  });
});

describe('freshness used', () => {
  const base = { kept: [{ atMs: 0, keeping: 'box' as const }], massG: 50, waterC: 0, iceDaysAllowed: 10, bled: true };

  /** Iced anew each day, as one does who looks under the lid. */
  const iced = (days: number) => Array.from({ length: days }, (_, d) => ({ atMs: d * DAY, keeping: 'box' as const }));

  test('five days on ice are half of ten', () => {
    const f = freshness({ ...base, kept: iced(5), untilMs: 5 * DAY });
    // The first half hour, while it cools from the air, counts a little more.
    expect(f.used).toBeCloseTo(0.5, 1);
    expect(f.used).toBeGreaterThan(0.5);
    expect(f.iceDaysAllowed).toBe(10);
  });

  test('a fish not bled has less time', () => {
    expect(freshness({ ...base, kept: iced(4), untilMs: 4 * DAY, bled: false }).used).toBeCloseTo(0.5, 1);
  });

  test('tones change at half, eighty and a hundred', () => {
    expect([0, 0.49, 0.5, 0.79, 0.8, 0.99, 1, 3].map(freshTone)).toEqual([
      'fresh',
      'fresh',
      'half',
      'half',
      'use',
      'use',
      'past',
      'past',
    ]);
  });

  test('a box without ice costs far more than one with it', () => {
    const kept = [...base.kept, { atMs: DAY, keeping: 'box without ice' as const }];
    const left = freshness({ ...base, kept, untilMs: 5 * DAY });
    expect(left.used).toBeGreaterThan(freshness({ ...base, kept: iced(5), untilMs: 5 * DAY }).used * 2);
  });

  test('the air is never taken to be colder than 18°, and lies above a warm sea', () => {
    expect([null, 4, 14, 20, 29].map(airC)).toEqual([18, 18, 18, 23, 32]);
  });

  test('fish of warm reefs spoil by exp(0.12 T): alike on ice, slower in the warmth of a fridge than by the other curve', () => {
    expect(spoilageRate(0, 'tropical')).toBe(1);
    expect(spoilageRate(10, 'tropical')).toBeCloseTo(Math.exp(1.2), 12);
    expect(spoilageRate(-6, 'tropical')).toBe(0);
    expect(spoilageModel('warm reef')).toBe('tropical');
    expect(spoilageModel('oily small')).toBe('temperate');
    const warm = { ...base, kept: [{ atMs: 0, keeping: 'air' as const }], waterC: 28, untilMs: 6 * H };
    expect(freshness({ ...warm, model: 'tropical' }).used).not.toBeCloseTo(freshness(warm).used, 3);
  });

  test('it never falls as time passes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 20 }),
        (a, b) => freshness({ ...base, untilMs: (a + b) * DAY }).used >= freshness({ ...base, untilMs: a * DAY }).used,
      ),
    );
  });

  test('a warm hour costs more than a cold one', () => {
    const warm = freshness({ ...base, kept: [{ atMs: 0, keeping: 'air' }], waterC: 14, untilMs: H });
    const cold = freshness({ ...base, untilMs: H });
    expect(warm.used).toBeGreaterThan(4 * cold.used);
  });
});
