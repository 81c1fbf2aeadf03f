import { ConjugateRegression, studentQuantile, type Term } from '../stats/index.ts';

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

/** What every cut hangs on. */
export const yieldTerms = (c: AskedCut): Term[] => [
  ['way', 1, PRIOR.way],
  ['slope', Math.log(c.massG / c.usualG), PRIOR.slope],
  [`species ${c.species}`, 1, PRIOR.species],
  [`person ${c.by}`, 1, PRIOR.person],
];

/** A cut that can be: a share below the whole, a mass, a range. */
export const isSoundCut = (c: PastCut): boolean =>
  c.share > 0 && c.share < 1 && c.massG > 0 && c.usualG > 0 && isUsual(c.usual);

/** Its share in sd of the species' usual range, counted from the middle of it. */
export function scoreOf(c: PastCut): number {
  const { middle, sd } = scaleOf(c.usual);
  return (logit(c.share) - middle) / sd;
}
/** The share that lies so many sd from the middle of a usual range. */
export function shareAt(z: number, usual: readonly [number, number]): number {
  const { middle, sd } = scaleOf(usual);
  return share(middle + z * sd);
}
/** The regression before anything was learned, with what every cut hangs on. */
export const emptyRegression = (): ConjugateRegression => new ConjugateRegression(PRIOR.scatter, SHAPE);

/** The yields of one way of cutting, learned. */
export class YieldModel {
  private readonly fit = emptyRegression();
  private readonly bySpecies = new Map<string, number>();

  /** `past`: cuts of the same way and weighing; those with a share that cannot be are passed over. */
  constructor(past: readonly PastCut[]) {
    for (const c of past.filter(isSoundCut)) {
      this.fit.learn(yieldTerms(c), scoreOf(c));
      this.bySpecies.set(c.species, (this.bySpecies.get(c.species) ?? 0) + 1);
    }
  }

  /**
   * The share that a cut should come to, with the interval that holds it `level` of the time (default nine in ten). With fewer than
   * `LEAST_CUTS` cuts of the species in the book it is the species' usual range itself. Throws RangeError for a range or mass that cannot be.
   */
  expect(c: AskedCut, level = 0.9): YieldExpectation {
    if (!isUsual(c.usual) || !(c.massG > 0) || !(c.usualG > 0))
      throw new RangeError('a usual range and a mass above 0');
    const n = this.bySpecies.get(c.species) ?? 0;
    if (n < LEAST_CUTS) return { low: c.usual[0], mid: shareAt(0, c.usual), high: c.usual[1], n: 0 };
    const { mean, spread } = this.fit.sum(yieldTerms(c), true);
    const half = studentQuantile(0.5 + level / 2, this.fit.degrees) * spread;
    return {
      low: shareAt(mean - half, c.usual),
      mid: shareAt(mean, c.usual),
      high: shareAt(mean + half, c.usual),
      n,
    };
  }

  /** By how much one person is off all the others on the same fish, as a factor on the odds of the yield; 0 where nothing is known. */
  knife(by: string): number {
    return this.fit.sum([[`person ${by}`, 1, PRIOR.person]]).mean;
  }
}
