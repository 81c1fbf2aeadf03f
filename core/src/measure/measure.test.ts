import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded, normal } from '../random/index.ts';
import { POLLACK } from '../test-species.test-support.ts';
import {
  certainMarginMm,
  chanceAtLeast,
  checkLength,
  checkWeight,
  DOUBT,
  expectedWeight,
  judgeReading,
  MEASURE_ERRORS,
  weightOddity,
} from './index.ts';
import { normalCdf } from '../stats/index.ts';

describe('the normal distribution', () => {
  // Reference: tables to seven places.
  test.each([
    [0, 0.5],
    [1, 0.8413447],
    [-1, 0.1586553],
    [1.6448536, 0.95],
    [1.959964, 0.975],
    [-2.5758293, 0.005],
    [4, 0.9999683],
  ])('at %d it is %d', (z, p) => {
    expect(normalCdf(z)).toBeCloseTo(p, 6);
  });

  test('it rises, and its two sides sum to one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -6, max: 6, noNaN: true }),
        fc.double({ min: 0.001, max: 3, noNaN: true }),
        (z, d) => {
          expect(normalCdf(z + d)).toBeGreaterThanOrEqual(normalCdf(z));
          expect(normalCdf(z) + normalCdf(-z)).toBeCloseTo(1, 6);
        },
      ),
    );
  });
});

describe('the error of a reading', () => {
  test('board, mat and tape err by fixed millimetres, the eye by a tenth', () => {
    expect(judgeReading(400, 'board')).toEqual({ lengthMm: 400, sdMm: 3 });
    expect(judgeReading(400, 'mat')).toEqual({ lengthMm: 400, sdMm: 5 });
    expect(judgeReading(400, 'eye')).toEqual({ lengthMm: 400, sdMm: 40 });
  });

  test('a tape along the curve reads one in a hundred too long, and that is taken off', () => {
    expect(judgeReading(404, 'tape').lengthMm).toBeCloseTo(400, 9);
    expect(judgeReading(404, 'tape').sdMm).toBe(8);
  });

  test('a length of nothing is a broken call', () => {
    expect(() => judgeReading(0, 'board')).toThrow(RangeError);
    expect(() => judgeReading(Number.NaN, 'board')).toThrow(RangeError);
  });

  test('the chance matches what repeated measuring shows', () => {
    // A fish of 342 mm measured again and again on a board: how often would such readings call it at least 340?
    const rng = seeded(7);
    const reading = 342;
    let long = 0;
    const n = 20_000;
    for (let i = 0; i < n; i++) if (reading + normal(rng, 0, MEASURE_ERRORS.board.fixedMm) >= 340) long++;
    expect(chanceAtLeast(judgeReading(reading, 'board'), 340)).toBeCloseTo(long / n, 1.7);
  });

  test('at the limit it is even, and beyond the certain margin it is no longer in doubt', () => {
    const l = judgeReading(340, 'board');
    expect(chanceAtLeast(l, 340)).toBeCloseTo(0.5, 6);
    const m = certainMarginMm(l.sdMm);
    expect(chanceAtLeast({ ...l, lengthMm: 340 + m + 0.01 }, 340)).toBeGreaterThan(1 - DOUBT);
    expect(chanceAtLeast({ ...l, lengthMm: 340 - m - 0.01 }, 340)).toBeLessThan(DOUBT);
    expect(chanceAtLeast({ ...l, lengthMm: 340 + m - 0.05 }, 340)).toBeLessThan(1 - DOUBT);
  });

  test('without error it is yes or no', () => {
    expect(chanceAtLeast({ lengthMm: 340, sdMm: 0 }, 340)).toBe(1);
    expect(chanceAtLeast({ lengthMm: 339, sdMm: 0 }, 340)).toBe(0);
  });

  test('a longer fish is never less likely long enough', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 2000 }),
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 10, max: 2000 }),
        (mm, more, limit) =>
          chanceAtLeast(judgeReading(mm + more, 'board'), limit) >= chanceAtLeast(judgeReading(mm, 'board'), limit),
      ),
    );
  });
});

describe('weight at length', () => {
  test('it is a L^b, and nine in ten lie in the range', () => {
    const w = expectedWeight(POLLACK, 400);
    expect(w.massG).toBeCloseTo(640, 9);
    expect(w.lowG).toBeCloseTo(640 / Math.exp(0.16449), 6);
    expect(w.highG).toBeCloseTo(640 * Math.exp(0.16449), 6);
    const rng = seeded(3);
    let inside = 0;
    for (let i = 0; i < 5000; i++) {
      const g = 640 * Math.exp(normal(rng, 0, 0.1));
      if (g >= w.lowG && g <= w.highG) inside++;
    }
    expect(inside / 5000).toBeGreaterThan(0.88);
    expect(inside / 5000).toBeLessThan(0.92);
  });

  test('oddity is zero at the curve and counts standard deviations off it', () => {
    expect(weightOddity(POLLACK, 400, 640)).toBeCloseTo(0, 9);
    expect(weightOddity(POLLACK, 400, 640 * Math.exp(0.3))).toBeCloseTo(3, 9);
    expect(() => expectedWeight(POLLACK, 0)).toThrow(RangeError);
  });
});

describe('lengths that cannot be', () => {
  test.each([
    [0, 'above 0'],
    [-12, 'above 0'],
    [Number.NaN, 'as a number'],
    [9000, 'longer than any fish'],
    [4000, 'No pollack is 400 cm'],
  ])('%d mm is refused with a sentence', (mm, words) => {
    const r = checkLength(POLLACK, mm);
    expect(r.ok).toBe(false);
    if (!r.ok) {
      expect(r.why).toContain(words);
      expect(r.field).toBe('lengthMm');
    }
  });

  test('a record fish asks for a second look and is not blocked', () => {
    const r = checkLength(POLLACK, 1350);
    expect(r.ok && r.ask).toContain('Measure again');
    expect(checkLength(POLLACK, 440)).toEqual({ ok: true });
    expect(checkLength(null, 4000)).toEqual({ ok: true });
  });
});

describe('weights that cannot be, and odd ones', () => {
  test('nothing, less than 0 and tons are refused', () => {
    for (const g of [0, -3, Number.NaN, 3_000_000]) expect(checkWeight(POLLACK, 400, g).ok).toBe(false);
  });

  test('a weight no such fish has asks which is wrong, and does not block', () => {
    const r = checkWeight(POLLACK, 400, 2000);
    expect(r.ok).toBe(true);
    expect(r.ok && r.ask).toContain('length, weight or species');
    expect(checkWeight(POLLACK, 400, 700)).toEqual({ ok: true });
  });

  test('a lot is judged by the fish, not by the lot', () => {
    expect(checkWeight(POLLACK, 400, 8 * 640, 8)).toEqual({ ok: true });
    expect(checkWeight(POLLACK, 400, 8 * 640, 1)).toHaveProperty('ask');
  });

  test('without a length or a name nothing is asked', () => {
    expect(checkWeight(null, 400, 9999)).toEqual({ ok: true });
    expect(checkWeight(POLLACK, null, 9999)).toEqual({ ok: true });
  });
});
