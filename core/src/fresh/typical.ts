import { sayTemperature, sayTemperatureDifference, type Units } from '../units/index.ts';

/** How a fish is kept. */
export type Keeping = 'air' | 'bucket' | 'box' | 'box without ice' | 'board' | 'fridge' | 'freezer';

/**
 * Typical medium temperatures, degC, on the warm side until they are read: the air of a day's fishing is not the water's.
 * `boxAfter`: a box that nobody can reckon, once its ice is gone.
 */
export const TYPICAL_C = {
  air: 18,
  box: 0,
  boxAfter: 8,
  board: 18,
  fridge: 7,
  freezer: -18,
  unknownWater: 14,
} as const;
/** Air over warm water is warmer still, degC above the water. */
const AIR_OVER_WATER = 3;
/** Ice in a box of which nothing is known is taken to last so long, hours. */
export const ICE_LASTS_H = 24;
/** Said wherever a figure reckoned so is shown. */
export const warmSide = (units?: Units): string =>
  `Calculated from where the fish has been. Where no temperature was measured, it is assumed rather warm: air ${sayTemperature(TYPICAL_C.air, units)} or ${sayTemperatureDifference(AIR_OVER_WATER, units)} above the water; ice as estimated for its box.`;

/** Air temperature that a fish is taken to lie in, degC: typical, or above the water where that is warm. */
export const airC = (waterC: number | null): number =>
  Math.max(TYPICAL_C.air, (waterC ?? TYPICAL_C.unknownWater) + AIR_OVER_WATER);
