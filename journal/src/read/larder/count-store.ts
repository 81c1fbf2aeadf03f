import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { Writing } from '../../log/book/writing.ts';
import { packsIn, type Store } from '../places/stores.ts';

/** What counting a store comes to: what is there, and what the book has and nobody found. */
export interface Counted {
  readonly there: readonly string[];
  readonly missing: readonly string[];
  /** Grams that were not found. */
  readonly missingG: number;
}

/** Packs that the book has in a store, apart by whether they were found. `found`: ids; what lies elsewhere is passed over. */
export function countedIn(book: Book, storeId: string, found: ReadonlySet<string>): Counted {
  const packs = packsIn(book, storeId);
  const missing = packs.filter((p) => !found.has(p.id));
  return {
    there: packs.filter((p) => found.has(p.id)).map((p) => p.id),
    missing: missing.map((p) => p.id),
    missingG: missing.reduce((g, p) => g + packLeft(book, p).leftG, 0),
  };
}

/** The writings that mend the book by a count: what was not found is taken out of it, knowingly, and the store says that it was counted. */
export function mendByCount(book: Book, store: Store, found: ReadonlySet<string>): Writing[] {
  const { there, missing } = countedIn(book, store.id, found);
  return [
    ...missing.flatMap((id): Writing[] => {
      const pack = book.get('pack', id);
      if (!pack) return [];
      const massG = Math.max(1, Math.round(packLeft(book, pack).leftG));
      return [{ kind: 'pack.taken', subject: id, facts: { massG, is: 'not found', why: `counting ${store.name}` } }];
    }),
    ...(store.own
      ? [{ kind: 'store.counted' as const, subject: store.id, facts: { there: there.length, missing: missing.length } }]
      : []),
  ];
}
