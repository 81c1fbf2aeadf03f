// how fresh it is still
export { freshness, freshTone, HANDLING_PENALTY } from './freshness.ts';
export type { Freshness, FreshTone } from './freshness.ts';
// what must not be eaten: the clock of histamine
export { HISTAMINE_LIMITS, histamineClock } from './histamine.ts';
export type { HistamineClock } from './histamine.ts';
// where it lay
export { airC, coolingTauMin, ICE_LASTS_H, stretchesOf, TYPICAL_C, warmSide } from './history.ts';
export type { Keeping, KeptFrom } from './history.ts';
export { iceDays } from './ice-days.ts';
export type { Stretch } from './ice-days.ts';
export { spoilageModel, spoilageRate } from './spoilage-rate.ts';
export type { SpoilageModel } from './spoilage-rate.ts';
