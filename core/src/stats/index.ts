export { normalCdf, normalQuantile } from './distributions.ts';
export { studentQuantile } from './student-quantile.ts';
