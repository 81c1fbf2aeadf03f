// how fresh it is still
export { freshness, freshTone, GOOD_FOR, HANDLING_PENALTY } from './freshness.ts';
export type { Freshness, FreshTone, GoodFor, Penalty } from './freshness.ts';
// what must not be eaten: the clock of histamine
export { HISTAMINE_LIMITS, histamineClock } from './histamine.ts';
export type { ClockHistory, HistamineClock } from './histamine.ts';
// what it is taken to lie in until it is read
export { airC, ICE_LASTS_H, TYPICAL_C, warmSide } from './typical.ts';
export type { Keeping } from './typical.ts';
export { iceDaysUsed } from './spoiling.ts';
export { spoilageModel, spoilageRate } from './spoilage-rate.ts';
export type { SpoilageModel } from './spoilage-rate.ts';
// when it is stiff
export { STIFF_STATES, stiffAt, stiffness } from './stiffness.ts';
export type { Stiffness, StiffNow, Window } from './stiffness.ts';
