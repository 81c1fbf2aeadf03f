import type { Entry } from '@dagboek/journal';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { OutboxItem } from './outbox.ts';

interface Shelf extends DBSchema {
  /** Entries that the server holds, by id. */
  entries: { key: string; value: Entry };
  /** Entries that it does not hold yet, by id. */
  outbox: { key: string; value: OutboxItem & { id: string } };
  /** How far this device has caught up. */
  meta: { key: string; value: number };
}

/** What the browser keeps on this device for one book. Each verb is one transaction. */
export class Keep {
  private constructor(private readonly db: IDBPDatabase<Shelf>) {}

  /** Opens (or makes) the shelf of one book. `book`: its identity. */
  static async open(book: string): Promise<Keep> {
    const db = await openDB<Shelf>(`dagboek-${book}`, 1, {
      upgrade(d) {
        d.createObjectStore('entries', { keyPath: 'id' });
        d.createObjectStore('outbox', { keyPath: 'id' });
        d.createObjectStore('meta');
      },
    });
    return new Keep(db);
  }

  async load(): Promise<{ entries: Entry[]; outbox: OutboxItem[]; last: number }> {
    const tx = this.db.transaction(['entries', 'outbox', 'meta']);
    const [entries, outbox, last] = await Promise.all([
      tx.objectStore('entries').getAll(),
      tx.objectStore('outbox').getAll(),
      tx.objectStore('meta').get('last'),
    ]);
    outbox.sort((a, b) => (a.entry.id < b.entry.id ? -1 : 1));
    return { entries, outbox: outbox.map(({ id: _, ...item }) => item as OutboxItem), last: last ?? 0 };
  }

  /** Puts the outbox as it is now; items no longer in it have been taken by the server and move to the entries. */
  async putOutbox(items: readonly OutboxItem[], taken: readonly Entry[]): Promise<void> {
    const tx = this.db.transaction(['entries', 'outbox'], 'readwrite', { durability: 'strict' });
    for (const e of taken) {
      void tx.objectStore('entries').put(e);
      void tx.objectStore('outbox').delete(e.id);
    }
    for (const i of items) void tx.objectStore('outbox').put({ ...i, id: i.entry.id });
    await tx.done;
  }

  /** Entries that came from the server, and how far that brings us. */
  async catchUp(entries: readonly Entry[], last: number): Promise<void> {
    const tx = this.db.transaction(['entries', 'meta'], 'readwrite');
    for (const e of entries) void tx.objectStore('entries').put(e);
    void tx.objectStore('meta').put(last, 'last');
    await tx.done;
  }

  close(): void {
    this.db.close();
  }
}
