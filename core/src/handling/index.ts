// how long it bleeds
export { BLEEDING_LIMIT_MIN, bleedingMinutes, bleedingState } from './bleeding.ts';
export type { BleedingState } from './bleeding.ts';
// what is said meanwhile
export { GUT_PIERCED, handlingSentences, KILL_SIGNS } from './sentences.ts';
// how it is killed and cut
export { BLEEDS, bleedsFor, isNotBled, killBleeds, KILLS, killsFor, offeredWay } from './ways.ts';
export type { Bleed, Handled, Kill, Ways } from './ways.ts';
