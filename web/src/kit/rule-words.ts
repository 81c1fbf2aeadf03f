import { concerns, isBan, type Rule, type RulePack, shuts } from '@dagboek/core/rules';
import type { LengthKind } from '@dagboek/core/species';
import { sayDate } from '@dagboek/core/time';

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
  if (about.some(isBan)) return 'not here';
  const rule = about.find((r) => shuts(r, day));
  if (rule?.kind === 'closedSeason') return `closed to ${sayDate(rule.closed.to)}`;
  if (rule?.kind === 'openSeason') return `opens ${sayDate(rule.open.from)}`;
  return rule ? 'not that day' : null;
}
