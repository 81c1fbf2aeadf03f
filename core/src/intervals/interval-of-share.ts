import betaQuantileOf from '@stdlib/stats-base-dists-beta-quantile';
import type { Interval } from './interval-of-count.ts';

/**
 * Exact interval of a share of which `n` in `of` were met (Clopper and Pearson 1934), `tail` beyond each end, in (0, 1),
 * else RangeError.
 */
export function intervalOfShare(n: number, of: number, tail: number): Interval {
  if (!(tail > 0 && tail < 1)) throw new RangeError(`intervalOfShare: a tail lies between 0 and 1, this was ${tail}`);
  return {
    low: n === 0 ? 0 : betaQuantileOf(tail, n, of - n + 1),
    high: n === of ? 1 : betaQuantileOf(1 - tail, n + 1, of - n),
  };
}
