import type { Allowance } from './allowances.ts';
import type { LengthKind } from '../species/index.ts';

/** From mildest to strictest. */
export const OUTCOMES = ['keep', 'ask', 'measureAgain', 'letGo'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** The stricter of two outcomes. */
export const stricter = (a: Outcome, b: Outcome): Outcome => (OUTCOMES.indexOf(a) >= OUTCOMES.indexOf(b) ? a : b);

/** One rule that was looked at and what it said. */
export interface Finding {
  readonly ruleId: string;
  readonly kind: string;
  readonly outcome: Outcome;
  /** Leading words, set bold ("Too short:"). */
  readonly lead: string;
  /** The rest of the sentence. */
  readonly because: string;
  readonly source: string;
  /** For sizes: reading minus least, mm. */
  readonly marginMm?: number;
  readonly leastMm?: number;
  /** Probability that the fish is long enough. */
  readonly chance?: number;
}

export interface Verdict {
  readonly outcome: Outcome;
  /** Findings, strictest first, then in the order size, bag, season, ban. */
  readonly findings: readonly Finding[];
  /** What is missing, when the outcome is `ask`. */
  readonly asks: { readonly fact: 'length'; readonly kind: LengthKind } | null;
  /** This person's bags before this fish is kept. */
  readonly allowances: readonly Allowance[];
  /** No rule of the pack is about this species here: nothing is known, which is not the same as allowed. */
  readonly noRuleFound: boolean;
  readonly pack: {
    readonly name: string;
    readonly version: string;
    readonly sample: boolean;
    readonly checked: string;
    readonly stale: boolean;
  };
}
