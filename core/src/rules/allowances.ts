import type { KeptFish, RulePack } from './rule.ts';

/** What is left of one daily bag for one person. */
export interface Allowance {
  readonly ruleId: string;
  readonly speciesId: string;
  readonly anglerId: string;
  readonly most: number;
  readonly used: number;
  /** Never below 0. */
  readonly left: number;
}

const forSpecies = (rule: { species: readonly string[] }, id: string): boolean =>
  rule.species.length === 0 || rule.species.includes(id);

/** How many of a bag a person has used on a day. A rule for several species counts them together. */
export function bagUsed(
  rule: { species: readonly string[] },
  kept: readonly KeptFish[],
  anglerId: string,
  day: string,
): number {
  return kept.reduce(
    (n, k) =>
      k.anglerId === anglerId && k.day === day && [k.speciesId, ...(k.orElse ?? [])].some((id) => forSpecies(rule, id))
        ? n + k.count
        : n,
    0,
  );
}

/** Bags of one species for each person given, on a day. Released fish are not in `kept`, so they count for nothing. */
export function allowancesLeft(
  pack: RulePack,
  kept: readonly KeptFish[],
  speciesId: string,
  anglerIds: readonly string[],
  day: string,
): Allowance[] {
  return pack.rules.flatMap((rule) => {
    if (rule.kind !== 'dailyBag' || !forSpecies(rule, speciesId) || !inForceOn(rule, day)) return [];
    return anglerIds.map((anglerId) => {
      const used = bagUsed(rule, kept, anglerId, day);
      return { ruleId: rule.id, speciesId, anglerId, most: rule.most, used, left: Math.max(0, rule.most - used) };
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
  at: { speciesId: string; zone: string; day: string },
): boolean {
  return (
    forSpecies(rule, at.speciesId) &&
    (rule.zones === undefined || rule.zones.includes(at.zone)) &&
    inForceOn(rule, at.day)
  );
}
