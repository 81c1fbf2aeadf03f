import { QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { type IDBPDatabase, openDB } from 'idb';
import type { ReactNode } from 'react';

const DAY_MS = 86_400_000;
/** How long answers are kept. A browser's timers hold at most 24.8 days; beyond that they fire at once. */
const KEPT_MS = 20 * DAY_MS;

const client = new QueryClient({
  defaultOptions: { queries: { gcTime: KEPT_MS, networkMode: 'offlineFirst', retry: 1 } },
});

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
        maxAge: KEPT_MS,
        // Raised when the shape of an answer changes, so that an old one is fetched anew.
        buster: 'catalogue that knows swim bladders',
        dehydrateOptions: { shouldDehydrateQuery: (q) => q.state.status === 'success' && q.queryKey[0] !== 'journal' },
      }}
    >
      {children}
    </PersistQueryClientProvider>
  );
}
