import { type CustodyLine, custodyOf } from '../line/custody.ts';
import type { Book } from '../state/book.ts';

const unfinished = (book: Book): CustodyLine[] => book.unfinishedFish().flatMap((f) => custodyOf(book, f.id) ?? []);

/** Fish that lie in a box now, of whatever trip: what was forgotten there a month ago is still there. */
export const fishOnIce = (book: Book): CustodyLine[] => unfinished(book).filter((l) => l.where === 'box');

/** Fish that may go on the board: in a box, bleeding, or dispatched and still in hand. */
export const fishForTheBoard = (book: Book): CustodyLine[] =>
  unfinished(book).filter(
    (l) => l.where === 'box' || l.where === 'bleeding' || (l.where === 'in hand' && l.fish.dispatched !== null),
  );
