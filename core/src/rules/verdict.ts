import type { Allowance } from './allowances.ts';
import type { LengthKind } from '../species/index.ts';
import type { RuleKind } from './rule.ts';

/** From mildest to strictest. `mustNotReturn`: an invasive fish, killed and never put back. */
export const OUTCOMES = ['keep', 'ask', 'measureAgain', 'letGo', 'mustNotReturn'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** The stricter of two outcomes. */
export const stricter = (a: Outcome, b: Outcome): Outcome => (OUTCOMES.indexOf(a) >= OUTCOMES.indexOf(b) ? a : b);

/** A fact that a rule needs and nobody has given. */
export type Ask =
  | { readonly fact: 'length'; readonly kind: LengthKind }
  | { readonly fact: 'gear' | 'age' | 'time' | 'licence' | 'name' };

/** One rule that was looked at and what it said. */
export interface Finding {
  readonly ruleId: string;
  readonly kind: RuleKind;
  readonly outcome: Outcome;
  /** Leading words, set bold ("Too short:"). */
  readonly lead: string;
  /** The rest of the sentence. */
  readonly because: string;
  readonly source: string;
  /** For sizes: how far inside (above 0) or outside of what may be kept, mm. */
  readonly marginMm?: number;
  /** For a minimum size: that size, mm. */
  readonly leastMm?: number;
  /** Probability that the fish is as the rule asks. */
  readonly chance?: number;
  readonly asks?: Ask;
  /** What would change the outcome: "0.6 cm longer", "after midnight". */
  readonly change?: string;
  /** Something to do or to mind though it may be kept: land it whole, report it, it shrinks on ice. */
  readonly duty?: boolean;
  readonly warning?: string;
}

export interface Verdict {
  readonly outcome: Outcome;
  /** Findings, strictest first, then bans, seasons, sizes, bags, duties. */
  readonly findings: readonly Finding[];
  /** What is missing, when the outcome is `ask`. */
  readonly asks: Ask | null;
  /** This person's (and the boat's) allowances before this fish is kept. */
  readonly allowances: readonly Allowance[];
  /** Rules that an exemption took away, by id. */
  readonly exempted: readonly string[];
  /** No rule of the pack says of this species here what may be kept: nothing is known, which is not the same as allowed. */
  readonly noRuleFound: boolean;
  readonly pack: {
    readonly name: string;
    readonly version: string;
    readonly sample: boolean;
    readonly checked: string;
    readonly stale: boolean;
  };
}

/** What one rule says, without its name. */
export type Said = Omit<Finding, 'ruleId' | 'kind' | 'source'>;
