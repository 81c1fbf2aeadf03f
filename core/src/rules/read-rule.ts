import { sayDate } from '../time/index.ts';
import type { Rule } from './rule.ts';
import { isAllowance } from './allowances.ts';
import { LENGTH_WORDS } from './size-rules.ts';
import { andList, capital, cm } from './words.ts';

/** What ids are called in a sentence. */
export interface RuleNames {
  readonly species: (id: string) => string;
  readonly zone: (id: string) => string;
}

const fish = (n: number): string => (n === 1 ? 'one fish' : `${n} fish`);
const perWords = (per: 'person' | 'boat' | undefined): string => (per === 'boat' ? 'the boat' : 'a person');

/** What the rule itself says, without for whom, where and when. */
function core(rule: Rule): string {
  switch (rule.kind) {
    case 'minimumSize':
      return `at least ${cm(rule.leastMm)} cm ${LENGTH_WORDS[rule.length]}`;
    case 'maximumSize':
      return `at most ${cm(rule.mostMm)} cm ${LENGTH_WORDS[rule.length]}`;
    case 'keepSlot':
      return `kept only from ${cm(rule.fromMm)} to ${cm(rule.toMm)} cm ${LENGTH_WORDS[rule.length]}`;
    case 'releaseSlot':
      return `let go from ${cm(rule.fromMm)} to ${cm(rule.toMm)} cm ${LENGTH_WORDS[rule.length]}`;
    case 'closedSeason':
      return `closed from ${sayDate(rule.closed.from)} to ${sayDate(rule.closed.to)}, each year`;
    case 'openSeason':
      return `open only from ${sayDate(rule.open.from)} to ${sayDate(rule.open.to)}, each year`;
    case 'closedDays':
      return `closed on ${andList(rule.days)}`;
    case 'dailyBag':
      return `no more than ${fish(rule.most)} ${perWords(rule.per)} a day`;
    case 'possession':
      return `no more than ${fish(rule.most)} ${perWords(rule.per)} in ${rule.days} days`;
    case 'yearlyBag':
      return `no more than ${fish(rule.most)} ${perWords(rule.per)} a calendar year`;
    case 'overLength':
      return `of those over ${cm(rule.overMm)} cm ${LENGTH_WORDS[rule.length]}, no more than ${fish(rule.most)} ${perWords(rule.per)} a day`;
    case 'retentionBan':
      return 'may not be kept';
    case 'gearBan':
      return `not with ${andList(rule.banned, 'or')}`;
    case 'clockHours':
      return `only from ${rule.from} to ${rule.to}`;
    case 'sunHours':
      return `only from ${sunOffset(rule.beforeSunriseMin, 'before', 'after')} sunrise to ${sunOffset(rule.afterSunsetMin, 'after', 'before')} sunset`;
    case 'noTake':
      return 'nothing may be taken';
    case 'landAs':
      return `landed ${rule.form}`;
    case 'minimumFillet':
      return `no fillet shorter than ${cm(rule.leastMm)} cm aboard`;
    case 'report':
      return `reported to ${rule.to} within ${rule.withinHours} hours`;
    case 'licence':
      return `the ${rule.licence} is needed`;
    case 'mustNotReturn':
      return 'must not be put back alive';
    case 'advice':
      return `advice: ${rule.sentence.replace(/\.$/, '')}`;
    case 'exemption':
      return `${rule.origin ? `${andList(rule.origin, 'or')} fish are` : 'is'} exempt from ${andList(rule.from)}`;
  }
}

const sayAges = ({ from, to }: { readonly from?: number; readonly to?: number }): string => {
  if (from !== undefined && to !== undefined) return `for ages ${from} to ${to}`;
  return from !== undefined ? `from the age of ${from}` : `to the age of ${to ?? ''}`;
};

const sunOffset = (min: number, later: string, earlier: string): string =>
  min === 0 ? '' : `${Math.abs(min)} min ${min > 0 ? later : earlier}`;

/**
 * A rule read out of its data, so that whoever enters one can check it: "Pollack and saithe: no more than 5 fish a person a
 * day, in North Skerries, from 1 March 2026 on." Nothing of it is typed.
 */
export function readRule(rule: Rule, names: RuleNames): string {
  const subject = rule.species.length === 0 ? 'Every species' : capital(andList(rule.species.map(names.species)));
  const together = rule.species.length > 1 && isAllowance(rule) ? ' together' : '';
  const { from, to } = rule.inForce ?? {};
  const parts = [
    `${subject}${together}: ${core(rule).replace(/ +/g, ' ')}`,
    rule.gear ? `when caught with ${andList(rule.gear, 'or')}` : '',
    rule.ages ? sayAges(rule.ages) : '',
    rule.zones ? `in ${andList(rule.zones.map(names.zone))}` : '',
    from || to
      ? `in force${from ? ` from ${sayDate(from)} ${from.slice(0, 4)}` : ''}${to ? ` to ${sayDate(to)} ${to.slice(0, 4)}` : ' on'}`
      : '',
  ];
  return `${parts.filter(Boolean).join(', ')}.`;
}
