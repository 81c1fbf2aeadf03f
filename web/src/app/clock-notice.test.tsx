/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import 'fake-indexeddb/auto';
import { afterEach, expect, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { landed } from '../../../journal/src/builders.test-support.ts';
import { setBackMs } from '../ui/clock.ts';
import { FakeServer } from '../offline/fake-server.test-support.ts';
import { JournalProvider } from '../offline/journal-context.tsx';
import { JournalStore } from '../offline/journal-store.ts';
import { Keep } from '../offline/keep.ts';
import { ClockNotice } from './clock-notice.tsx';

afterEach(cleanup);

test('an hour ahead is said; a double tap sets the clock, and what waits, back once', async () => {
  const now = Date.parse('2026-09-12T13:30:00Z');
  const server = new FakeServer(() => now - 3_600_000);
  const store = new JournalStore(await Keep.open('clock-notice'), server, () => now);
  await store.load();
  await store.write([landed('a', '14:25')]);
  await store.flush();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <JournalProvider store={store}>
        <ClockNotice />
      </JournalProvider>
    </QueryClientProvider>,
  );
  expect(screen.getByRole('status').textContent).toContain('ahead of the server’s');
  const key = screen.getByRole('button', { name: /^Use the server’s clock/ });
  fireEvent.click(key);
  fireEvent.click(key);
  await waitFor(() => expect(server.log).toHaveLength(1));
  expect(setBackMs()).toBe(3_600_000);
  expect(server.log[0]).toMatchObject({ at: '2026-09-12T13:25:00+01:00', aheadMs: 3_600_000 });
  expect(store.getSnapshot().outbox.filter((i) => i.state === 'set aside')).toHaveLength(1);
  store.close();
});
