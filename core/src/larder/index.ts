export { KEEPING, keepUntil } from './keep-until.ts';
export type { FreshAtPacking, KeepUntil, PackPlace } from './keep-until.ts';
// what is in a pack, and how it is wrapped
export { meatIn, shareOfRound } from './meat-of-form.ts';
export { countsAsRaw, formFacts, isBody, isFood, isUncooked, keepsFins, PACK_FORMS, packName } from './pack-forms.ts';
export type { FormFacts, KeepsAs, PackForm } from './pack-forms.ts';
export { wrapAdvice, WRAPPING_FACTS, wrappingsFor } from './wrappings.ts';
export type { Wrapping, WrappingFacts } from './wrappings.ts';
// where packs lie, and how warm it is there
export { STORE_FACTS, STORE_KINDS } from './store-kinds.ts';
export { STORE_ABOUT } from './store-about.ts';
export type { StoreFacts, StoreKind } from './store-kinds.ts';
export { storeAt, storeCourse, stretchesOf } from './store-course.ts';
export type { StoreCourse, StoreMark } from './store-course.ts';
export { THAWS_C, warmUp } from './store-warming.ts';
export type { StoreBody } from './store-warming.ts';
export { meanRate } from './store-rates.ts';
export type { NamedRate } from './store-rates.ts';
export { thawedFrom, warmerThan } from './store-above.ts';
export { FREEZER_C, keepInStore, keepRate, ratesOf } from './keep-in-store.ts';
export type { KeepRate, LainSo } from './keep-in-store.ts';
// freezing that makes raw eating safer
export { FREEZING_LINES, rawClock, READ_HOLDS_MS, spokenFor } from './raw-clock.ts';
export type { ClockFacts, FreezingLine, LineClock, RawClock } from './raw-clock.ts';
export { whyUntil } from './why-until.ts';
export type { UntilFacts, WhyUntil } from './why-until.ts';
// what the larder asks for, day by day
export { byHour, CHORE_HOURS, CHORES, choresOf, thawChore } from './chores.ts';
export type { Chore, ChoreDone, ChoreOf, ChorePack, ChoreSlot, ChoreStore } from './chores.ts';
// in words
export { RAW_CLOCK_NOTE, RAW_CLOCK_WHY, sayFreezing } from './raw-words.ts';
export {
  REFREEZE,
  REFROZEN,
  sayIfCurrentWent,
  sayWithoutCurrent,
  thawedByItself,
  warmthWords,
} from './warmth-words.ts';
export type { CurrentGone, WarmthWords, WithoutCurrent } from './warmth-words.ts';
// whole fish on a rack
export {
  AGEING,
  AGEING_AUTHORITY,
  AGEING_SIGNS,
  lossCurve,
  mindAgeing,
  mustNotAge,
  readyWindow,
  weightAfter,
} from './ageing.ts';
export type { AgeingFacts, LossCurve, RackWeighing } from './ageing.ts';
