import type { Vessel } from './vessel.ts';

/** A kitchen: what may be used at once, and what there is to cook in. */
export interface Kitchen {
  readonly hands: number;
  readonly rings: number;
  readonly ovens: number;
  readonly grills: number;
  readonly vessels: readonly Vessel[];
}

/** A small kitchen ashore, until a book has its own. */
export const SOME_KITCHEN: Kitchen = {
  hands: 1,
  rings: 2,
  ovens: 1,
  grills: 1,
  vessels: [
    { id: 'pan', name: 'Iron pan', use: 'pan', shape: 'round', longMm: 260, wideMm: 260, deepMm: 50 },
    { id: 'pot', name: 'Large pot', use: 'pot', shape: 'round', longMm: 240, wideMm: 240, deepMm: 200 },
    { id: 'saucepan', name: 'Small saucepan', use: 'pot', shape: 'round', longMm: 160, wideMm: 160, deepMm: 90 },
    { id: 'kettle', name: 'Fish kettle', use: 'kettle', shape: 'oblong', longMm: 500, wideMm: 150, deepMm: 110 },
    { id: 'steamer', name: 'Steamer', use: 'steamer', shape: 'round', longMm: 300, wideMm: 300, deepMm: 110 },
    { id: 'grate', name: 'Hinged grate', use: 'grill', shape: 'oblong', longMm: 420, wideMm: 300, deepMm: 60 },
    { id: 'tray', name: 'Oven tray', use: 'tray', shape: 'oblong', longMm: 440, wideMm: 330, deepMm: 30 },
  ],
};

/** The galley of a small boat: a ring of gas, what stows. */
const GALLEY: Kitchen = {
  hands: 1,
  rings: 1,
  ovens: 0,
  grills: 0,
  vessels: [
    { id: 'galley-pan', name: 'Pan', use: 'pan', shape: 'round', longMm: 240, wideMm: 240, deepMm: 50 },
    { id: 'galley-pot', name: 'Pot with a lid', use: 'pot', shape: 'round', longMm: 200, wideMm: 200, deepMm: 130 },
  ],
};

/** A fire on the shore: one pan over it, and its embers. */
const CAMP: Kitchen = {
  hands: 1,
  rings: 1,
  ovens: 0,
  grills: 1,
  vessels: [
    { id: 'camp-pan', name: 'Iron pan', use: 'pan', shape: 'round', longMm: 280, wideMm: 280, deepMm: 60 },
    { id: 'camp-grate', name: 'Hinged grate', use: 'grill', shape: 'oblong', longMm: 420, wideMm: 300, deepMm: 60 },
  ],
};

/** What a new kitchen is begun from. */
export const KITCHENS_LIKE = [
  { id: 'house', name: 'a house', kitchen: SOME_KITCHEN },
  { id: 'galley', name: 'a boat with one ring', kitchen: GALLEY },
  { id: 'camp', name: 'a fire with one pan', kitchen: CAMP },
] as const;

/** Which vessels a way to cook takes, the likeliest first. */
export const USES: Readonly<Record<string, readonly Vessel['use'][]>> = {
  seared: ['pan'],
  pan: ['pan'],
  'pan, whole': ['pan'],
  grill: ['grill'],
  'grill, whole': ['grill'],
  parcel: ['tray'],
  // A kettle has a rack, a pot takes a plate on a cup, and a tin takes a rack under foil.
  steam: ['steamer', 'kettle', 'pot', 'tray'],
  'poach, from hot': ['kettle', 'pan', 'pot'],
  'poach, heat off': ['kettle', 'pot'],
  'poach, from cold': ['kettle', 'pot'],
  roast: ['tray'],
  batter: ['pot'],
  'deep fry': ['pot'],
  dredge: ['pot', 'pan'],
  simmer: ['pan', 'pot'],
  stick: ['grill'],
  'hot smoke': ['grill'],
  cakes: ['pan'],
  soup: ['pot'],
  stock: ['pot'],
};
