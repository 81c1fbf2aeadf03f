import { PLATE_G } from '../plates/index.ts';

/** What is on the board, in packs of one dinner each, with what is left over. */
export interface Portions {
  readonly packs: number;
  readonly eachG: number;
  /** An odd pack besides, 0 where it comes out even or is a mouthful that goes with the last. */
  readonly oddG: number;
}

/** Less than this share of a plate is no pack of its own. */
const MOUTHFUL = 0.25;

/**
 * Meat in packs for so many heads, a plate each (`plateG` raw and boneless, g). Too little for one dinner is one pack. What is over and
 * less than a quarter of a plate goes into the packs. Masses in whole g, above 0; throws RangeError else.
 */
export function portions(meatG: number, heads: number, plateG = PLATE_G): Portions {
  if (!(meatG > 0) || !Number.isInteger(heads) || heads < 1 || !(plateG > 0))
    throw new RangeError('portions: meat above 0, for one head or more');
  const dinner = heads * plateG;
  const packs = Math.floor(meatG / dinner + 1e-9);
  if (packs === 0) return { packs: 1, eachG: Math.round(meatG), oddG: 0 };
  const over = meatG - packs * dinner;
  if (over < MOUTHFUL * plateG) return { packs, eachG: Math.floor(meatG / packs), oddG: 0 };
  return { packs, eachG: dinner, oddG: Math.round(over) };
}
