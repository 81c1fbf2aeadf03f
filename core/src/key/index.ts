export { rankLikely } from './rank-likely.ts';
export type { Likely, Surroundings } from './rank-likely.ts';
