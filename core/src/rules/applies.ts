import type { CatchFacts, Rule, RulePack } from './rule.ts';
import { concerns } from './allowances.ts';
import type { Ask } from './verdict.ts';

/** Whether a rule's conditions on gear and age are met; the fact that is missing when that cannot be told. */
export function conditionOf(rule: Rule, f: CatchFacts): true | false | Ask {
  if (rule.gear && f.gear && !rule.gear.includes(f.gear)) return false;
  const age = f.angler?.age;
  if (rule.ages && age !== undefined) {
    const { from = 0, to = Number.POSITIVE_INFINITY } = rule.ages;
    if (age < from || age > to) return false;
  }
  if (rule.gear && !f.gear) return { fact: 'gear' };
  if (rule.ages && age === undefined) return { fact: 'age' };
  return true;
}

/** The name under which other rules speak of this one: its own, or the one it had before a later version took that. */
export const calledBy = (rule: Pick<Rule, 'id' | 'formerly'>): string => rule.formerly ?? rule.id;

/** Rules that an exemption takes away from this fish. One whose conditions cannot be told takes nothing away. */
export function exemptedBy(pack: RulePack, f: CatchFacts): Set<string> {
  const out = new Set<string>();
  for (const rule of pack.rules) {
    if (rule.kind !== 'exemption' || !concerns(rule, f) || conditionOf(rule, f) !== true) continue;
    if (rule.origin && !rule.origin.some((o) => o === f.origin)) continue;
    for (const id of rule.from) out.add(id);
  }
  return out;
}
