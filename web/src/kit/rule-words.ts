import { concerns, type Rule, type RulePack } from '@dagboek/core/rules';
import type { LengthKind } from '@dagboek/core/species';
import { inSpan, sayDate, weekday } from '@dagboek/core/time';

/** The rules about a species in a zone on a day. Without a zone: those that hold in all of them. */
export const rulesAbout = (rules: RulePack, speciesId: string, zone: string | null, day: string): Rule[] =>
  rules.rules.filter((r) =>
    zone === null ? !r.zones && concerns(r, { speciesId, zone: '', day }) : concerns(r, { speciesId, zone, day }),
  );

/** The least size among them, with how it is measured. */
export function leastOf(about: readonly Rule[]): { mm: number; kind: LengthKind } | null {
  const r = about.find((x) => x.kind === 'minimumSize');
  return r?.kind === 'minimumSize' ? { mm: r.leastMm, kind: r.length } : null;
}

/** "38", "26 wide", or a dash. */
export function sayLeast(about: readonly Rule[]): string {
  const least = leastOf(about);
  return least ? `${least.mm / 10}${least.kind === 'discWidth' ? ' wide' : ''}` : '–';
}

/** Fish a head and a day, or a dash. */
export function sayBag(about: readonly Rule[]): string {
  const r = about.find((x) => x.kind === 'dailyBag');
  return r?.kind === 'dailyBag' ? String(r.most) : '–';
}

/** "not here", "closed to 31 March", "opens 1 May", "not that day"; null when it is open. */
export function sayShut(about: readonly Rule[], day: string): string | null {
  if (about.some((x) => x.kind === 'retentionBan' || x.kind === 'noTake')) return 'not here';
  const c = about.find((x) => x.kind === 'closedSeason' && inSpan(day, x.closed));
  if (c?.kind === 'closedSeason') return `closed to ${sayDate(c.closed.to)}`;
  const o = about.find((x) => x.kind === 'openSeason' && !inSpan(day, x.open));
  if (o?.kind === 'openSeason') return `opens ${sayDate(o.open.from)}`;
  return about.some((x) => x.kind === 'closedDays' && x.days.some((d) => d === weekday(day))) ? 'not that day' : null;
}
