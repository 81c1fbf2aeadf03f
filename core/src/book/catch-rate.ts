/** Fish per rod hour with an interval. */
export interface CatchRate {
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
  readonly n: number;
  readonly hours: number;
}

/** Chi-square quantile by Wilson and Hilferty's cube: good to a few parts in a hundred for k >= 1. */
function chi2(k: number, z: number): number {
  return k * (1 - 2 / (9 * k) + z * Math.sqrt(2 / (9 * k))) ** 3;
}

/**
 * Catch per rod hour with a 90 % Poisson interval (Garwood's, through Wilson-Hilferty). Trips without a catch count.
 * `hours` > 0, else null: nothing can be said.
 */
export function catchRate(n: number, hours: number): CatchRate | null {
  if (!(hours > 0)) return null;
  const low = n === 0 ? 0 : chi2(2 * n, -1.6449) / 2;
  const high = chi2(2 * n + 2, 1.6449) / 2;
  return { perHour: n / hours, low: low / hours, high: high / hours, n, hours };
}
