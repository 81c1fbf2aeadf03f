import { PLATE_G } from '@dagboek/core/plates';
import { packLeft } from '../line/order.ts';
import type { Book } from '../state/book.ts';

/** Packs of fish as they lie in a drawer, air between them, take a litre for so much, g. Our own assumption: three fifths of its room is fish. */
export const PACKED_G_PER_L = 630;

/** How much fish still goes into a freezer. */
export interface FreezerRoom {
  /** Packs that lie in it, and what they hold, g. */
  readonly packs: number;
  readonly heldG: number;
  /** What still goes in, g; 0 when it is full. */
  readonly freeG: number;
  /** The same in whole plates. */
  readonly plates: number;
}

/** The room of a freezer of so many litres, by the packs that the book knows to lie in it. */
export function freezerRoom(book: Book, litres: number): FreezerRoom {
  const inIt = book
    .packsWithFood()
    .filter((p) => book.stands(p) && p.places.at(-1)?.place === 'freezer')
    .map((p) => packLeft(book, p).leftG)
    .filter((g) => g >= 1);
  const heldG = inIt.reduce((sum, g) => sum + g, 0);
  const freeG = Math.max(0, litres * PACKED_G_PER_L - heldG);
  return { packs: inIt.length, heldG, freeG, plates: Math.floor(freeG / PLATE_G) };
}
