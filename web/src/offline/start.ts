import type { Health } from '@dagboek/journal/log';
import { httpSendPhoto, PhotoShelf } from './photos/photo-shelf.ts';
import { layBallast } from '../ui/room.ts';
import { nowMs, recallClock, setClock } from '../ui/clock.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';
import { IN_ITS_PLACE, notTaken } from './reached.ts';
import { httpTransport, type NotReached } from './transport.ts';

const BOOK_KEY = 'dagboek.book';
/** The book that this address serves, as far as this device knows. */
export const bookHere = (): string | null => localStorage.getItem(BOOK_KEY);
/** This address was never opened here. */
export const firstVisit = (): boolean => bookHere() === null;
/** How many entries the server held when it was asked last: an empty shelf of such a book is no empty book. */
const ENTRIES_KEY = 'dagboek.book.entries';

/** A device that has the book goes on without the server after so long; a first visit has nothing to go on with, and waits, ms. */
const WAITS_MS = { known: 4000, first: 60_000 };

/** A login page or a portal may answer everything with 200. */
const isHealth = (h: Partial<Health>): h is Health => typeof h.book === 'string' && typeof h.entries === 'number';

/**
 * Which book this address serves, and how many entries the server holds of it; the one it served last when nobody answers.
 * `unreached` when that is not known either.
 */
async function whichBook(): Promise<{ id: string; entries: number } | NotReached> {
  let why: string | null = null;
  let notJoined = false;
  try {
    const waitMs = bookHere() === null ? WAITS_MS.first : WAITS_MS.known;
    const res = await fetch('/api/health', { signal: AbortSignal.timeout(waitMs) });
    if (!res.ok) {
      ({ why, notJoined = false } = await notTaken(res));
      throw new Error(String(res.status));
    }
    const h = (await res.json().catch(() => ({}))) as Partial<Health>;
    if (!isHealth(h)) {
      why = IN_ITS_PLACE;
      throw new Error(why);
    }
    setClock(h);
    localStorage.setItem(BOOK_KEY, h.book);
    localStorage.setItem(ENTRIES_KEY, String(h.entries));
    return { id: h.book, entries: h.entries };
  } catch {
    recallClock();
    const id = bookHere();
    return id === null
      ? { unreached: why, notJoined }
      : { id, entries: Number(localStorage.getItem(ENTRIES_KEY) ?? 0) };
  }
}

/** What this device holds of one book. */
export interface Opened {
  readonly store: JournalStore;
  readonly photos: PhotoShelf;
}

/**
 * Opens the journal of the book at this address, and its pictures. `unreached`: nothing of it is here yet, and nobody answers; also
 * when the network went in the middle of a first visit, since the book is not empty then, only not here.
 */
export async function openJournal(
  fetched: (entries: number, of: number) => void = () => undefined,
): Promise<Opened | NotReached> {
  const known = await whichBook();
  if ('unreached' in known) return known;
  const book = known.id;
  // Asks the browser not to clear this shelf when space runs short; it may say no, and then the server's copy is the one that lasts.
  void navigator.storage?.persist?.().catch(() => false);
  const channel = new BroadcastChannel(`dagboek-${book}`);
  const keep = await Keep.open(book);
  const store = new JournalStore(keep, httpTransport(book), nowMs, () => channel.postMessage('wrote'));
  channel.onmessage = () => void store.reread();
  await store.load();
  if (store.getSnapshot().book.size === 0) {
    await store.pull((n) => fetched(n, known.entries));
    if (store.getSnapshot().book.size === 0 && known.entries > 0) {
      channel.close();
      keep.close();
      return { unreached: store.getSnapshot().why };
    }
  }
  addEventListener(
    'online',
    () => void store.retry(store.getSnapshot().outbox.flatMap((i) => (i.state === 'queued' ? [i.entry.id] : []))),
  );
  void store.flush();
  void keep.tidy();
  void layBallast();
  return { store, photos: await PhotoShelf.open(book, httpSendPhoto(book)) };
}
