import { FLESH } from '../heat/index.ts';
import { ICE, SLURRY_C } from './walls.ts';

/** Ice and sea water for a slurry that fits the box with its fish. */
export interface SlurryRecipe {
  readonly iceKg: number;
  readonly seaL: number;
  /** Litres that fish, ice and water take together. */
  readonly litres: number;
  /** Whether the ice is enough to bring the fish down. */
  readonly enough: boolean;
}

/** A box is filled to so much: it is carried, and the boat moves. */
const FILLED = 0.9;
/** Two parts of ice to one of sea water, by weight: docs/domain.md, section 5. */
const ICE_TO_SEA = 2;
/** Solid ice, kg in a litre: in water it has no gaps. */
const SOLID_KG_PER_L = 0.917;

/**
 * A slurry of two parts ice and one part sea water that fits into a box of `litres` with `fishKg` of fish from `fishC`, sea water
 * at `seaC`. Null when the fish leave no room for any. Throws RangeError for what cannot be.
 */
export function slurryRecipe(litres: number, fishKg: number, fishC: number, seaC: number): SlurryRecipe | null {
  if (!(litres > 0) || !(fishKg >= 0))
    throw new RangeError('a box holds more than nothing, and fish weigh nothing or more');
  const fishL = fishKg / (FLESH.density / 1000);
  const room = litres * FILLED - fishL;
  // One part of water fills the gaps of two of ice only partly: what is poured floats, and solid ice is what counts.
  const part = ICE_TO_SEA / SOLID_KG_PER_L + 1;
  const seaL = room / part;
  if (seaL < 0.5) return null;
  const iceKg = seaL * ICE_TO_SEA;
  const warm = fishKg * FLESH.heatLean * (fishC - SLURRY_C) + seaL * ICE.waterJ * (seaC - SLURRY_C);
  return {
    iceKg,
    seaL,
    litres: fishL + iceKg / SOLID_KG_PER_L + seaL,
    // A third of it must be left, or it is a bath.
    enough: warm <= (iceKg * ICE.fusionJ * 2) / 3,
  };
}
