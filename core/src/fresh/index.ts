export { freshness, freshTone, HANDLING_PENALTY } from './freshness.ts';
export type { Freshness, FreshTone } from './freshness.ts';
export { coolingTauMin, stretchesOf, TYPICAL_C } from './history.ts';
export type { Keeping, KeptFrom } from './history.ts';
export { iceDays } from './ice-days.ts';
export type { Stretch } from './ice-days.ts';
export { spoilageRate } from './spoilage-rate.ts';
