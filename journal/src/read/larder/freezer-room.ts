import { PLATE_G } from '@dagboek/core/plates';
import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import { packsIn, storesOf } from '../places/stores.ts';

/** Packs of fish as they lie in a drawer, air between them, take a litre for so much, g. Our own assumption: three fifths of its room is fish. */
export const PACKED_G_PER_L = 630;

/** How much fish still goes into the freezers. */
export interface FreezerRoom {
  /** Of those whose size is known, together. */
  readonly litres: number;
  /** Packs that lie in them, and what they hold, g. */
  readonly packs: number;
  readonly heldG: number;
  /** What still goes in, g; 0 when they are full. */
  readonly freeG: number;
  /** The same in whole plates. */
  readonly plates: number;
}

/** The room of one's own freezers, by the packs that the book knows to lie in them; null while nobody said how large one is. */
export function freezerRoom(book: Book): FreezerRoom | null {
  const freezers = storesOf(book).filter((s) => s.place === 'freezer' && s.litres !== null);
  if (freezers.length === 0) return null;
  const litres = freezers.reduce((l, s) => l + s.litres!, 0);
  const each = freezers.map((s) => {
    const grams = packsIn(book, s.id).flatMap((p) => {
      const { leftG } = packLeft(book, p);
      return leftG >= 1 ? [leftG] : [];
    });
    const heldG = grams.reduce((sum, g) => sum + g, 0);
    // One that is over-full has no room, and takes none from the others.
    return { packs: grams.length, heldG, freeG: Math.max(0, s.litres! * PACKED_G_PER_L - heldG) };
  });
  const sum = (of: 'packs' | 'heldG' | 'freeG'): number => each.reduce((n, e) => n + e[of], 0);
  return {
    litres,
    packs: sum('packs'),
    heldG: sum('heldG'),
    freeG: sum('freeG'),
    plates: Math.floor(sum('freeG') / PLATE_G),
  };
}
