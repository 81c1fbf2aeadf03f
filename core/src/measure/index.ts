// error of a reading
export { judgeReading, MEASURE_ERRORS } from './length-error.ts';
export type { JudgedLength } from './length-error.ts';
export { certainMarginMm, chanceAtLeast, DOUBT } from './chance-at-least.ts';
export { asFirstKind, convertLength } from './convert-length.ts';
// weight at length
export { expectedWeight, lengthAtWeight, weightOddity } from './expected-weight.ts';
export type { ExpectedWeight } from './expected-weight.ts';
export { B_RANGE, CURVE_PRIOR, fitLengthWeight } from './fit-length-weight.ts';
export type { CurvePrior, LengthWeightFit, WeighedFish } from './fit-length-weight.ts';
// input that cannot be, or that makes one ask
export { checkLength, checkWeight } from './check-measure.ts';
export type { MeasureCheck } from './check-measure.ts';
// how it is read
export { HOW_TO_MEASURE } from './how-to-measure.ts';
