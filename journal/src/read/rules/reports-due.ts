import type { Rule, RulePack } from '@dagboek/core/rules';
import { epochMs } from '@dagboek/core/time';
import type { FishState } from '../../log/state/states.ts';

/** A report that a rule asks for and nobody has noted yet. */
export interface ReportDue {
  readonly fish: FishState;
  readonly rule: Extract<Rule, { kind: 'report' }>;
  /** By when, epoch ms. */
  readonly byMs: number;
}

/** Reports due for these fish by the rules that judged them (`ruleIds` of a fish: every rule that was looked at), the most urgent first. What went back is not reported, unless it must not have gone back. */
export function reportsDue(
  rules: RulePack,
  fish: readonly FishState[],
  ruleIds: (f: FishState) => readonly string[],
): ReportDue[] {
  return fish
    .filter((f) => !f.released)
    .flatMap((f) => {
      const looked = ruleIds(f);
      return rules.rules.flatMap((rule): ReportDue[] =>
        rule.kind === 'report' && looked.includes(rule.id) && !f.reported.some((r) => r.rule === rule.id)
          ? [{ fish: f, rule, byMs: epochMs(f.landed.at) + rule.withinHours * 3_600_000 }]
          : [],
      );
    })
    .sort((a, b) => a.byMs - b.byMs);
}
