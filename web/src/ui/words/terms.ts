/**
 * The words of the craft that a sentence may carry, each with its heading in `docs/handbook/words.md` and the forms in which a
 * sentence has it, in small letters. What they mean is fetched when one is tapped.
 */
const FORMS = {
  'Adipose fin': ['adipose fin'],
  Ageing: ['ageing', 'aged'],
  'Anal fin': ['anal fin'],
  'Bag limit': ['bag limit', 'daily limit'],
  Barbel: ['barbels under', 'barbel under', 'chin barbel'],
  'Base of the tail': ['base of the tail'],
  Bleeding: ['bled', 'bleed it'],
  'Blood line': ['blood line'],
  'Breast fin': ['breast fins', 'breast fin'],
  Brine: ['brine'],
  'Cautious limit': ['cautious limit'],
  Ciguatera: ['ciguatera'],
  'Closed season': ['closed season'],
  Coasting: ['coasts to', 'coasting'],
  Curing: ['cured', 'curing'],
  Descender: ['descender'],
  'Disc width': ['disc width'],
  'Fork length': ['fork length'],
  Frame: ['frame'],
  'Gall bladder': ['gall bladder'],
  'Gill cover': ['gill covers', 'gill cover'],
  Histamine: ['histamine'],
  'Hob ring': ['hob rings', 'hob ring'],
  'Ice-day': ['ice-days', 'ice-day'],
  'Life list': ['life list'],
  Listeria: ['listeria'],
  Loin: ['loins', 'loin'],
  Lot: ['lot'],
  'Melt test': ['melt test'],
  Mercury: ['mercury'],
  Milt: ['milt'],
  'Minimum size': ['minimum size', 'minimum length'],
  'Official limit': ['official limit'],
  'Pin bones': ['pin bones'],
  Plate: ['plates', 'plate'],
  'Possession limit': ['possession limit', 'possession'],
  Priest: ['priest'],
  Probe: ['probe'],
  'Rod hour': ['rod hours', 'rod hour'],
  Roe: ['roe'],
  'Rule pack': ['rule packs', 'rule pack'],
  Slot: ['slots', 'slot'],
  Slurry: ['slurry'],
  Spike: ['spiked', 'spike'],
  Steak: ['steaks', 'steak'],
  Stiffness: ['stiffness', 'stiff'],
  'Swim bladder': ['swim bladder'],
  'Total length': ['total length'],
  Yield: ['yields', 'yield'],
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type TermName = keyof typeof FORMS;

/** Every term that a sentence may carry, as its heading has it. */
export const TERMS = Object.keys(FORMS) as TermName[];

/** The forms of a term, in small letters; the longer first, since it is looked for first. */
export const formsOf = (term: TermName): readonly string[] => FORMS[term];

const TERM_OF = new Map<string, TermName>(TERMS.flatMap((t) => FORMS[t].map((f) => [f, t] as const)));
const ANY = new RegExp(
  `(?<![\\p{L}\\d-])(${[...TERM_OF.keys()].sort((a, b) => b.length - a.length).join('|')})(?![\\p{L}\\d-])`,
  'giu',
);

/** A piece of a sentence; `term`: what it is explained by, null where it is plain text. */
export interface Piece {
  readonly text: string;
  readonly term: TermName | null;
}

/** A text in pieces: each term where it stands first, as it is written there, and the plain text between. Joined they are the text. */
export function piecesOf(text: string): readonly Piece[] {
  const pieces: Piece[] = [];
  const seen = new Set<TermName>();
  let at = 0;
  for (const m of text.matchAll(ANY)) {
    const term = TERM_OF.get(m[0].toLowerCase());
    if (!term || seen.has(term)) continue;
    seen.add(term);
    if (m.index > at) pieces.push({ text: text.slice(at, m.index), term: null });
    pieces.push({ text: m[0], term });
    at = m.index + m[0].length;
  }
  if (at < text.length) pieces.push({ text: text.slice(at), term: null });
  return pieces;
}
