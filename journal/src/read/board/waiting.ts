import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/** Fish that lie in a box now, of whatever trip: what was forgotten there a month ago is still there. */
export const fishOnIce = (book: Book): FishState[] => book.unfinishedFish().filter((f) => f.iced);

/** Fish that may go on the board: in a box, bleeding, or dispatched and still in hand. */
export const fishForTheBoard = (book: Book): FishState[] =>
  book
    .unfinishedFish()
    .filter((f) => f.iced !== null || f.dispatched !== null || (f.bled !== null && f.bled.cut !== 'none'));
