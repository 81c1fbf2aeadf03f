import { describe, expect, test } from '@jest/globals';
import { normalCdf, normalQuantile } from './index.ts';

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
