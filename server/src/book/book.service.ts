import { Book, type Entry } from '@dagboek/journal';
import type { DataSource } from 'typeorm';
import { EntryRow } from '../storage/rows.ts';
import { LogChain } from './log-chain.ts';

/** Rows read at once when the book is opened. */
const PAGE = 20_000;

/**
 * The book in memory: every entry of the log, folded by the code that folds it in the browser. Whatever the server answers
 * of a fish, a trip or a pack it asks here, so that a fact is reckoned in one place. One process at a time holds a book.
 */
export class BookService {
  private folded = Book.EMPTY;
  private readonly byId = new Map<string, Entry>();
  readonly chain = new LogChain();

  private constructor() {}

  /** Reads the log and folds it: nobody is given the book before it is whole. */
  static async open(source: DataSource): Promise<BookService> {
    const service = new BookService();
    const all: Entry[] = [];
    for (let after = 0; ;) {
      const rows = (await source.manager
        .createQueryBuilder(EntryRow, 'e')
        .select(['e.seq AS seq', 'e.body AS body'])
        .where('e.seq > :after', { after })
        .orderBy('e.seq')
        .limit(PAGE)
        .getRawMany()) as { seq: number; body: string }[];
      for (const r of rows) {
        all.push(JSON.parse(r.body) as Entry);
        service.chain.add(r.seq, r.body);
      }
      if (rows.length < PAGE) break;
      after = rows.at(-1)?.seq ?? after;
    }
    service.fold(all);
    return service;
  }

  get book(): Book {
    return this.folded;
  }

  /** An entry by its id, whatever it is about; undefined when this book has none. */
  entry(id: string): Entry | undefined {
    return this.byId.get(id);
  }

  /** Entries that are safe on disk now, as they stand there. */
  take(entries: readonly Entry[], bodies: readonly string[]): void {
    for (const body of bodies) this.chain.add(this.chain.last + 1, body);
    this.fold(entries);
  }

  private fold(entries: readonly Entry[]): void {
    for (const e of entries) this.byId.set(e.id, e);
    this.folded = this.folded.withEntries(entries);
  }
}
