/** Grounds of fresh water. A ground that is not listed above is of unknown water. */
const FRESH: readonly string[] = ['lake', 'stream'];

/** Whether a ground is of fresh water or of the sea; null for one that only a pack of one's own knows. */
export const waterOfGround = (ground: string): 'fresh' | 'sea' | null =>
  FRESH.includes(ground) ? 'fresh' : Object.hasOwn(GROUNDS, ground) ? 'sea' : null;

/** Kinds of ground that species and zones speak of, with what one would call them. */
export const GROUNDS: Readonly<Record<string, string>> = {
  'kelp reef': 'rock and kelp',
  sand: 'sand',
  'estuary mud': 'estuary',
  'open water': 'open sea',
  'deep bank': 'deep bank',
  lake: 'lake',
  stream: 'river or stream',
  'warm reef': 'warm reef',
  'warm sand': 'warm sand',
  'warm open water': 'warm open sea',
};
