export { catchRate } from './catch-rate.ts';
export type { CatchRate } from './catch-rate.ts';
