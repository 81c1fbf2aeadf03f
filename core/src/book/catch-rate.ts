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

/** P(X <= n) of a Poisson variable of mean `mean` > 0, summed in logs from its largest term down. */
function poissonCdf(n: number, mean: number): number {
  if (n < 0) return 0;
  let log = -mean;
  let top = log;
  const logs = [log];
  for (let k = 1; k <= n; k++) {
    log += Math.log(mean / k);
    logs.push(log);
    if (log > top) top = log;
  }
  return Math.min(1, Math.exp(top) * logs.reduce((s, l) => s + Math.exp(l - top), 0));
}

/** The mean at which P(X <= n) is `p`, by halving; it falls as the mean grows. */
function meanWhere(n: number, p: number): number {
  let [low, high] = [0, n + 10 + 6 * Math.sqrt(n + 1)];
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (poissonCdf(n, mid) > p) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

/**
 * Catch per rod hour with the exact 90 % Poisson interval (Garwood 1936): the low end is the mean at which so many or more
 * come one time in twenty, the high end the one at which so many or fewer do. Trips without a catch count.
 * `n`: whole fish, 0 or more. `hours` > 0, else null: nothing can be said.
 */
export function catchRate(n: number, hours: number): CatchRate | null {
  if (!(hours > 0)) return null;
  const low = n === 0 ? 0 : meanWhere(n - 1, 1 - TAIL);
  const high = meanWhere(n, TAIL);
  return { perHour: n / hours, low: low / hours, high: high / hours, n, hours };
}
