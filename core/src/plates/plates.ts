import type { SpeciesFacts } from '../species/index.ts';

/** Raw boneless fish for one adult's main dish, grams (150-180 usual). */
export const PLATE_G = 160;

/** What fish loses of its weight as it is cooked, shares: docs/domain.md, section 8. */
export const COOKING_LOSS = { low: 0.15, high: 0.25 } as const;

/** What boneless fish weighs when it is cooked, g: between these. */
export const cookedG = (rawG: number): { readonly low: number; readonly high: number } => ({
  low: rawG * (1 - COOKING_LOSS.high),
  high: rawG * (1 - COOKING_LOSS.low),
});

type Yields = Pick<SpeciesFacts, 'yields'>;

/** Share of the round weight that ends on a plate, [low, high]: boned and trimmed where that is known. */
const shareOf = (species: Yields): readonly [number, number] =>
  species.yields.trimmed ?? species.yields.fillets ?? [0.35, 0.4];

/** Boneless meat to be expected from a round weight: middle of the species' usual yield, grams. */
export function meatFrom(species: Yields, roundG: number): number {
  const [low, high] = shareOf(species);
  return (roundG * (low + high)) / 2;
}

/** A fish, or a lot of them, as what it may give. */
export interface MeatOf {
  readonly species: Pick<SpeciesFacts, 'yields' | 'weight'>;
  /** Of all of them, g. */
  readonly roundG: number;
  readonly count: number;
  /** By the scale; else the weight is reckoned from the length, and may err. */
  readonly weighed: boolean;
}

/** Boneless meat of several fish, g, with the range that holds nine in ten, and the whole plates of each. */
export interface DinnerMeat {
  readonly meatG: number;
  readonly lowG: number;
  readonly highG: number;
  readonly plates: number;
  readonly lowPlates: number;
  readonly highPlates: number;
}

/** Nine in ten of a normal error lie within so many sd. */
const NINE_IN_TEN = 1.645;

/**
 * What several fish give together. A species' usual shares are taken as the nine in ten of one cut; a weight out of a length
 * errs by the scatter of its curve, a lot's by that of the mean. Fish err independently, so that many err less than few.
 */
export function meatOfAll(fish: readonly MeatOf[]): DinnerMeat {
  let meatG = 0;
  let variance = 0;
  for (const f of fish) {
    const [low, high] = shareOf(f.species);
    const meat = meatFrom(f.species, f.roundG);
    const cutSd = (f.roundG * (high - low)) / 2 / NINE_IN_TEN;
    const massSd = f.weighed ? 0 : (meat * f.species.weight.sdLog) / Math.sqrt(f.count);
    meatG += meat;
    variance += cutSd ** 2 + massSd ** 2;
  }
  const half = NINE_IN_TEN * Math.sqrt(variance);
  const [lowG, highG] = [Math.max(0, meatG - half), meatG + half];
  const plates = (g: number): number => platesFrom(g).plates;
  return { meatG, lowG, highG, plates: plates(meatG), lowPlates: plates(lowG), highPlates: plates(highG) };
}

/** Whole plates in a mass of boneless fish, and the grams over. */
export function platesFrom(meatG: number, plateG = PLATE_G): { plates: number; overG: number } {
  const plates = Math.floor(Math.max(0, meatG) / plateG + 1e-9);
  return { plates, overG: Math.max(0, meatG) - plates * plateG };
}
