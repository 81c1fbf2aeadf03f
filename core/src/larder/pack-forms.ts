/** How what is in a pack keeps: by which row of the tables. */
export type KeepsAs = 'raw' | 'offal' | 'cured' | 'smoked' | 'cooked' | 'stock';

/** What one form of a pack is, for all who ask: keeping, cautions, plates, the fish's line. */
export interface FormFacts {
  readonly keepsAs: KeepsAs;
  /** One piece of it, and several; null where pieces are not counted. */
  readonly pieces: readonly [string, string] | null;
  /** What gives plates: flesh by its mass, a body by what it yields, nothing for what is no dish by itself. */
  readonly plates: 'flesh' | 'body' | 'none';
  /** It was cut from the flesh of a fish on the board: it weighs no more than that did. */
  readonly ofFlesh: boolean;
}

/** What a pack may hold. The names stand in the log for ever. */
export const PACK_FORMS = {
  whole: { keepsAs: 'raw', pieces: ['whole', 'whole'], plates: 'body', ofFlesh: true },
  gutted: { keepsAs: 'raw', pieces: ['whole, gutted', 'whole, gutted'], plates: 'body', ofFlesh: true },
  fillets: { keepsAs: 'raw', pieces: ['fillet', 'fillets'], plates: 'flesh', ofFlesh: true },
  portions: { keepsAs: 'raw', pieces: ['portion', 'portions'], plates: 'flesh', ofFlesh: true },
  steaks: { keepsAs: 'raw', pieces: ['steak', 'steaks'], plates: 'flesh', ofFlesh: true },
  wings: { keepsAs: 'raw', pieces: ['wing', 'wings'], plates: 'flesh', ofFlesh: true },
  roe: { keepsAs: 'offal', pieces: null, plates: 'none', ofFlesh: false },
  liver: { keepsAs: 'offal', pieces: null, plates: 'none', ofFlesh: false },
  cured: { keepsAs: 'cured', pieces: ['cured piece', 'cured pieces'], plates: 'flesh', ofFlesh: true },
  smoked: { keepsAs: 'smoked', pieces: ['smoked piece', 'smoked pieces'], plates: 'flesh', ofFlesh: true },
  cooked: { keepsAs: 'cooked', pieces: ['cooked piece', 'cooked pieces'], plates: 'flesh', ofFlesh: true },
  stock: { keepsAs: 'stock', pieces: null, plates: 'none', ofFlesh: false },
  bait: { keepsAs: 'raw', pieces: ['piece of bait', 'pieces of bait'], plates: 'none', ofFlesh: false },
} as const satisfies Record<string, FormFacts>;

export type PackForm = keyof typeof PACK_FORMS;

export const formFacts = (form: PackForm): FormFacts => PACK_FORMS[form];
/** Whether it is a fish on the bone: its body, and not its flesh, is in the pack. */
export const isBody = (form: PackForm): boolean => PACK_FORMS[form].plates === 'body';
/** Whether it is fish that nobody has cooked: salt, lemon and smoke leave it raw as far as worms and histamine go. */
export const isUncooked = (form: PackForm): boolean =>
  PACK_FORMS[form].keepsAs !== 'cooked' && PACK_FORMS[form].keepsAs !== 'stock';
/** Whether it is made for people. */
export const isFood = (form: PackForm): boolean => form !== 'bait';

/** What is in a pack, by the name of its kind: "Pollack, 2 fillets". `pieces` null: not counted. */
export function packName(species: string, form: PackForm, pieces: number | null): string {
  const words = formFacts(form).pieces;
  if (form === 'stock') return `${species}, frames for stock`;
  if (words === null || pieces === null) return `${species}, ${form}`;
  if (words[0] === words[1]) return pieces > 1 ? `${species}, ${pieces} ${words[1]}` : `${species}, ${words[0]}`;
  return `${species}, ${pieces} ${pieces === 1 ? words[0] : words[1]}`;
}
