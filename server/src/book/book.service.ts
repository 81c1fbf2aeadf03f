import type { OnApplicationShutdown } from '@nestjs/common';
import { Book, type Entry } from '@dagboek/journal/log';
import type { DataSource } from 'typeorm';
import { EntryRow } from '../storage/rows.ts';
import type { LastKnownNote } from '../storage/last-known.ts';
import type { LogChain } from '../storage/log-chain.ts';
import { type DamagedLine, type LogRow, ReadLog } from '../storage/read-log.ts';

/** Rows read at once when the book is opened. */
const PAGE = 20_000;

/**
 * The book in memory: every entry of the log, folded by the code that folds it in the browser. Whatever the server answers
 * of a fish, a trip or a pack it asks here, so that a fact is reckoned in one place. One process at a time holds a book.
 */
export class BookService implements OnApplicationShutdown {
  private folded = Book.EMPTY;
  private readonly byId = new Map<string, Entry>();
  private readonly apart: ReadonlyMap<string, DamagedLine>;
  readonly chain: LogChain;

  private constructor(
    log: ReadLog,
    private readonly note: LastKnownNote,
  ) {
    this.chain = log.chain;
    this.apart = new Map(log.damaged.map((d) => [d.id, d]));
    this.fold(log.entries);
  }

  /** Reads the log and folds it: nobody is given the book before it is whole. */
  static async open(source: DataSource, note: LastKnownNote): Promise<BookService> {
    const log = new ReadLog();
    for (let after = 0; ;) {
      const rows = (await source.manager
        .createQueryBuilder(EntryRow, 'e')
        .select([
          'e.seq AS seq',
          'e.id AS id',
          'e.subject AS subject',
          'e.kind AS kind',
          'e.body AS body',
          'e.digest AS digest',
        ])
        .where('e.seq > :after', { after })
        .orderBy('e.seq')
        .limit(PAGE)
        .getRawMany()) as LogRow[];
      for (const r of rows) log.take(r);
      if (rows.length < PAGE) break;
      after = rows.at(-1)?.seq ?? after;
    }
    return new BookService(log, note);
  }

  get book(): Book {
    return this.folded;
  }

  /** An entry by its id, whatever it is about; undefined when this book has none. */
  entry(id: string): Entry | undefined {
    return this.byId.get(id);
  }

  /** Lines whose file was damaged, set apart: they count in nothing, and are sent to nobody. */
  get damaged(): readonly DamagedLine[] {
    return [...this.apart.values()];
  }

  isDamaged(id: string): boolean {
    return this.apart.has(id);
  }

  /** Entries that are safe on disk now, with the digests that stand beside them there. */
  take(entries: readonly Entry[], digests: readonly string[]): void {
    for (const digest of digests) this.chain.push(digest);
    this.fold(entries);
    this.noteReached();
  }

  /** Notes beside the book how far it reaches. */
  noteReached(): void {
    this.note.write(this.chain);
  }

  onApplicationShutdown(): void {
    this.note.close();
  }

  private fold(entries: readonly Entry[]): void {
    for (const e of entries) this.byId.set(e.id, e);
    this.folded = this.folded.withEntries(entries);
  }
}
