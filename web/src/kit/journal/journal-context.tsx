import { createContext, type ReactNode, useContext, useSyncExternalStore } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { JournalStore, Snapshot } from './journal-store.ts';

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
      {children}
    </Context>
  );
}

export function useJournal(): JournalStore {
  const store = useContext(Context);
  if (!store) throw new Error('useJournal: no journal is open above this component');
  return store;
}

/** The book as it stands on this device, and what has not been sent. */
export function useBook(): Snapshot {
  const store = useJournal();
  return useSyncExternalStore(store.subscribe, store.getSnapshot);
}
