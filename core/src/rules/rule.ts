import type { LengthKind, MeasureMethod } from '../species/index.ts';
import type { YearlySpan } from '../time/index.ts';

interface RuleBase {
  readonly id: string;
  /** Species ids the rule is for; empty = every species. */
  readonly species: readonly string[];
  /** Zones it holds in; left out = all waters of the pack. */
  readonly zones?: readonly string[];
  /** In force from and to (civil days, both included); left out = always. */
  readonly inForce?: { readonly from?: string; readonly to?: string };
  /** The rule in one plain sentence. */
  readonly sentence: string;
  /** Where it is written. */
  readonly source: string;
}

export type Rule =
  | (RuleBase & { readonly kind: 'minimumSize'; readonly leastMm: number; readonly length: LengthKind })
  | (RuleBase & { readonly kind: 'dailyBag'; readonly most: number })
  | (RuleBase & { readonly kind: 'closedSeason'; readonly closed: YearlySpan })
  | (RuleBase & { readonly kind: 'retentionBan' });

export interface Zone {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  /** Kinds of ground in it, for what is likely there. */
  readonly grounds: readonly string[];
}

/** A file of rules: who made it, for what waters, when it was last checked. */
export interface RulePack {
  readonly id: string;
  readonly name: string;
  readonly version: string;
  readonly authority: string;
  readonly checked: string;
  /** True: invented rules. The interface says so wherever one of them judges a fish. */
  readonly sample: boolean;
  readonly timeZone: string;
  readonly zones: readonly Zone[];
  readonly rules: readonly Rule[];
}

/** The fish to be judged, with what is known of it. Null = not known yet. */
export interface CatchFacts {
  readonly speciesId: string;
  readonly speciesName: string;
  readonly zone: string;
  /** Civil day of the catch in the waters' own zone. */
  readonly day: string;
  readonly anglerId: string;
  readonly anglerName: string;
  /** 1 for a single fish, more for a lot. */
  readonly count: number;
  /** The reading; for a lot, its shortest fish. */
  readonly length: { readonly mm: number; readonly kind: LengthKind; readonly method: MeasureMethod } | null;
}

/** A fish or lot that someone kept. */
export interface KeptFish {
  readonly speciesId: string;
  /** What else it may be, while it is not settled: it uses up the bag of each, and a bag for several of them once. */
  readonly orElse?: readonly string[];
  readonly anglerId: string;
  readonly day: string;
  readonly count: number;
}
