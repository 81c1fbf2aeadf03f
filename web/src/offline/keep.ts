import type { Entry } from '@dagboek/journal/log';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { v7 } from 'uuid';
import type { OutboxItem } from './outbox.ts';
import type { Cursor } from './transport.ts';

/** Entries that lie together, since reading a hundred bundles takes a fifth of the time of reading 100,000 entries. */
interface Bundle {
  readonly id: string;
  readonly bundle: readonly Entry[];
}

interface Shelf extends DBSchema {
  /** Entries that the server holds: each by its id, or many in a bundle. */
  entries: { key: string; value: Entry | Bundle };
  /** Entries that it does not hold yet, by id. */
  outbox: { key: string; value: OutboxItem & { id: string } };
  /** How far this device has caught up (`last`, `digest`), how far the server's log was known to reach (`seen`); `comparing`: it goes through the server's log from its beginning. */
  meta: { key: string; value: number | string };
}

/** Ids of bundles come behind every UUID, so that the two can be read apart. */
const BUNDLES = '~';
const singly = (): IDBKeyRange => IDBKeyRange.upperBound(BUNDLES, true);
const bundled = (): IDBKeyRange => IDBKeyRange.lowerBound(BUNDLES);
const bundleOf = (entries: readonly Entry[]): Bundle => ({ id: `${BUNDLES}${v7()}`, bundle: entries });
/** From so many on, what came together is kept together. */
const BUNDLE_FROM = 200;
/** So many that lie singly are bundled when the book is opened. */
const TIDY_FROM = 1000;
const MOST_IN_BUNDLE = 4000;

type Meta = { put: (value: number | string, key: string) => Promise<unknown> };

/** Writes down how far the server's log was known to reach. */
function putSeen(meta: Meta, c: Cursor): void {
  void meta.put(c.last, 'seen');
  void meta.put(c.digest, 'seenDigest');
}

/** Writes down how far a device has caught up. */
function putCursor(meta: Meta, c: Cursor): void {
  void meta.put(c.last, 'last');
  void meta.put(c.digest, 'digest');
}

const isBundle = (x: Entry | Bundle): x is Bundle => 'bundle' in x;
const entriesIn = (values: readonly (Entry | Bundle)[]): Entry[] =>
  values.flatMap((v) => (isBundle(v) ? v.bundle : [v]));

/** What the browser keeps on this device for one book. Each verb is one transaction. */
export class Keep {
  /** Bundles that were read, or put here: they never change. */
  private readonly known = new Set<string>();

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

  /** Everything on the shelf the first time; afterwards what may be new since, which another tab may have put there. */
  async load(): Promise<{ entries: Entry[]; outbox: OutboxItem[]; cursor: Cursor; seen: Cursor; comparing: boolean }> {
    const tx = this.db.transaction(['entries', 'outbox', 'meta']);
    const store = tx.objectStore('entries');
    const meta = tx.objectStore('meta');
    const [loose, ids, outbox, last, digest, seen, seenDigest, comparing] = await Promise.all([
      store.getAll(singly()),
      store.getAllKeys(bundled()),
      tx.objectStore('outbox').getAll(),
      meta.get('last'),
      meta.get('digest'),
      meta.get('seen'),
      meta.get('seenDigest'),
      meta.get('comparing'),
    ]);
    const bundles = await Promise.all(ids.filter((id) => !this.known.has(id)).map((id) => store.get(id)));
    for (const id of ids) this.known.add(id);
    outbox.sort((a, b) => (a.entry.id < b.entry.id ? -1 : 1));
    return {
      entries: entriesIn([...bundles.flatMap((b) => b ?? []), ...loose]),
      outbox: outbox.map(({ id: _, ...item }) => item as OutboxItem),
      cursor: { last: Number(last ?? 0), digest: String(digest ?? '') },
      seen: { last: Number(seen ?? 0), digest: String(seenDigest ?? '') },
      comparing: comparing === 1,
    };
  }

  /** Puts entries that lie singly into bundles, when there are many. */
  async tidy(): Promise<void> {
    const tx = this.db.transaction('entries', 'readwrite');
    if ((await tx.store.count(singly())) >= TIDY_FROM) {
      const loose = entriesIn(await tx.store.getAll(singly()));
      for (let i = 0; i < loose.length; i += MOST_IN_BUNDLE) {
        const b = bundleOf(loose.slice(i, i + MOST_IN_BUNDLE));
        void tx.store.put(b);
        this.known.add(b.id);
      }
      void tx.store.delete(singly());
    }
    await tx.done;
  }

  /** Puts the outbox as it is now; items no longer in it have been taken by the server and move to the entries. */
  async putOutbox(items: readonly OutboxItem[], taken: readonly Entry[], seen: Cursor): Promise<void> {
    const tx = this.db.transaction(['entries', 'outbox', 'meta'], 'readwrite', { durability: 'strict' });
    putSeen(tx.objectStore('meta'), seen);
    for (const e of taken) {
      void tx.objectStore('entries').put(e);
      void tx.objectStore('outbox').delete(e.id);
    }
    for (const i of items) void tx.objectStore('outbox').put({ ...i, id: i.entry.id });
    await tx.done;
  }

  /** Entries that came from the server, and how far that brings us. */
  async catchUp(entries: readonly Entry[], cursor: Cursor): Promise<void> {
    const tx = this.db.transaction(['entries', 'meta'], 'readwrite');
    const store = tx.objectStore('entries');
    if (entries.length >= BUNDLE_FROM) {
      const b = bundleOf(entries);
      this.known.add(b.id);
      void store.put(b);
    } else for (const e of entries) void store.put(e);
    putCursor(tx.objectStore('meta'), cursor);
    await tx.done;
  }

  /** From here on the server's log is gone through from its beginning, also after a reload, until `compared`. */
  async compare(): Promise<void> {
    const tx = this.db.transaction('meta', 'readwrite', { durability: 'strict' });
    putCursor(tx.store, { last: 0, digest: '' });
    putSeen(tx.store, { last: 0, digest: '' });
    void tx.store.put(1, 'comparing');
    await tx.done;
  }

  /** What the server lacks is queued, and how far this device has caught up; all or nothing of it. */
  async compared(queued: readonly OutboxItem[], cursor: Cursor): Promise<void> {
    const tx = this.db.transaction(['outbox', 'meta'], 'readwrite', { durability: 'strict' });
    for (const i of queued) void tx.objectStore('outbox').put({ ...i, id: i.entry.id });
    putCursor(tx.objectStore('meta'), cursor);
    void tx.objectStore('meta').delete('comparing');
    await tx.done;
  }

  close(): void {
    this.db.close();
  }
}
