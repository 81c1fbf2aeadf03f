import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, type RenderResult } from '@testing-library/react';
import type { Entry } from '@dagboek/journal';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type { Species } from './catalogue.ts';
import { catalogueQuery, rulebookQuery, WhenFacts } from './facts-here.tsx';
import { setClock } from '../ui/clock.ts';
import { JournalProvider } from '../offline/journal-context.tsx';
import { JournalStore } from '../offline/journal-store.ts';
import { Keep } from '../offline/keep.ts';
import type { Transport } from '../offline/transport.ts';

export const SPECIES = loadSpecies() as unknown as Species[];
const RULES = loadRulePacks(loadSpecies());

/** No server: what is written stays on the device, as at sea. */
const AT_SEA: Transport = {
  send: async () => ({ ok: false, unreachable: true, why: 'no signal' }),
  after: async () => ({ unreached: null }),
  backUp: async () => {
    throw new Error('no signal');
  },
};

let books = 0;

/** Draws something of the interface over a book with these entries, with catalogue and rules at hand and no network. `atMs`: what the clock shows. */
export async function inABook(
  entries: readonly Entry[],
  ui: ReactNode,
  atMs: number,
): Promise<RenderResult & { written: () => Entry[]; again: (ui: ReactNode) => void }> {
  setClock({ now: new Date(atMs).toISOString(), clock: 'still' });
  const keep = await Keep.open(`component-${books++}`);
  const store = new JournalStore(keep, AT_SEA, () => atMs);
  await store.load();
  await store.write(entries);
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: 0 } } });
  client.setQueryData(catalogueQuery.queryKey, { species: SPECIES, traits: [], packs: [] });
  client.setQueryData(rulebookQuery.queryKey, { packs: RULES });
  const around = (children: ReactNode): ReactNode => (
    <QueryClientProvider client={client}>
      <JournalProvider store={store}>
        <MemoryRouter>
          <WhenFacts>{children}</WhenFacts>
        </MemoryRouter>
      </JournalProvider>
    </QueryClientProvider>
  );
  const drawn = render(around(ui));
  const before = new Set(entries.map((e) => e.id));
  return {
    ...drawn,
    written: () =>
      store
        .getSnapshot()
        .outbox.map((i) => i.entry)
        .filter((e) => !before.has(e.id)),
    again: (next) => drawn.rerender(around(next)),
  };
}
