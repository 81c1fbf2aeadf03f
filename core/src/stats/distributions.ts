import chiSquareQuantileOf from '@stdlib/stats-base-dists-chisquare-quantile';
import normalCdfOf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantileOf from '@stdlib/stats-base-dists-normal-quantile';
import studentQuantileOf from '@stdlib/stats-base-dists-t-quantile';

/** P(Z <= z) of a standard normal variable, for every z; `normalCdf(1.96)` is 0.9750. NaN gives NaN. */
export const normalCdf = (z: number): number => normalCdfOf(z, 0, 1);

/** Quantile of the standard normal. `p` in (0, 1), else RangeError. */
export const normalQuantile = (p: number): number => normalQuantileOf(inside(p, 'normalQuantile'), 0, 1);

/** Quantile of Student's t. `p` in (0, 1), else RangeError; `degrees` of freedom above 0. */
export const studentQuantile = (p: number, degrees: number): number =>
  studentQuantileOf(inside(p, 'studentQuantile'), degrees);

/**
 * The mean of a Poisson count from which as few as `n` come with probability 1 - `p`: half of a quantile of chi-square with
 * 2 (n + 1) degrees of freedom. `n`: a whole number, 0 or more; `p` in (0, 1), else RangeError.
 */
export const poissonMeanAbove = (n: number, p: number): number =>
  chiSquareQuantileOf(inside(p, 'poissonMeanAbove'), 2 * (n + 1)) / 2;

/** An interval, both ends belong to it. */
export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * Exact interval of a mean of which `n` were counted (Garwood 1936), `tail` beyond each end: in at least 1 - 2 `tail` of all
 * cases it holds the true mean.
 */
export const intervalOfCount = (n: number, tail: number): Interval => ({
  low: n === 0 ? 0 : poissonMeanAbove(n - 1, tail),
  high: poissonMeanAbove(n, 1 - tail),
});

function inside(p: number, who: string): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`${who}: a probability lies between 0 and 1, this was ${p}`);
  return p;
}
