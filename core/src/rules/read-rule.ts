import { sayDate } from '../time/index.ts';
import type { Units } from '../units/index.ts';
import type { Rule } from './rule.ts';
import { isAllowance } from './allowances.ts';
import { kindOfRule } from './rule-kinds.ts';
import { andList, capital } from './words.ts';

/** What ids are called in a sentence, and in which units its amounts are said. */
export interface RuleNames {
  readonly units?: Units;
  readonly species: (id: string) => string;
  readonly zone: (id: string) => string;
}

const sayAges = ({ from, to }: { readonly from?: number; readonly to?: number }): string => {
  if (from !== undefined && to !== undefined) return `for ages ${from} to ${to}`;
  return from !== undefined ? `from the age of ${from}` : `to the age of ${to ?? ''}`;
};

/**
 * A rule read out of its data, so that whoever enters one can check it: "Pollack and saithe: no more than 5 fish a person a
 * day, in North Skerries, from 1 March 2026 on." Nothing of it is typed. `among`: the rules that an exemption may name, by whose
 * sentences it is read.
 */
export function readRule(rule: Rule, names: RuleNames, among: readonly Rule[] = []): string {
  // Advice is a whole sentence, with its species and its place.
  if (rule.kind === 'advice') return rule.sentence.replace(/\.?$/, '.');
  const called = (id: string): string => {
    const named = among.find((r) => r.id === id);
    return named ? `“${named.sentence.replace(/\.$/, '')}”` : id;
  };
  const subject = rule.species.length === 0 ? 'Every species' : capital(andList(rule.species.map(names.species)));
  const together = rule.species.length > 1 && isAllowance(rule) ? ' together' : '';
  const { from, to } = rule.inForce ?? {};
  const parts = [
    `${subject}${together}: ${(kindOfRule(rule)?.read(rule, names.units, called) ?? rule.sentence).replace(/ +/g, ' ')}`,
    rule.gear ? `when caught with ${andList(rule.gear, 'or')}` : '',
    rule.ages ? sayAges(rule.ages) : '',
    rule.zones ? `in ${andList(rule.zones.map(names.zone))}` : '',
    from || to
      ? `in force${from ? ` from ${sayDate(from)} ${from.slice(0, 4)}` : ''}${to ? ` to ${sayDate(to)} ${to.slice(0, 4)}` : ' on'}`
      : '',
  ];
  return `${parts.filter(Boolean).join(', ')}.`;
}
