export { normalCdf, normalQuantile } from './distributions.ts';
