import { inForceOn } from './allowances.ts';
import type { Rule, RulePack } from './rule.ts';
import type { RuleOf } from './rule-kinds.ts';

/** The rules that keep guts, heads and frames out of the water. */
export interface OffalRules {
  /** Those that hold in one of the zones asked for. */
  readonly here: readonly RuleOf<'noOffal'>[];
  /** Those of the pack's other waters. */
  readonly elsewhere: readonly RuleOf<'noOffal'>[];
}

const isOffal = (r: Rule): r is RuleOf<'noOffal'> => r.kind === 'noOffal';

/**
 * Where a pack forbids that what is left of a fish goes into the water. `zones`: where it was caught and where the board is, with the
 * zones around them; `speciesIds`: all it may be; `day`: civil day. Gear and age do not matter: the water is the same for everyone.
 */
export function offalRules(
  pack: RulePack,
  of: { readonly zones: readonly string[]; readonly speciesIds: readonly string[]; readonly day: string },
): OffalRules {
  const about = pack.rules
    .filter(isOffal)
    .filter((r) => inForceOn(r, of.day))
    .filter((r) => r.species.length === 0 || r.species.some((s) => of.speciesIds.includes(s)));
  const holds = (r: Rule): boolean => r.zones === undefined || r.zones.some((z) => of.zones.includes(z));
  return { here: about.filter(holds), elsewhere: about.filter((r) => !holds(r)) };
}
