import { describe, expect, test } from '@jest/globals';
import libraryQuantile from '@stdlib/stats-base-dists-t-quantile';
import { normalCdf, normalQuantile, studentQuantile } from './index.ts';

describe('distributions against the tables', () => {
  // Abramowitz and Stegun, tables 26.1, 26.5, 26.10, 26.8.
  test.each([
    [0, 0.5],
    [1, 0.841344746068543],
    [1.96, 0.97500210485178],
    [-3, 0.00134989803163],
    [-6, 9.8658764503e-10],
  ])('normal: P(Z <= %d) is %d', (z, p) => {
    expect(normalCdf(z) / p).toBeCloseTo(1, 9);
    expect(normalQuantile(p)).toBeCloseTo(z, 7);
  });
  test('normal: the quantile undoes the distribution', () => {
    for (const p of [0.001, 0.01, 0.2, 0.5, 0.84, 0.999]) expect(normalCdf(normalQuantile(p))).toBeCloseTo(p, 6);
  });
  test('normal: at the ends', () => {
    expect([normalCdf(-Infinity), normalCdf(Infinity)]).toEqual([0, 1]);
    expect(normalCdf(Number.NaN)).toBeNaN();
  });
  test('what is no probability is refused', () => {
    for (const p of [0, 1, -0.1, 1.1, Number.NaN]) {
      expect(() => normalQuantile(p)).toThrow(RangeError);
    }
  });
});

describe('Student’s t', () => {
  // Abramowitz and Stegun, table 26.10.
  test.each([
    [0.95, 8, 1.8595],
    [0.975, 8, 2.306],
    [0.995, 8, 3.3554],
    [0.999, 8, 4.5008],
    [0.999, 10, 4.1437],
    [0.975, 30, 2.0423],
    [0.999, 30, 3.3852],
    [0.6, 12, 0.259],
    [0.95, 10, 1.812461],
    [0.975, 10, 2.228139],
    [0.995, 10, 3.169273],
    [0.95, 30, 1.697261],
    [0.025, 20, -2.085963],
  ])('%d of %d degrees of freedom lie below %d', (p, degrees, t) => {
    expect(Math.abs(studentQuantile(p, degrees) - t)).toBeLessThan(p < 0.999 ? 0.0003 : 0.002);
    expect(studentQuantile(1 - p, degrees)).toBeCloseTo(-studentQuantile(p, degrees), 9);
  });
  test('is the library’s to two thousandths, where it is asked for', () => {
    for (const degrees of [8, 9, 12, 30, 200])
      for (const p of [0.001, 0.025, 0.05, 0.3, 0.5, 0.8, 0.95, 0.975, 0.999])
        expect(Math.abs(studentQuantile(p, degrees) - libraryQuantile(p, degrees))).toBeLessThan(0.002);
  });
  test('of very many it is the normal one', () => {
    expect(studentQuantile(0.975, 1e9)).toBeCloseTo(normalQuantile(0.975), 8);
  });
});
