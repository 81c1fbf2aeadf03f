import chiSquareQuantileOf from '@stdlib/stats-base-dists-chisquare-quantile';

/** An interval, both ends belong to it. */
export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * The mean of a Poisson count from which as few as `n` come with probability 1 - `p`: half of a quantile of chi-square with
 * 2 (n + 1) degrees of freedom. `n`: a whole number, 0 or more; `p` in (0, 1), else RangeError.
 */
export function poissonMeanAbove(n: number, p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`poissonMeanAbove: a probability lies between 0 and 1, this was ${p}`);
  return chiSquareQuantileOf(p, 2 * (n + 1)) / 2;
}

/**
 * Exact interval of a mean of which `n` were counted (Garwood 1936), `tail` beyond each end: in at least 1 - 2 `tail` of all
 * cases it holds the true mean.
 */
export const intervalOfCount = (n: number, tail: number): Interval => ({
  low: n === 0 ? 0 : poissonMeanAbove(n - 1, tail),
  high: poissonMeanAbove(n, 1 - tail),
});
