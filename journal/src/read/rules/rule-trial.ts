import { type OwnRule, type Rule, type RulePack, type Verdict, withOwnRules } from '@dagboek/core/rules';
import { addDays } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';
import { dayLanded } from './day-landed.ts';
import { judgeFish } from './judge-fish.ts';

/** How far back a rule is tried, civil days. */
export const TRIED_DAYS = 31;

/** One fish under the rules as they are and as they would be. */
export interface Tried {
  readonly fish: FishState;
  readonly before: Verdict['outcome'];
  readonly after: Verdict['outcome'];
  /** What the tried rule says of it; null when it has nothing to say. */
  readonly because: string | null;
}

/** Fish that a rule could bear on, landed in the days before `today`: of its species, or of those of the rule it takes over from. */
export function fishToTry(book: Book, rules: RulePack, rule: Rule, replaces: Rule | null, today: string): FishState[] {
  const since = addDays(today, -TRIED_DAYS);
  const about = [rule, ...(replaces ? [replaces] : [])];
  const species = about.some((r) => r.species.length === 0) ? null : [...new Set(about.flatMap((r) => r.species))];
  const [from, to] = [since, today].map((d) => Date.parse(`${d}T00:00:00Z`)) as [number, number];
  return book
    .landedAbout(from, to, species)
    .filter((f) => f.species !== null && dayLanded(f, rules.timeZone) >= since)
    .sort((a, b) => Date.parse(b.landed.at) - Date.parse(a.landed.at) || (a.id < b.id ? -1 : 1));
}

/**
 * What a rule would have said of some fish, as if it had held for the last month. A generator, one fish a step: a month
 * of a large book takes longer than a keystroke, so whoever asks may stop between two.
 */
export function* tryRule(
  book: Book,
  rules: RulePack,
  rule: Rule,
  replaces: Rule | null,
  around: Parameters<typeof judgeFish>[3],
  today: string,
): Generator<Tried | null, void> {
  const since = addDays(today, -TRIED_DAYS);
  const then: OwnRule = { rule: { ...rule, id: 'tried', inForce: { from: since } }, replaces: replaces?.id ?? null };
  const changed = withOwnRules(rules, [then]);
  for (const fish of fishToTry(book, rules, rule, replaces, today)) {
    const before = judgeFish(book, rules, fish, around, today)?.verdict.outcome;
    const after = judgeFish(book, changed, fish, around, today)?.verdict;
    const by = after?.findings.find((f) => f.ruleId === 'tried');
    yield before && after
      ? { fish, before, after: after.outcome, because: by ? `${by.lead} ${by.because}` : null }
      : null;
  }
}
