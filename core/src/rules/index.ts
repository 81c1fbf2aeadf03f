// judging
export { judge, judgeUnsettled, STALE_DAYS } from './judge.ts';
export type { UnsettledVerdict } from './judge.ts';
export { LENGTH_WORDS, lengthAs } from './size-rules.ts';
export { OUTCOMES, stricter } from './verdict.ts';
export type { Ask, Finding, Outcome, Verdict } from './verdict.ts';
// what may go back into the water
export { offalRules } from './offal.ts';
export type { OffalRules } from './offal.ts';
// what is left
export { allowancesLeft, concerns, isAllowance } from './allowances.ts';
export type { Allowance, AllowanceRule } from './allowances.ts';
// rules and facts
export { RULE_GEARS, WEEKDAYS } from './rule.ts';
export type {
  AnglerFacts,
  CatchFacts,
  KeptFish,
  Licence,
  LonLat,
  Origin,
  Per,
  Rule,
  RuleGear,
  RuleKind,
  RulePack,
  Weekday,
  Zone,
} from './rule.ts';
// kinds of rules, each declared once
export { RULE_FORMS, RULE_KINDS } from './rule-kinds.ts';
export type { RuleKindDefinition, RuleOf } from './rule-kinds.ts';
export type { RuleField, RuleForm } from './rule-form.ts';
// a rule in plain words
export { readRule } from './read-rule.ts';
export type { RuleNames } from './read-rule.ts';
// sun and place
export { sunHours } from './sun-hours.ts';
export type { SunHours } from './sun-hours.ts';
export { zonesAround, zonesAt, zonesOfPlace } from './zones-at.ts';
export { ringTrouble, tidyRing } from './ring.ts';
export type { ZonePlace } from './zones-at.ts';
// what holds on a day, and what changes soon
export { briefing, isBan, shuts } from './briefing.ts';
export type { Briefing, Change, SpeciesBrief } from './briefing.ts';
// what is said of one species in the few words of a table
export { isClosedZone, leastOf, rulesAbout, sayAgainst, sayBag, sayLeast, sayShut } from './about.ts';
// waters without a pack
export { NO_PACK, ownWaters } from './own-waters.ts';
export type { OwnPlace } from './own-waters.ts';
// packs out of files, and their versions
export { readRulePack } from './read-rule-pack.ts';
export { readableRulePack, ruleDocumentTrouble, rulePackSteps, rulePackTrouble } from './rule-document.ts';
export { RULES_SCHEMA } from './rules-schema.ts';
export type { ReadRulePack } from './read-rule-pack.ts';
export { withVersions } from './versions.ts';
export type { PackVersion } from './versions.ts';
// rules of one's own
export { ruleTrouble, withOwnRules } from './own-rules.ts';
export type { OwnRule } from './own-rules.ts';
