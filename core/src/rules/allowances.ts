import { addDays } from '../time/index.ts';
import type { KeptFish, Per, Rule, RulePack } from './rule.ts';

export type AllowanceRule = Extract<Rule, { kind: 'dailyBag' | 'possession' | 'yearlyBag' | 'overLength' }>;

/** What is left of one allowance for one person, or for the boat. */
export interface Allowance {
  readonly ruleId: string;
  readonly kind: AllowanceRule['kind'];
  readonly speciesId: string;
  /** All species that are counted together; empty = every species. */
  readonly together: readonly string[];
  /** Null for an allowance of the whole boat. */
  readonly anglerId: string | null;
  readonly most: number;
  readonly used: number;
  /** Never below 0. */
  readonly left: number;
}

/** Whether a rule allows a number of fish: a day, a year, at hand, or over a length. */
export const isAllowance = (r: Rule): r is AllowanceRule =>
  r.kind === 'dailyBag' || r.kind === 'possession' || r.kind === 'yearlyBag' || r.kind === 'overLength';

const forSpecies = (rule: { species: readonly string[] }, id: string): boolean =>
  rule.species.length === 0 || rule.species.includes(id);

const perOf = (rule: AllowanceRule): Per => rule.per ?? 'person';

/** First and last civil day that an allowance looks at, judged on `day`. */
export function windowOf(rule: AllowanceRule, day: string): { from: string; to: string } {
  if (rule.kind === 'possession') return { from: addDays(day, 1 - rule.days), to: day };
  if (rule.kind === 'yearlyBag') return { from: `${day.slice(0, 4)}-01-01`, to: day };
  return { from: day, to: day };
}

/** For whom an allowance counts: a person's own fish, or those of the boat (of a person alone where no boat is named). */
export interface Who {
  readonly anglerId: string;
  readonly boat?: string | null;
}

const counts = (per: Per, k: KeptFish, who: Who): boolean =>
  per === 'boat' && who.boat ? k.boat === who.boat : k.anglerId === who.anglerId;

function usedWithin(
  rule: Pick<AllowanceRule, 'kind' | 'species' | 'zones' | 'gear'>,
  kept: readonly KeptFish[],
  per: Per,
  who: Who,
  { from, to }: { from: string; to: string },
  overMm = 0,
): number {
  return kept.reduce(
    (n, k) =>
      k.day >= from &&
      k.day <= to &&
      counts(per, k, who) &&
      // A rule of some zones counts what was kept there, in a smaller zone within them too; what nobody placed counts everywhere.
      (!rule.zones ||
        k.zone === undefined ||
        rule.zones.includes(k.zone) ||
        (k.alsoIn?.some((z) => rule.zones?.includes(z)) ?? false)) &&
      // One for fish caught in some way counts those; of which nobody said how, it counts too.
      (!rule.gear || !k.gear || rule.gear.includes(k.gear)) &&
      // What was eaten before this day is no longer in anyone's possession.
      (rule.kind !== 'possession' || !k.goneOn || k.goneOn >= to) &&
      // Of unknown length it may be over it: the strict reading.
      (overMm === 0 || (k.lengthMm ?? Number.POSITIVE_INFINITY) > overMm) &&
      (forSpecies(rule, k.speciesId) || (k.orElse !== undefined && k.orElse.some((id) => forSpecies(rule, id))))
        ? n + k.count
        : n,
    0,
  );
}

/** How much of an allowance is used, judged on `day`. */
export const allowanceUsed = (rule: AllowanceRule, kept: readonly KeptFish[], who: Who, day: string): number =>
  usedWithin(rule, kept, perOf(rule), who, windowOf(rule, day), rule.kind === 'overLength' ? rule.overMm : 0);

/**
 * Allowances of one species for each person given, on a day, and once for the boat where the boat has one.
 * Released fish are not in `kept`, so they count for nothing.
 */
export function allowancesLeft(
  pack: RulePack,
  kept: readonly KeptFish[],
  speciesId: string,
  anglerIds: readonly string[],
  day: string,
  boat: string | null = null,
): Allowance[] {
  return pack.rules.flatMap((rule) => {
    if (!isAllowance(rule) || !forSpecies(rule, speciesId) || !inForceOn(rule, day)) return [];
    const ofBoat = perOf(rule) === 'boat' && boat !== null;
    return (ofBoat ? [null] : anglerIds).map((anglerId) => {
      const used = allowanceUsed(rule, kept, { anglerId: anglerId ?? '', boat: ofBoat ? boat : null }, day);
      return {
        ruleId: rule.id,
        kind: rule.kind,
        speciesId,
        together: rule.species,
        anglerId,
        most: rule.most,
        used,
        left: Math.max(0, rule.most - used),
      };
    });
  });
}

/** Whether a rule is in force on a civil day. */
export function inForceOn(rule: { inForce?: { from?: string; to?: string } }, day: string): boolean {
  const { from, to } = rule.inForce ?? {};
  return (from === undefined || day >= from) && (to === undefined || day <= to);
}

/** Whether a rule is about this species here on this day. */
export function concerns(
  rule: { species: readonly string[]; zones?: readonly string[]; inForce?: { from?: string; to?: string } },
  at: { speciesId: string; zone: string; alsoIn?: readonly string[]; day: string },
): boolean {
  return (
    forSpecies(rule, at.speciesId) &&
    (rule.zones === undefined || [at.zone, ...(at.alsoIn ?? [])].some((z) => rule.zones?.includes(z))) &&
    inForceOn(rule, at.day)
  );
}
