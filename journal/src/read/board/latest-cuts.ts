import type { Book } from '../../log/book/book.ts';
import type { CutState } from '../../log/state/states.ts';

/** So many cuts back the board looks: a knife of years ago is another knife, and cost must not grow with the book. */
const LATEST = 300;

/** The last cuts of a book that stand, in the order of their making; kept until a cut or what it hangs on changes. */
export const latestCuts = (book: Book): readonly CutState[] =>
  book.reckoned('latest cuts', ['cut', 'fish', 'trip'], [], () => book.all('cut').slice(-LATEST));
