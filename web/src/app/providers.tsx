import { QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { type IDBPDatabase, openDB } from 'idb';
import type { ReactNode } from 'react';
import { catalogueQuery, rulebookQuery } from '../asked/facts-here.tsx';

/** Species and rules are kept as long as the book itself: a season may pass between two visits to the network. */
const FOR_GOOD = Number.POSITIVE_INFINITY;

const client = new QueryClient({
  defaultOptions: { queries: { gcTime: FOR_GOOD, networkMode: 'offlineFirst', retry: 1 } },
});

/** Fetches species and rules beside the book on a first visit, so that they are on the shelf if the network goes right after. */
export const fetchFacts = async (): Promise<void> =>
  void (await Promise.all([client.prefetchQuery(catalogueQuery), client.prefetchQuery(rulebookQuery)]));

/** Server answers that are kept for use without a network: catalogue and rules. The journal itself is never kept here. */
let shelf: Promise<IDBPDatabase> | null = null;
const open = (): Promise<IDBPDatabase> =>
  (shelf ??= openDB('dagboek-answers', 1, { upgrade: (d) => void d.createObjectStore('kv') }));
const persister = createAsyncStoragePersister({
  key: 'answers',
  throttleTime: 100,
  storage: {
    getItem: async (k) => ((await (await open()).get('kv', k)) as string | undefined) ?? null,
    setItem: async (k, v) => void (await (await open()).put('kv', v, k)),
    removeItem: async (k) => void (await (await open()).delete('kv', k)),
  },
});

export function Providers({ children }: { children: ReactNode }) {
  return (
    <PersistQueryClientProvider
      client={client}
      persistOptions={{
        persister,
        maxAge: FOR_GOOD,
        // Raised when the shape of an answer changes, so that an old one is fetched anew.
        buster: 'catalogue that knows swim bladders',
        dehydrateOptions: { shouldDehydrateQuery: (q) => q.state.status === 'success' && q.queryKey[0] !== 'journal' },
      }}
    >
      {children}
    </PersistQueryClientProvider>
  );
}
