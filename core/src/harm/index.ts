// what can hurt, and how bad it is
export { hurtingParts, isDangerous, isGrave, SEVERITIES, severityOf, tellHazards, worstHazard } from './hazards.ts';
export type { ToldHazard } from './hazards.ts';
// how a fish is let go
export { deepSentences, RELEASE_ALWAYS, releaseSentences, SWELLS_FROM_M } from './release.ts';
export type { Releasable } from './release.ts';
// when someone is hurt
export { AID_IDS, HOT_WATER } from './aid-card.ts';
export type { AidCard, AidId } from './aid-card.ts';
export { AID_CARDS } from './aid-cards.ts';
export type { EmergencyLine } from './emergency-lines.ts';
export { EMERGENCY_LINES, MAYDAY } from './emergency-lines.ts';
export { sayPositionAloud } from './position-aloud.ts';
export type { BeforeYouGo } from './before-you-go.ts';
export { BEFORE_YOU_GO, sayReturn } from './before-you-go.ts';
export { aidCard, CALL_SIGNS, cardOf, cardsFor } from './first-aid.ts';
export { saySoak, simulatedBowlC, SOAK_TEST, soakState } from './hot-water.ts';
export type { SoakState } from './hot-water.ts';
// while a spear is in hand
export { SPEAR_RULES, surfaceRestMs, WATCH_S } from './spear.ts';
// what stands at the table, on the pack, beside a by-product
export {
  AT_RISK,
  CORE_LINE_WORDS,
  CORE_LINES,
  sayCore,
  FREEZING_FOR_RAW,
  leavesRaw,
  packCautions,
  tableCautions,
} from './at-the-table.ts';
export { byproductCaution, byproductPoison, FOR_ANIMALS } from './byproduct.ts';
export type { ByproductOf } from './byproduct.ts';
export { LABEL_DOES, LABEL_MINDS } from './label-words.ts';
export { whyNeverEaten } from './never-eaten.ts';
export type { Caution, Eaten } from './at-the-table.ts';
