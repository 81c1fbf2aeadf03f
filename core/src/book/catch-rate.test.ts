import { describe, expect, test } from '@jest/globals';
import { seeded } from '../random/index.ts';
import { catchRate } from './index.ts';

describe('catch per rod hour', () => {
  test('no hours: nothing can be said', () => {
    expect(catchRate(3, 0)).toBeNull();
    expect(catchRate(0, Number.NaN)).toBeNull();
  });

  // Exact Garwood 90 % limits for a count: chi-square quantiles over two.
  test.each([
    [0, 0, 2.9957],
    [1, 0.0513, 4.7439],
    [5, 1.9701, 10.513],
    [10, 5.4254, 16.9622],
    [30, 21.594, 40.6907],
  ])('%d fish in one hour lie between %d and %d', (n, low, high) => {
    const r = catchRate(n, 1);
    expect(r?.low).toBeCloseTo(low, 3);
    expect(r?.high).toBeCloseTo(high, 3);
  });

  test('nine in ten intervals hold the true rate', () => {
    const rng = seeded(11);
    const poisson = (mean: number): number => {
      let k = 0;
      for (let p = Math.exp(-mean), sum = p, u = rng(); u > sum; sum += p) p *= mean / ++k;
      return k;
    };
    let inside = 0;
    for (let i = 0; i < 2000; i++) {
      const r = catchRate(poisson(0.8 * 10), 10);
      if (r && r.low <= 0.8 && r.high >= 0.8) inside++;
    }
    // Garwood's interval is never narrower than it says, and somewhat wider for small counts.
    expect(inside / 2000).toBeGreaterThan(0.89);
    expect(inside / 2000).toBeLessThan(0.97);
  });
});
