import { httpSendPhoto, PhotoShelf } from '../photos/photo-shelf.ts';
import { nowMs, recallClock, setClock } from '../clock.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';
import { httpTransport } from './transport.ts';

const BOOK_KEY = 'dagboek.book';

/** Which book this address serves; the one it served last when nobody answers. Null when that is not known either. */
async function whichBook(): Promise<string | null> {
  try {
    const res = await fetch('/api/health', { signal: AbortSignal.timeout(4000) });
    if (!res.ok) throw new Error(String(res.status));
    const h = (await res.json()) as { book: string; now: string; clock: 'machine' | 'set' | 'still' };
    setClock(h);
    localStorage.setItem(BOOK_KEY, h.book);
    return h.book;
  } catch {
    recallClock();
    return localStorage.getItem(BOOK_KEY);
  }
}

/** What this device holds of one book. */
export interface Opened {
  readonly store: JournalStore;
  readonly photos: PhotoShelf;
}

/** Opens the journal of the book at this address, and its pictures. Null: never been here before, and nobody answers. */
export async function openJournal(): Promise<Opened | null> {
  const book = await whichBook();
  if (!book) return null;
  // Asks the browser not to clear this shelf when space runs short; it may say no, and then the server's copy is the one that lasts.
  void navigator.storage?.persist?.().catch(() => false);
  const channel = new BroadcastChannel(`dagboek-${book}`);
  const store = new JournalStore(await Keep.open(book), httpTransport, nowMs, () => channel.postMessage('wrote'));
  channel.onmessage = () => void store.reread();
  await store.load();
  addEventListener(
    'online',
    () => void store.retry(store.getSnapshot().outbox.flatMap((i) => (i.state === 'queued' ? [i.entry.id] : []))),
  );
  void store.flush();
  if (store.getSnapshot().book.size === 0) await store.pull();
  return { store, photos: await PhotoShelf.open(book, httpSendPhoto) };
}
