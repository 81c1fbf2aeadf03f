import type { MeasureMethod } from '../species/index.ts';

/** Error of each way of measuring: sd in mm = fixed + share * length; bias as a share of the true length. */
export const MEASURE_ERRORS: Readonly<Record<MeasureMethod, { fixedMm: number; share: number; bias: number }>> = {
  board: { fixedMm: 3, share: 0, bias: 0 },
  mat: { fixedMm: 5, share: 0, bias: 0 },
  tape: { fixedMm: 8, share: 0, bias: 0.01 },
  photo: { fixedMm: 0, share: 0.01, bias: 0 },
  eye: { fixedMm: 0, share: 0.1, bias: 0 },
};

/** A reading with its bias taken off and its standard deviation. Lengths in mm. */
export interface JudgedLength {
  readonly lengthMm: number;
  readonly sdMm: number;
}

/**
 * What a reading says of the true length. `readMm` > 0; throws RangeError otherwise. `sdMm`: the error of this very
 * reading (1 sd), where it was worked out or where the crew have measured their own; else that of the method.
 */
export function judgeReading(readMm: number, method: MeasureMethod, sdMm?: number | null): JudgedLength {
  if (!(readMm > 0)) throw new RangeError(`judgeReading: length must be above 0, was ${readMm}`);
  const e = MEASURE_ERRORS[method];
  const lengthMm = readMm / (1 + e.bias);
  return { lengthMm, sdMm: sdMm ?? e.fixedMm + e.share * lengthMm };
}
