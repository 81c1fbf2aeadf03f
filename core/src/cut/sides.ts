/** The two sides of one fish against each other: which came off first, and how far they are apart. */
export interface Sides {
  readonly firstG: number;
  readonly secondG: number;
  /** How much less the lighter gave, as a share of the heavier. */
  readonly apart: number;
  readonly lighter: 'first' | 'second' | null;
}

/** Two sides of a fish are alike within so much: what is more was left on the frame. A flatfish's eyed side is truly the thicker one. */
const ALIKE = 0.05;

/** How the two sides of a round fish compare, g each; null when there are not two. */
export function sidesOf(pieces: readonly number[]): Sides | null {
  const [firstG, secondG] = pieces;
  if (pieces.length !== 2 || firstG === undefined || secondG === undefined || !(firstG > 0) || !(secondG > 0))
    return null;
  const apart = 1 - Math.min(firstG, secondG) / Math.max(firstG, secondG);
  return { firstG, secondG, apart, lighter: apart <= ALIKE ? null : firstG < secondG ? 'first' : 'second' };
}
