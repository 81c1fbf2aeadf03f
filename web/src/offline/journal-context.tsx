import { createContext, type ReactNode, useContext, useSyncExternalStore } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStoreWithSelector } from 'use-sync-external-store/with-selector';
import type { Book } from '@dagboek/journal/log';
import type { JournalStore } from './journal-store.ts';
import type { OutboxItem } from './outbox.ts';
import { ReckonedBeside } from './reckoned-beside.tsx';

const Context = createContext<JournalStore | null>(null);

/** How often to ask what others have written, ms. */
const PULL_MS = 20_000;

function Puller({ store }: { store: JournalStore }): null {
  useQuery({
    queryKey: ['journal', 'pull'],
    queryFn: () => store.pull(),
    refetchInterval: PULL_MS,
    networkMode: 'always',
    retry: false,
    gcTime: 0,
  });
  return null;
}

export function JournalProvider({ store, children }: { store: JournalStore; children: ReactNode }) {
  return (
    <Context value={store}>
      <Puller store={store} />
      <ReckonedBeside store={store} />
      {children}
    </Context>
  );
}

export function useJournal(): JournalStore {
  const store = useContext(Context);
  if (!store) throw new Error('useJournal: no journal is open above this component');
  return store;
}

/** The book as it stands on this device. Whoever asks wakes with every line; most need less: see `useBookValue`. */
export function useBook(): { readonly book: Book } {
  return { book: useBookValue((book) => book) };
}

/** Whether a box is being reckoned beside the page: what depends on it is of before the last change, and is drawn pale (`.reckoned`). */
export function useReckoningBeside(): boolean {
  const { beside } = useBook().book;
  return useSyncExternalStore(beside.hear, beside.underWay);
}

/** Something asked of the book: wakes only when the answer is another. `isEqual`: for an answer made anew each time. */
export function useBookValue<T>(ask: (book: Book) => T, isEqual: (a: T, b: T) => boolean = Object.is): T {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStoreWithSelector(subscribe, getSnapshot, null, (s) => ask(s.book), isEqual);
}

/** What has not been sent. */
export function useOutbox(): readonly OutboxItem[] {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStore(subscribe, () => getSnapshot().outbox);
}

/** Why the server does not answer, where something answered in its place; else null. */
export function useWhyNotReached(): string | null {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStore(subscribe, () => getSnapshot().why);
}

/** How far the clock of this device is ahead of the server's, ms; null before it was told. */
export function useAheadMs(): number | null {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStore(subscribe, () => getSnapshot().aheadMs);
}

/** How many lines the server had and has no more, which this device sends again. */
export function useSentAgain(): number {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStore(subscribe, () => getSnapshot().again);
}

/** Whether the server answered last time; null before it was asked. */
export function useReached(): boolean | null {
  const { subscribe, getSnapshot } = useJournal();
  return useSyncExternalStore(subscribe, () => getSnapshot().reached);
}
