export { normalCdf, normalQuantile } from './distributions.ts';
export { studentQuantile } from './student-quantile.ts';
export { ConjugateRegression } from './conjugate.ts';
export type { Term } from './conjugate.ts';
