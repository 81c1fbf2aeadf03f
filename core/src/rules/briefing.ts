import { addDays } from '../time/index.ts';
import { inForceOn } from './allowances.ts';
import type { Rule, RulePack } from './rule.ts';
import { kindOfRule } from './rule-kinds.ts';
import { type SunHours, sunHours } from './sun-hours.ts';
import { zonesAround } from './zones-at.ts';

/** One species on a briefing: every rule about it in this zone on this day, and whether it may be kept at all. */
export interface SpeciesBrief {
  readonly speciesId: string;
  readonly rules: readonly Rule[];
  readonly shut: boolean;
}

/** Something that will be different before the briefing's last day. */
export interface Change {
  readonly day: string;
  readonly rule: Rule;
  readonly what: 'comes into force' | 'ends' | 'closes' | 'opens';
}

/** What holds in a zone on a day, and what changes soon. */
export interface Briefing {
  /** Species that some rule names, in the order given. */
  readonly species: readonly SpeciesBrief[];
  /** Rules for every species: bans, hours, gear, licences. */
  readonly all: readonly Rule[];
  readonly sun: SunHours | null;
  readonly changes: readonly Change[];
}

const holdsIn = (rule: Rule, zones: readonly string[]): boolean =>
  rule.zones === undefined || rule.zones.some((z) => zones.includes(z));

/** Whether a rule is a ban outright: nothing it is about may be kept, on any day. */
export const isBan = (rule: Rule): boolean => rule.kind === 'retentionBan' || rule.kind === 'noTake';

/** Whether a rule keeps a species from being kept on a day, whatever the fish. */
export const shuts = (rule: Rule, day: string): boolean => kindOfRule(rule)?.shuts(rule, day) ?? false;

/**
 * The briefing for a zone on a civil day. `speciesIds`: in the order in which they should stand. `ahead`: days over which
 * changes are looked for (weekly closed days are none: they stand under the rules).
 */
export function briefing(
  pack: RulePack,
  zone: string,
  day: string,
  speciesIds: readonly string[],
  ahead = 14,
): Briefing {
  // A zone within another stands under the rules of both.
  const zones = [zone, ...zonesAround(pack, zone)];
  const here = pack.rules.filter((r) => holdsIn(r, zones));
  const now = here.filter((r) => inForceOn(r, day));
  const all = now.filter((r) => r.species.length === 0);
  const shutToAll = all.some((r) => shuts(r, day));
  const species = speciesIds.flatMap((id): SpeciesBrief[] => {
    const rules = now.filter((r) => r.species.includes(id));
    return rules.length > 0 ? [{ speciesId: id, rules, shut: shutToAll || rules.some((r) => shuts(r, day)) }] : [];
  });
  const changes: Change[] = [];
  for (let n = 1; n <= ahead; n++) {
    const [before, then] = [addDays(day, n - 1), addDays(day, n)];
    for (const rule of here) {
      const [was, is] = [inForceOn(rule, before), inForceOn(rule, then)];
      if (was !== is) changes.push({ day: then, rule, what: is ? 'comes into force' : 'ends' });
      else if (is && rule.kind !== 'closedDays' && shuts(rule, before) !== shuts(rule, then))
        changes.push({ day: then, rule, what: shuts(rule, then) ? 'closes' : 'opens' });
    }
  }
  const at = pack.zones.find((z) => z.id === zone)?.at;
  return { species, all, sun: at ? sunHours(day, at, pack.timeZone) : null, changes };
}
