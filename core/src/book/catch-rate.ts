import { intervalOfCount } from '../intervals/index.ts';

/** Fish per rod hour with an interval. */
export interface CatchRate {
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
  readonly n: number;
  readonly hours: number;
}

/** Each tail of a 90 % interval. */
const TAIL = 0.05;

/**
 * Catch per rod hour with the exact 90 % Poisson interval (Garwood 1936): the low end is the mean at which so many or more
 * come one time in twenty, the high end the one at which so many or fewer do. Trips without a catch count.
 * `n`: whole fish, 0 or more. `hours` > 0, else null: nothing can be said.
 */
export function catchRate(n: number, hours: number): CatchRate | null {
  if (!(hours > 0)) return null;
  const { low, high } = intervalOfCount(n, TAIL);
  return { perHour: n / hours, low: low / hours, high: high / hours, n, hours };
}
