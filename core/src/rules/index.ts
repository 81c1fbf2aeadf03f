export { judge, judgeUnsettled, LENGTH_WORDS, STALE_DAYS } from './judge.ts';
export type { UnsettledVerdict } from './judge.ts';
export { OUTCOMES, stricter } from './verdict.ts';
export type { Finding, Outcome, Verdict } from './verdict.ts';
export { allowancesLeft, bagUsed, concerns, inForceOn } from './allowances.ts';
export type { Allowance } from './allowances.ts';
export type { CatchFacts, KeptFish, Rule, RulePack, Zone } from './rule.ts';
