import type { Penalty } from '../fresh/index.ts';

/** What can be looked for when a fish is opened, by names that stand in the log for ever; what follows stands in `findings.ts`. */
export const FINDING_NAMES = ['stomach', 'sex', 'roe', 'worms', 'gut', 'flesh', 'smell', 'damage'] as const;
export type FindingOf = (typeof FINDING_NAMES)[number];

/** A find as it was noted. */
export interface Finding {
  readonly of: string;
  readonly is: string;
  /** How many, where they were counted. */
  readonly count?: number | null;
  readonly where?: string | null;
}

/** What a find takes off its time; null for most. */
export const penaltyOf = (f: Finding): Penalty | null =>
  f.of === 'gut' && (f.is === 'pierced' || f.is === 'burst by itself') ? 'gutBurst' : null;

/** How the sex of a fish is said; the log stores older words. */
export const SEX_WORDS = { hen: 'female', cock: 'male' } as const;

/** "3 round worms in the belly lining", "gut pierced", "sand eels in the stomach". */
export function sayFinding(f: Finding): string {
  const n = f.count ? `${f.count} ` : '';
  const where = f.where ? ` ${f.where}` : '';
  if (f.of === 'stomach') return `${f.is} in the stomach`;
  if (f.of === 'sex') return (SEX_WORDS as Readonly<Record<string, string>>)[f.is] ?? f.is;
  if (f.of === 'gut') return `gut ${f.is}`;
  if (f.of === 'flesh') return `flesh ${f.is}`;
  if (f.of === 'roe') return `roe ${f.is}`;
  if (f.of === 'smell') return `smells ${f.is}`;
  if (f.of === 'damage' && f.is === 'none') return 'no damage';
  if (f.of === 'worms' && f.is === 'none seen') return 'no worms seen';
  return `${n}${f.is}${where}`;
}
