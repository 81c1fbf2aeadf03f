import { fishInHand } from '../deck/in-hand.ts';
import { openTrip, tripsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import { dinnersOpen } from '../table/dinners.ts';

/** How each station stands now, in numbers; what waits for somebody is flagged by whoever draws it. */
export interface StationStates {
  /** Trips, and the number of the one under way; null while none is. */
  readonly trips: number;
  readonly openTrip: number | null;
  /** Fish in hand or bleeding on the open trip. */
  readonly toDo: number;
  /** Fish on ice, of whatever trip; those of a lot counted. */
  readonly onIce: number;
  /** Cuts that gave no pack yet. */
  readonly cutsBegun: number;
  /** Packs that hold something. */
  readonly packs: number;
  readonly meals: number;
  /** Dinners that are planned, and of these how many are being cooked. */
  readonly dinners: number;
  readonly cooking: number;
}

/** How the stations of a book stand. Costs the same in a large book as in a small one. */
export function stationStates(book: Book): StationStates {
  return book.reckoned('stations', ['trip', 'fish', 'cut', 'pack', 'meal', 'dinner'], [], () => statesNow(book));
}

function statesNow(book: Book): StationStates {
  const trips = tripsInOrder(book);
  const open = openTrip(book);
  const dinners = dinnersOpen(book);
  const todo = open ? fishInHand(book, open.id) : null;
  return {
    trips: trips.length,
    openTrip: open ? trips.indexOf(open) + 1 : null,
    toDo: todo ? todo.inHand.length + todo.bleeding.length : 0,
    onIce: book.countOnIce,
    cutsBegun: book.cutsWithoutPack().length,
    packs: book.packsWithFood().length,
    meals: book.countOf('meal'),
    dinners: dinners.length,
    cooking: dinners.filter((d) => Object.keys(d.begun).length > 0).length,
  };
}
