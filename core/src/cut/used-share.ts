/** Where the parts of a fish go. A name stands in the log for ever. */
export const PART_USES = ['stock', 'tonight', 'bait', 'animals', 'the water', 'bin'] as const;
export type PartUse = (typeof PART_USES)[number];

/** Shares of whole fish by what became of them; they make 1. */
export interface UsedShare {
  readonly meat: number;
  /** Eaten beside the meat: cheeks, roe, liver, stock. */
  readonly kitchen: number;
  readonly bait: number;
  readonly animals: number;
  /** Bin and water. */
  readonly waste: number;
  /** Weighed nowhere: guts, blood, drip. */
  readonly lost: number;
  readonly roundG: number;
  readonly n: number;
}

/** A cut as its masses, g. */
export interface CutMasses {
  readonly roundG: number;
  readonly meatG: number;
  readonly parts: readonly { readonly use: string; readonly massG: number }[];
}

const FIELD: Readonly<Record<string, 'kitchen' | 'bait' | 'animals' | 'waste'>> = {
  stock: 'kitchen',
  tonight: 'kitchen',
  bait: 'bait',
  animals: 'animals',
};

/** How much of some fish was used, all of them together; null of none. Masses in g, parts never above the whole by more than water. */
export function usedShare(cuts: readonly CutMasses[]): UsedShare | null {
  const roundG = cuts.reduce((g, c) => g + c.roundG, 0);
  if (!(roundG > 0)) return null;
  const sum = { meat: 0, kitchen: 0, bait: 0, animals: 0, waste: 0 };
  for (const c of cuts) {
    sum.meat += c.meatG;
    for (const p of c.parts) sum[FIELD[p.use] ?? 'waste'] += p.massG;
  }
  const known = Object.values(sum).reduce((a, b) => a + b, 0);
  // A scale adds up to 2 % by clinging water: shares are of what was weighed then.
  const of = Math.max(roundG, known);
  return {
    meat: sum.meat / of,
    kitchen: sum.kitchen / of,
    bait: sum.bait / of,
    animals: sum.animals / of,
    waste: sum.waste / of,
    lost: Math.max(0, (of - known) / of),
    roundG,
    n: cuts.length,
  };
}
