import { wordFor } from '../units/index.ts';
/** How what is in a pack keeps: by which row of the tables. */
export type KeepsAs = 'raw' | 'offal' | 'cured' | 'smoked' | 'cooked' | 'stock';

/** What one form of a pack is, for all who ask: keeping, cautions, plates, the fish's line. */
export interface FormFacts {
  readonly keepsAs: KeepsAs;
  /** One piece of it, and several; null where pieces are not counted. */
  readonly pieces: readonly [string, string] | null;
  /** What gives plates: flesh by its mass, what is on the bone by what it yields, nothing for what is no dish by itself. See `meatIn`. */
  readonly plates: 'flesh' | 'on the bone' | 'none';
  /** It is still a fish: with its fins, its spines and its skin all round. */
  readonly body?: true;
  /** It was cut from the flesh of a fish on the board: it weighs no more than that did. */
  readonly ofFlesh: boolean;
}

/** What a pack may hold. The names stand in the log for ever. */
export const PACK_FORMS = {
  whole: { keepsAs: 'raw', pieces: ['whole', 'whole'], plates: 'on the bone', body: true, ofFlesh: true },
  gutted: {
    keepsAs: 'raw',
    pieces: ['whole, gutted', 'whole, gutted'],
    plates: 'on the bone',
    body: true,
    ofFlesh: true,
  },
  butterflied: { keepsAs: 'raw', pieces: ['butterflied', 'butterflied'], plates: 'on the bone', ofFlesh: true },
  tail: { keepsAs: 'raw', pieces: ['tail on the bone', 'tails on the bone'], plates: 'on the bone', ofFlesh: true },
  fillets: { keepsAs: 'raw', pieces: ['fillet', 'fillets'], plates: 'flesh', ofFlesh: true },
  portions: { keepsAs: 'raw', pieces: ['portion', 'portions'], plates: 'flesh', ofFlesh: true },
  loins: { keepsAs: 'raw', pieces: ['loin', 'loins'], plates: 'flesh', ofFlesh: true },
  steaks: { keepsAs: 'raw', pieces: ['steak', 'steaks'], plates: 'on the bone', ofFlesh: true },
  tubes: { keepsAs: 'raw', pieces: ['tube and arms', 'tubes and arms'], plates: 'flesh', ofFlesh: true },
  wings: { keepsAs: 'raw', pieces: ['wing', 'wings'], plates: 'flesh', ofFlesh: true },
  cheeks: { keepsAs: 'raw', pieces: ['cheek', 'cheeks'], plates: 'flesh', ofFlesh: false },
  collars: { keepsAs: 'raw', pieces: ['collar', 'collars'], plates: 'on the bone', ofFlesh: false },
  roe: { keepsAs: 'offal', pieces: null, plates: 'none', ofFlesh: false },
  liver: { keepsAs: 'offal', pieces: null, plates: 'none', ofFlesh: false },
  cured: { keepsAs: 'cured', pieces: ['cured piece', 'cured pieces'], plates: 'flesh', ofFlesh: true },
  smoked: { keepsAs: 'smoked', pieces: ['smoked piece', 'smoked pieces'], plates: 'flesh', ofFlesh: true },
  cooked: { keepsAs: 'cooked', pieces: ['cooked piece', 'cooked pieces'], plates: 'flesh', ofFlesh: true },
  stock: { keepsAs: 'stock', pieces: null, plates: 'none', ofFlesh: false },
  bait: { keepsAs: 'raw', pieces: ['piece of bait', 'pieces of bait'], plates: 'none', ofFlesh: false },
} as const satisfies Record<string, FormFacts>;

export type PackForm = keyof typeof PACK_FORMS;

/** What a form of a pack is. */
export const formFacts = (form: PackForm): FormFacts => PACK_FORMS[form];
/** Whether it is still a fish, and not a cut of one. */
export const isBody = (form: PackForm): boolean => formFacts(form).body === true;
/** Whether fins with their spines may be on it. */
export const keepsFins = (form: PackForm): boolean => formFacts(form).plates === 'on the bone' && form !== 'steaks';
/** Whether it is fish that nobody has cooked: salt, lemon and smoke leave it raw as far as worms and histamine go. */
export const isUncooked = (form: PackForm): boolean =>
  PACK_FORMS[form].keepsAs !== 'cooked' && PACK_FORMS[form].keepsAs !== 'stock';
/** Whether it was salted or smoked at home and not cooked: for those at risk it counts as raw. */
export const countsAsRaw = (form: PackForm): boolean => ['cured', 'smoked'].includes(PACK_FORMS[form].keepsAs);
/** Whether it is made for people. */
export const isFood = (form: PackForm): boolean => form !== 'bait';

/** What is in a pack, by the name of its kind: "Pollack, 2 fillets". `pieces` null: not counted. */
export function packName(species: string, form: PackForm, pieces: number | null): string {
  const words = formFacts(form).pieces;
  if (form === 'stock') return `${species}, frames for stock`;
  if (words === null || pieces === null) return `${species}, ${form}`;
  if (words[0] === words[1]) return pieces > 1 ? `${species}, ${pieces} ${words[1]}` : `${species}, ${words[0]}`;
  return `${species}, ${pieces} ${wordFor(pieces, words[0], words[1])}`;
}
