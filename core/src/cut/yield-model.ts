import { studentQuantile } from '../stats/index.ts';

/**
 * What a cut should yield, learned from the cuts of a book.
 *
 * The share of the whole is taken on the logit and counted from the middle of the species' usual range, in units of that range's own
 * standard deviation (the range holds nine cuts in ten). Then
 *
 *     z = way + species + person + slope x ln(mass / usual mass) + scatter
 *
 * with normal priors and an inverse-gamma scatter: conjugate, so that the posterior is exact and the next cut follows a Student t.
 * What a species or a person has few cuts of leans on what lies above it. Prior shares of the variance: way 0.15, species 0.25, person
 * 0.20, scatter 0.40 (they make 1, the species' usual range); slope 0.15 for each factor of e in mass.
 * Source: Gelman et al., Bayesian Data Analysis, ch. 14 and 15; the usual ranges are those of the species' files.
 */
const PRIOR = { way: 0.15, species: 0.25, person: 0.2, scatter: 0.4, slope: 0.15 ** 2 } as const;
/** Weight of the prior scatter, in cuts: twice this many degrees of freedom. */
const SHAPE = 8;
/** Nine in ten of a normal error lie within so many sd. */
const NINE_IN_TEN = 1.6448536269514722;
/** Fewer own cuts than this say nothing: the species' usual range stands alone. */
export const LEAST_CUTS = 3;

/** A weighing in a book: of which species, by whom, how heavy one fish was, g, and what share of the whole it came to. */
export interface PastCut {
  readonly species: string;
  readonly by: string;
  readonly massG: number;
  readonly share: number;
  /** The species' usual range of this weighing, shares. */
  readonly usual: readonly [number, number];
  /** A usual mass of the species, g, from which the slope counts. */
  readonly usualG: number;
}
export type AskedCut = Omit<PastCut, 'share'>;

export interface YieldExpectation {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  /** Own cuts that it was learned from; 0: the species' usual range alone, since there are too few. */
  readonly n: number;
}

const logit = (p: number): number => Math.log(p / (1 - p));
const share = (x: number): number => 1 / (1 + Math.exp(-x));
const scaleOf = ([low, high]: readonly [number, number]): { middle: number; sd: number } => ({
  middle: (logit(low) + logit(high)) / 2,
  sd: (logit(high) - logit(low)) / (2 * NINE_IN_TEN),
});
const isUsual = ([low, high]: readonly [number, number]): boolean => low > 0 && low < high && high < 1;

/** Solves `a x = b` for a symmetric, positive definite `a`, by Cholesky. */
function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = b.length;
  const l = a.map((row) => [...row]);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]![j]!;
      for (let k = 0; k < j; k++) sum -= l[i]![k]! * l[j]![k]!;
      l[i]![j] = i === j ? Math.sqrt(sum) : sum / l[j]![j]!;
    }
  const x = [...b];
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= l[i]![k]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= l[k]![i]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  return x;
}

/** The yields of one way of cutting, learned. */
export class YieldModel {
  private readonly index = new Map<string, number>();
  private readonly precision: number[][] = [];
  private readonly moment: number[] = [];
  private readonly bySpecies = new Map<string, number>();
  private readonly mean: readonly number[];
  private readonly scatter: number;
  private readonly shape: number;

  /** `past`: cuts of the same way and weighing; those with a share that cannot be are passed over. */
  constructor(past: readonly PastCut[]) {
    const cuts = past.filter((c) => c.share > 0 && c.share < 1 && c.massG > 0 && c.usualG > 0 && isUsual(c.usual));
    this.size('way', PRIOR.way);
    this.size('slope', PRIOR.slope);
    let squares = 0;
    for (const c of cuts) {
      const { middle, sd } = scaleOf(c.usual);
      const z = (logit(c.share) - middle) / sd;
      const x = this.row(c, true);
      for (const [i, vi] of x) {
        this.moment[i]! += vi * z;
        for (const [j, vj] of x) this.precision[i]![j]! += vi * vj;
      }
      squares += z * z;
      this.bySpecies.set(c.species, (this.bySpecies.get(c.species) ?? 0) + 1);
    }
    this.mean = solve(this.precision, this.moment);
    this.shape = SHAPE + cuts.length / 2;
    const fitted = this.mean.reduce((sum, m, i) => sum + m * this.moment[i]!, 0);
    this.scatter = (SHAPE - 1) * PRIOR.scatter + Math.max(0, squares - fitted) / 2;
  }

  private size(name: string, variance: number): number {
    const known = this.index.get(name);
    if (known !== undefined) return known;
    const i = this.moment.length;
    this.index.set(name, i);
    for (const row of this.precision) row.push(0);
    this.precision.push(Array.from({ length: i + 1 }, (_, k) => (k === i ? PRIOR.scatter / variance : 0)));
    this.moment.push(0);
    return i;
  }

  /** What a cut hangs on, as places in the model with their weights; one that the model has not met stands outside. */
  private row(c: AskedCut, learn: boolean): [number, number][] {
    const at = (name: string, variance: number): number | undefined =>
      learn ? this.size(name, variance) : this.index.get(name);
    const places: [number | undefined, number][] = [
      [this.index.get('way'), 1],
      [this.index.get('slope'), Math.log(c.massG / c.usualG)],
      [at(`species ${c.species}`, PRIOR.species), 1],
      [at(`person ${c.by}`, PRIOR.person), 1],
    ];
    return places.flatMap(([i, v]): [number, number][] => (i === undefined ? [] : [[i, v]]));
  }

  /**
   * The share that a cut should come to, with the interval that holds it `level` of the time (default nine in ten). With fewer than
   * `LEAST_CUTS` cuts of the species in the book it is the species' usual range itself. Throws RangeError for a range or mass that cannot be.
   */
  expect(c: AskedCut, level = 0.9): YieldExpectation {
    if (!isUsual(c.usual) || !(c.massG > 0) || !(c.usualG > 0))
      throw new RangeError('a usual range and a mass above 0');
    const n = this.bySpecies.get(c.species) ?? 0;
    const { middle, sd } = scaleOf(c.usual);
    if (n < LEAST_CUTS) return { low: c.usual[0], mid: share(middle), high: c.usual[1], n: 0 };
    const [mean, spread] = this.predict(c);
    const half = studentQuantile(0.5 + level / 2, 2 * this.shape) * spread;
    return {
      low: share(middle + (mean - half) * sd),
      mid: share(middle + mean * sd),
      high: share(middle + (mean + half) * sd),
      n,
    };
  }

  /** Mean and scale of the Student t that the next such cut follows, in sd of the usual range. */
  private predict(c: AskedCut): [number, number] {
    const x = this.row(c, false);
    const full = this.mean.map(() => 0);
    let mean = 0;
    for (const [i, v] of x) {
      full[i] = v;
      mean += v * this.mean[i]!;
    }
    const known = solve(this.precision, full).reduce((sum, v, i) => sum + v * full[i]!, 0);
    // A species or person that the model has not met brings the whole of its prior with it.
    const unmet =
      (this.index.has(`species ${c.species}`) ? 0 : PRIOR.species) +
      (this.index.has(`person ${c.by}`) ? 0 : PRIOR.person);
    return [mean, Math.sqrt((this.scatter / this.shape) * (1 + known + unmet / PRIOR.scatter))];
  }

  /** By how much one person is off all the others on the same fish, as a factor on the odds of the yield; 0 where nothing is known. */
  knife(by: string): number {
    const i = this.index.get(`person ${by}`);
    return i === undefined ? 0 : this.mean[i]!;
  }
}
