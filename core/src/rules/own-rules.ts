import { addDays } from '../time/index.ts';
import { calledBy } from './applies.ts';
import type { Rule, RulePack } from './rule.ts';

/** A rule of one's own, and the one it takes over from. */
export interface OwnRule {
  readonly rule: Rule;
  readonly replaces: string | null;
  /** When it was written, ISO; of two that begin on one day and replace the same, the later written counts. */
  readonly setAt?: string;
}

/**
 * The pack with rules of one's own. A rule that is replaced ends the day before the new one begins, so that catches made
 * before are judged as they were; nothing is overwritten. An id that the pack has already is left out.
 */
export function withOwnRules(pack: RulePack, own: readonly OwnRule[]): RulePack {
  const ids = new Set(pack.rules.map((r) => r.id));
  const fresh = own.filter((o) => {
    if (ids.has(o.rule.id)) return false;
    ids.add(o.rule.id);
    return true;
  });
  if (fresh.length === 0) return pack;
  const endedBefore = (r: Rule, by: string | undefined): Rule => {
    if (by === undefined) return r;
    const to = addDays(by, -1);
    return {
      ...r,
      inForce: { ...r.inForce, to: r.inForce?.to !== undefined && r.inForce.to < to ? r.inForce.to : to },
    };
  };
  const inTurn = [...fresh].sort((a, b) => (beginOf(a) + (a.setAt ?? '') < beginOf(b) + (b.setAt ?? '') ? -1 : 1));
  /** The first of one's own that takes over from a rule. */
  const takesOver = (name: string, but?: OwnRule): string | undefined =>
    inTurn.find((o) => o !== but && o.replaces === name)?.rule.inForce?.from;
  /** Of several that take over from one rule, each holds until the next begins. */
  const nextBegins = (own: OwnRule): string | undefined => {
    if (own.replaces === null) return undefined;
    return inTurn.slice(inTurn.indexOf(own) + 1).find((o) => o.replaces === own.replaces)?.rule.inForce?.from;
  };
  return {
    ...pack,
    rules: [
      ...pack.rules.map((r) => endedBefore(r, takesOver(calledBy(r)))),
      ...fresh.map((o) => endedBefore(endedBefore(o.rule, nextBegins(o)), takesOver(o.rule.id, o))),
    ],
  };
}

const beginOf = (o: OwnRule): string => o.rule.inForce?.from ?? '';

const isDay = (s: string | undefined): boolean =>
  s === undefined || (/^\d{4}-\d\d-\d\d$/.test(s) && !Number.isNaN(Date.parse(`${s}T00:00:00Z`)));
const isMonthDay = (s: string): boolean => /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/.test(s);
const isTime = (s: string): boolean => /^([01]\d|2[0-3]):[0-5]\d$/.test(s);
const positive = (...list: number[]): boolean => list.every((n) => Number.isFinite(n) && n > 0);
const whole = (n: number): boolean => Number.isInteger(n) && n >= 0;

/** What is wrong with a rule, in a sentence that says what to do; null when it holds together. */
export function ruleTrouble(rule: Rule, pack: RulePack): string | null {
  if (rule.zones?.some((z) => !pack.zones.some((x) => x.id === z))) return 'Choose zones of these waters.';
  if (rule.zones?.length === 0) return 'Choose a zone, or let it hold everywhere.';
  if (!isDay(rule.inForce?.from) || !isDay(rule.inForce?.to))
    return 'Write the day from which it holds, such as 2026-09-12.';
  if (rule.inForce?.from && rule.inForce.to && rule.inForce.to < rule.inForce.from)
    return 'The rule would end before it begins.';
  switch (rule.kind) {
    case 'minimumSize':
      return positive(rule.leastMm) ? null : 'Write the least length in centimetres.';
    case 'maximumSize':
      return positive(rule.mostMm) ? null : 'Write the greatest length in centimetres.';
    case 'keepSlot':
    case 'releaseSlot':
      return positive(rule.fromMm, rule.toMm) && rule.fromMm < rule.toMm
        ? null
        : 'Write two lengths, the shorter first.';
    case 'closedSeason':
    case 'openSeason': {
      const span = rule.kind === 'closedSeason' ? rule.closed : rule.open;
      return isMonthDay(span.from) && isMonthDay(span.to) ? null : 'Choose the first and the last day.';
    }
    case 'closedDays':
      return rule.days.length > 0 ? null : 'Choose the days of the week.';
    case 'dailyBag':
    case 'yearlyBag':
      return whole(rule.most) ? null : 'Write how many, as a whole number.';
    case 'possession':
      return whole(rule.most) && whole(rule.days) && rule.days > 0
        ? null
        : 'Write how many, and over how many days, as whole numbers.';
    case 'overLength':
      return whole(rule.most) && positive(rule.overMm) ? null : 'Write how many, and over which length.';
    case 'gearBan':
      return rule.banned.length > 0 ? null : 'Choose the gear that is not allowed.';
    case 'clockHours':
      return isTime(rule.from) && isTime(rule.to) ? null : 'Write both times, such as 06:00.';
    case 'sunHours':
      return Number.isFinite(rule.beforeSunriseMin) && Number.isFinite(rule.afterSunsetMin)
        ? null
        : 'Write the minutes before sunrise and after sunset; 0 for the sun itself.';
    case 'minimumFillet':
      return positive(rule.leastMm) ? null : 'Write the least length in centimetres.';
    case 'report':
      return positive(rule.withinHours) && rule.to.trim() !== '' ? null : 'Write to whom, and within how many hours.';
    case 'licence':
      return rule.licence.trim() !== '' ? null : 'Write the name of the licence.';
    case 'exemption':
      return rule.from.length > 0 ? null : 'Choose the rules it takes away.';
    case 'retentionBan':
    case 'noTake':
    case 'mustNotReturn':
    case 'landAs':
    case 'advice':
      return null;
    default:
      return 'This version of the book does not know rules of this kind.';
  }
}
