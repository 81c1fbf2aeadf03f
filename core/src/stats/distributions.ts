import normalCdfOf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantileOf from '@stdlib/stats-base-dists-normal-quantile';

/** P(Z <= z) of a standard normal variable, for every z; `normalCdf(1.96)` is 0.9750. NaN gives NaN. */
export const normalCdf = (z: number): number => normalCdfOf(z, 0, 1);

/** Quantile of the standard normal. `p` in (0, 1), else RangeError. */
export const normalQuantile = (p: number): number => normalQuantileOf(inside(p, 'normalQuantile'), 0, 1);

function inside(p: number, who: string): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`${who}: a probability lies between 0 and 1, this was ${p}`);
  return p;
}
