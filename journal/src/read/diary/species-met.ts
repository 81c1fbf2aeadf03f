import { fishOfTrip } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';

/** How a species was met so far. */
export interface Met {
  /** Entries that carry the name, settled or not. */
  readonly entries: number;
  /** When it was landed last under that name, ISO with offset; null when it only stands among what a fish may be. */
  readonly last: string | null;
}

/** Every species that some fish of the book is, or may be. */
export function speciesMet(book: Book): ReadonlyMap<string, Met> {
  return book.reckoned('species met', ['trip', 'fish'], [], () => {
    const all = new Map<string, Met>();
    for (const trip of book.all('trip'))
      for (const [id, met] of metOnTrip(book, trip.id)) all.set(id, together(all.get(id), met));
    return all;
  });
}

/** Species that some fish was landed as: what a fish only may be is not among them. */
export const speciesLanded = (book: Book): ReadonlySet<string> =>
  book.reckoned(
    'species landed',
    ['trip', 'fish'],
    [],
    () => new Set([...speciesMet(book)].flatMap(([id, m]) => (m.last ? [id] : []))),
  );

function together(a: Met | undefined, b: Met): Met {
  if (!a) return b;
  const later = a.last !== null && (b.last === null || Date.parse(a.last) >= Date.parse(b.last)) ? a.last : b.last;
  return { entries: a.entries + b.entries, last: later };
}

const metOnTrip = (book: Book, tripId: string): ReadonlyMap<string, Met> =>
  book.ofTrip(tripId, 'species met', [], () => {
    const met = new Map<string, Met>();
    for (const f of fishOfTrip(book, tripId))
      for (const id of new Set([f.species, ...f.orElse]))
        if (id) met.set(id, together(met.get(id), { entries: 1, last: id === f.species ? f.landed.at : null }));
    return met;
  });
