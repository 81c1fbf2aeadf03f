import type { LengthKind } from '../species/index.ts';
import { sayDate } from '../time/index.ts';
import { sayBy, sayShortLength, shortLength, type Units } from '../units/index.ts';
import { concerns } from './allowances.ts';
import { isBan, shuts } from './briefing.ts';
import type { Rule, RulePack } from './rule.ts';
import { zonesAround } from './zones-at.ts';

/**
 * The rules about a species in a zone on a day, those of the zones around it too. Without a zone: those that hold in all of
 * them.
 */
export function rulesAbout(rules: RulePack, speciesId: string, zone: string | null, day: string): Rule[] {
  if (zone === null) return rules.rules.filter((r) => !r.zones && concerns(r, { speciesId, zone: '', day }));
  const at = { speciesId, zone, alsoIn: zonesAround(rules, zone), day };
  return rules.rules.filter((r) => concerns(r, at));
}

/** The minimum size among them, with how it is measured; of several the largest, since all must be met. */
export function leastOf(about: readonly Rule[]): { mm: number; kind: LengthKind } | null {
  const sizes = about.flatMap((r) => (r.kind === 'minimumSize' ? [{ mm: r.leastMm, kind: r.length }] : []));
  return sizes.sort((a, b) => b.mm - a.mm)[0] ?? null;
}

/** "38", "26 wide", or a dash. */
export function sayLeast(about: readonly Rule[], units?: Units): string {
  const least = leastOf(about);
  return least ? `${shortLength(least.mm, units)}${least.kind === 'discWidth' ? ' wide' : ''}` : '–';
}

/** Fish a head and a day, the fewest of several, or a dash. */
export function sayBag(about: readonly Rule[]): string {
  const most = about.flatMap((r) => (r.kind === 'dailyBag' && r.per !== 'boat' ? [r.most] : []));
  return most.length > 0 ? String(Math.min(...most)) : '–';
}

/** "may not be kept", "closed to 31 March", "opens 1 May", "not that day"; null when it is open. */
export function sayShut(about: readonly Rule[], day: string): string | null {
  if (about.some(isBan)) return 'may not be kept';
  const rule = about.find((r) => shuts(r, day));
  if (rule?.kind === 'closedSeason') return `closed to ${sayDate(rule.closed.to)}`;
  if (rule?.kind === 'openSeason') return `opens ${sayDate(rule.open.from)}`;
  return rule ? 'not that day' : null;
}

/** What the rules about a species make of a fish of this length, in a few words: what a name decides while it is not settled. */
export function sayAgainst(
  about: readonly Rule[],
  day: string,
  length: { readonly mm: number; readonly kind: LengthKind } | null,
  units?: Units,
): string {
  const shut = sayShut(about, day);
  if (shut) return `${shut}: let go`;
  const least = leastOf(about);
  if (!least) return 'no minimum size';
  if (length?.kind !== least.kind) return `minimum ${sayShortLength(least.mm, units)}`;
  const over = length.mm - least.mm;
  const [by, limit] = [Math.abs(over), shortLength(least.mm, units)];
  return over >= 0 ? `${shortLength(by, units)} over ${limit}` : `${sayBy(by, units)} under ${limit}: let go`;
}

/** Whether a zone is closed to every species by some rule of the pack. */
export const isClosedZone = (rules: RulePack, zoneId: string): boolean =>
  rules.rules.some((r) => isBan(r) && r.species.length === 0 && (r.zones?.includes(zoneId) ?? false));
