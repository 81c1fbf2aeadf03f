import { describe, expect, test } from '@jest/globals';
import { intervalOfCount, intervalOfShare, poissonMeanAbove } from './index.ts';

describe('exact interval of a share', () => {
  // Clopper and Pearson's own chart, 95 %: 5 of 10 lie between 0.187 and 0.813.
  test.each([
    [5, 10, 0.1871, 0.8129],
    [0, 10, 0, 0.3085],
    [10, 10, 0.6915, 1],
  ])('of a share: %d of %d', (n, of, low, high) => {
    const r = intervalOfShare(n, of, 0.025);
    expect([r.low, r.high].map((x) => x.toFixed(4))).toEqual([low, high].map((x) => x.toFixed(4)));
  });

  test('a tail that is no probability is refused', () => {
    for (const tail of [0, 1, -0.1, Number.NaN]) expect(() => intervalOfShare(1, 2, tail)).toThrow(RangeError);
  });
});

describe('exact interval of a count', () => {
  test('means of counts', () => {
    expect(poissonMeanAbove(0, 0.95)).toBeCloseTo(2.9957, 4);
    expect(poissonMeanAbove(9, 0.05)).toBeCloseTo(5.4254, 4);
  });
  test('of a count', () => {
    expect(intervalOfCount(0, 0.05).low).toBe(0);
    expect(intervalOfCount(5, 0.05).low).toBeCloseTo(1.9701, 4);
    expect(intervalOfCount(5, 0.05).high).toBeCloseTo(10.513, 3);
  });
  test('a probability that is none is refused', () => {
    for (const p of [0, 1, -0.1, Number.NaN]) expect(() => poissonMeanAbove(1, p)).toThrow(RangeError);
  });
});
