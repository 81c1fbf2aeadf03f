import { FLESH } from '../heat/index.ts';
import { ICE_KG_PER_L } from './walls.ts';

/** Solid ice, kg in a litre. */
const SOLID_KG_PER_L = 0.917;

/** How high a box is filled, litres from its floor. */
export interface BoxLevels {
  /** Ice and fish together. */
  readonly topL: number;
  /** Water, in the gaps of the ice and above them. */
  readonly waterL: number;
}

/**
 * How high ice, water and fish stand in a box: broken ice lies loosely, its gaps fill with water first, and what is more stands above.
 * The fish lie in it. Amounts in kg, none below 0.
 */
export function boxLevels({ iceKg, waterKg, fishKg }: { iceKg: number; waterKg: number; fishKg: number }): BoxLevels {
  const fishL = (fishKg * 1000) / FLESH.density;
  const heapL = iceKg / ICE_KG_PER_L;
  const gapsL = heapL - iceKg / SOLID_KG_PER_L;
  const bulkL = heapL + fishL;
  const over = Math.max(0, waterKg - gapsL);
  if (waterKg >= gapsL)
    return { topL: Math.max(bulkL, iceKg / SOLID_KG_PER_L + fishL + waterKg), waterL: bulkL + over };
  return { topL: bulkL, waterL: gapsL > 0 ? (bulkL * waterKg) / gapsL : 0 };
}
