import { MEASURE_ERRORS } from '@dagboek/core/measure';
import type { MeasureMethod } from '@dagboek/core/species';
import { sayLength } from '../../asked/units.ts';

/** How far a way of measuring may err, in words. */
export const sayError = (m: MeasureMethod, lengthMm: number, sdMm: number | null = null): string => {
  const e = MEASURE_ERRORS[m];
  return `good to ${sayLength(sdMm ?? e.fixedMm + e.share * lengthMm)}`;
};
