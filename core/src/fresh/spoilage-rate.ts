import type { KeepingClass } from '../species/index.ts';

/** How flesh spoils as it warms: fish of cold and temperate waters, or of warm ones. */
export type SpoilageModel = 'temperate' | 'tropical';

/** The model that holds for a class of fish: those of warm reefs carry other bacteria, which cold slows more. */
export const spoilageModel = (keeping: KeepingClass): SpoilageModel =>
  keeping === 'warm reef' ? 'tropical' : 'temperate';

/**
 * Spoilage relative to melting ice (= 1) at a flesh temperature in degC. Temperate: (1 + 0.1 T)^2, the square-root model;
 * tropical: exp(0.12 T) (FAO Fisheries Technical Paper 348, section 6). Below -5 degC it is taken as nil (frozen).
 */
export function spoilageRate(tempC: number, model: SpoilageModel = 'temperate'): number {
  if (tempC <= -5) return 0;
  return model === 'tropical' ? Math.exp(0.12 * tempC) : (1 + 0.1 * tempC) ** 2;
}
