import type { SpeciesFacts } from '../species/index.ts';

/** Weight to be expected at a length: median and the range that holds 9 fish in 10. Grams. */
export interface ExpectedWeight {
  readonly massG: number;
  readonly lowG: number;
  readonly highG: number;
}

/** W = a L^b, log-normal scatter (Froese 2006). `lengthMm` > 0 in the species' first length kind; RangeError otherwise. */
export function expectedWeight(species: Pick<SpeciesFacts, 'weight'>, lengthMm: number): ExpectedWeight {
  if (!(lengthMm > 0)) throw new RangeError(`expectedWeight: length must be above 0, was ${lengthMm}`);
  const { a, b, sdLog } = species.weight;
  const massG = a * (lengthMm / 10) ** b;
  const spread = Math.exp(1.6449 * sdLog);
  return { massG, lowG: massG / spread, highG: massG * spread };
}

/** How many standard deviations a weight lies from what the length leads one to expect (on the log scale). */
export function weightOddity(species: Pick<SpeciesFacts, 'weight'>, lengthMm: number, massG: number): number {
  return Math.log(massG / expectedWeight(species, lengthMm).massG) / species.weight.sdLog;
}

/** The length at which a weight is the one expected, mm, in the species' first length kind. `massG` > 0; RangeError otherwise. */
export function lengthAtWeight(species: Pick<SpeciesFacts, 'weight'>, massG: number): number {
  if (!(massG > 0)) throw new RangeError(`lengthAtWeight: mass must be above 0, was ${massG}`);
  const { a, b } = species.weight;
  return 10 * (massG / a) ** (1 / b);
}
