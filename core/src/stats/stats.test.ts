import { describe, expect, test } from '@jest/globals';
import { intervalOfCount, normalCdf, normalQuantile, poissonMeanAbove, studentQuantile } from './index.ts';

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
  test.each([
    [0.975, 1, 12.706],
    [0.975, 8, 2.306],
    [0.95, 30, 1.697],
    [0.025, 10, -2.228],
  ])('Student: quantile %d with %d degrees is %d', (p, v, t) => expect(studentQuantile(p, v)).toBeCloseTo(t, 3));
  test('means of counts', () => {
    expect(poissonMeanAbove(0, 0.95)).toBeCloseTo(2.9957, 4);
    expect(poissonMeanAbove(9, 0.05)).toBeCloseTo(5.4254, 4);
  });
  test('what is no probability is refused', () => {
    for (const p of [0, 1, -0.1, 1.1, Number.NaN]) {
      expect(() => normalQuantile(p)).toThrow(RangeError);
      expect(() => studentQuantile(p, 5)).toThrow('studentQuantile');
      expect(() => poissonMeanAbove(1, p)).toThrow(RangeError);
    }
  });
});

describe('exact intervals', () => {
  test('of a count', () => {
    expect(intervalOfCount(0, 0.05).low).toBe(0);
    expect(intervalOfCount(5, 0.05).low).toBeCloseTo(1.9701, 4);
    expect(intervalOfCount(5, 0.05).high).toBeCloseTo(10.513, 3);
  });
});
