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
