// what is likely before looking
export { rankLikely } from './rank-likely.ts';
export type { Likely, Surroundings } from './rank-likely.ts';
// the key that reasons
export { CANNOT_TELL, keyTable, NONE, NONE_PRIOR } from './key-catalogue.ts';
export type {
  Answers,
  KeyCatalogue,
  KeyedForm,
  KeyedSpecies,
  KeyTable,
  Look,
  Trait,
  TraitRow,
} from './key-catalogue.ts';
export { entropyBits, rankSpecies } from './rank-species.ts';
export type { KeyPrior, Ranking } from './rank-species.ts';
export { measuredLogs } from './body-evidence.ts';
export type { Measured } from './body-evidence.ts';
export { expectedDrop, nextTraits } from './next-traits.ts';
export type { NextTrait } from './next-traits.ts';
export {
  certaintyOf,
  likelihoodWord,
  SETTLED,
  nearestLookalike,
  partingTraits,
  splitPair,
  stillPossible,
  WARNS_FROM,
  whyFell,
} from './split-pair.ts';
export type { Certainty, Parting } from './split-pair.ts';
// a suspected name
export { evidenceOn, nextForSuspect } from './suspect.ts';
export type { Evidence, SuspectQuestion } from './suspect.ts';
// what to look at next
export { nextQuestion } from './next-question.ts';
export type { NextQuestion } from './next-question.ts';
