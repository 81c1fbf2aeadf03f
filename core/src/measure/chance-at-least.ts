import type { JudgedLength } from './length-error.ts';
import { normalCdf } from '../stats/index.ts';

/** Probability that the true length reaches `limitMm`, from a reading and its error. */
export function chanceAtLeast(length: JudgedLength, limitMm: number): number {
  if (length.sdMm === 0) return length.lengthMm >= limitMm ? 1 : 0;
  return normalCdf((length.lengthMm - limitMm) / length.sdMm);
}

/** Below this a fish is short, above 1 minus this it is long enough; between, measure again. */
export const DOUBT = 0.05;

/** The margin in mm beyond which a reading with this sd is no longer in doubt (1.645 sd). */
export const certainMarginMm = (sdMm: number): number => 1.6449 * sdMm;
