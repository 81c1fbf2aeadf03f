import type { PackPlace } from './keep-until.ts';

/** Where packs lie. A name stands in the log for ever. */
export const STORE_KINDS = ['fridge', 'ice tray', 'ageing rack', 'shed', 'freezer'] as const;
export type StoreKind = (typeof STORE_KINDS)[number];

/** What is to be known of a kind of store. */
export interface StoreFacts {
  /** Whether what lies in it is frozen. */
  readonly place: PackPlace;
  /** Temperature that it is taken to have until it is read, degC: typical, on the warm side. */
  readonly typicalC: number;
  /** Readings outside of this are asked about: that of a room, or of nothing that cools, degC. */
  readonly plausible: readonly [number, number];
}

/** Kinds of store. Sources: FSA chilling advice (fridge at 5 degC or below, freezer at -18); EFSA BIOHAZ 2020 and WRAP 2010 (household fridges as they are); domain notes, section 7 (ageing at 0 to 2). */
export const STORE_FACTS: Readonly<Record<StoreKind, StoreFacts>> = {
  // Household fridges are at 5 to 7 degC on the mean, many warmer: until somebody reads it, the warm end.
  fridge: { place: 'fridge', typicalC: 7, plausible: [-3, 14] },
  'ice tray': {
    place: 'fridge',
    typicalC: 1,
    plausible: [-2, 8],
  },
  'ageing rack': {
    place: 'fridge',
    typicalC: 2,
    plausible: [-2, 8],
  },
  shed: { place: 'fridge', typicalC: 8, plausible: [-25, 25] },
  freezer: {
    place: 'freezer',
    typicalC: -18,
    plausible: [-45, 5],
  },
};
