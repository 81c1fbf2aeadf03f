import type { SpeciesFacts } from '../species/index.ts';

/** Raw boneless fish for one adult's main dish, grams (150-180 usual). */
export const PLATE_G = 160;

/** Boneless meat to be expected from a round weight: middle of the species' usual yield, grams. */
export function meatFrom(species: Pick<SpeciesFacts, 'yields'>, roundG: number): number {
  const share = species.yields.trimmed ?? species.yields.fillets ?? [0.35, 0.4];
  return (roundG * (share[0] + share[1])) / 2;
}

/** Whole plates in a mass of boneless fish, and the grams over. */
export function platesFrom(meatG: number, plateG = PLATE_G): { plates: number; overG: number } {
  const plates = Math.floor(Math.max(0, meatG) / plateG + 1e-9);
  return { plates, overG: Math.max(0, meatG) - plates * plateG };
}
