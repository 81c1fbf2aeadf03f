import type { Book } from '../state/book.ts';
import type { FishState } from '../state/states.ts';

/** A person's first of a species. */
export interface First {
  readonly angler: string;
  readonly species: string;
  readonly fish: FishState;
}

/**
 * Every person's life list: the first fish of each species they landed, oldest first. A fish whose name is not settled
 * ("turbot or brill") counts for none; naming it anew, or striking it, moves the mark.
 */
export function firstsOf(book: Book): First[] {
  const firsts = new Map<string, First>();
  const inOrder = book
    .all('fish')
    .filter((f) => f.species !== null && f.orElse.length === 0)
    .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1));
  for (const fish of inOrder) {
    const species = fish.species ?? '';
    const key = `${fish.angler} ${species}`;
    if (!firsts.has(key)) firsts.set(key, { angler: fish.angler, species, fish });
  }
  return [...firsts.values()];
}

const marked = new WeakMap<Book, ReadonlySet<string>>();

/** Whether this fish is its catcher's first of its species. Worked out once a state of the book. */
export function isFirst(book: Book, fish: FishState): boolean {
  let ids = marked.get(book);
  if (!ids) {
    ids = new Set(firstsOf(book).map((f) => f.fish.id));
    marked.set(book, ids);
  }
  return ids.has(fish.id);
}
