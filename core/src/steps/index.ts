export { inSlices, type Slices, type Steps, toEnd, TookTooLong } from './steps.ts';
