import { Component, lazy, type ReactNode, Suspense, useEffect, useRef, useState } from 'react';
import { RouterProvider } from 'react-router';
import { JournalProvider } from '../offline/journal-context.tsx';
import { firstVisit, openJournal, type Opened } from '../offline/start.ts';
import { PhotosProvider } from '../offline/photos/photos.tsx';
import { Broken } from './broken-page.tsx';
import { Notice } from './notice.tsx';
import { fetchFacts, Providers } from './providers.tsx';
import { router } from './router.tsx';
import { UpdateNotice } from './update-notice.tsx';

const JoinFirst = lazy(async () => ({ default: (await import('./door/join-first.tsx')).JoinFirst }));

type Opening =
  | { state: 'opening'; said?: string }
  | ({ state: 'open' } & Opened)
  | { state: 'not joined' }
  | { state: 'unknown'; why: string | null }
  | { state: 'failed'; why: string };

/** After so long it says that the server is slow, ms. */
const SLOW_MS = 4000;
/** Where nobody answered it is tried again by itself so often, ms. */
const AGAIN_MS = 5000;

export function App() {
  const [opening, set] = useState<Opening>({ state: 'opening' });
  const [slow, setSlow] = useState(false);
  const underWay = useRef(false);
  const open = (quietly = false): void => {
    if (underWay.current) return;
    underWay.current = true;
    if (!quietly) set({ state: 'opening' });
    if (firstVisit()) void fetchFacts();
    openJournal((n, of) => set({ state: 'opening', said: `${n} of ${Math.max(n, of)} entries fetched.` }))
      .then(
        (opened) =>
          set(
            !('unreached' in opened)
              ? { state: 'open', ...opened }
              : opened.notJoined
                ? { state: 'not joined' }
                : { state: 'unknown', why: opened.unreached },
          ),
        (e: unknown) => set({ state: 'failed', why: e instanceof Error ? e.message : String(e) }),
      )
      .finally(() => void (underWay.current = false));
  };
  // Opening the journal (IndexedDB, network) happens outside React, once.
  useEffect(() => open(), []);
  const state = opening.state;
  // The clock and the network are outside React: a slow server is said, one that did not answer is asked again.
  useEffect(() => {
    setSlow(false);
    if (state === 'opening') {
      const t = setTimeout(() => setSlow(true), SLOW_MS);
      return () => clearTimeout(t);
    }
    if (state !== 'unknown') return;
    const again = (): void => open(true);
    const t = setInterval(again, AGAIN_MS);
    addEventListener('online', again);
    return () => {
      clearInterval(t);
      removeEventListener('online', again);
    };
  }, [state]);
  if (opening.state === 'opening')
    return (
      <Notice title="Opening the book">
        {opening.said ??
          (slow
            ? 'The server is slow to answer. This page continues by itself when the server answers.'
            : 'One moment.')}
      </Notice>
    );
  if (opening.state === 'unknown')
    return (
      <Notice
        title={
          opening.why
            ? 'Server not reached, and no book on this device yet'
            : 'No signal, and no book on this device yet'
        }
        retry={() => open()}
      >
        This device has never opened the book, and the server does not answer. {opening.why} The page tries again by
        itself. Once the book has been opened here, it works without a signal.
      </Notice>
    );
  if (opening.state === 'not joined')
    return (
      <Suspense>
        <JoinFirst />
      </Suspense>
    );
  if (opening.state === 'failed')
    return (
      <Notice title="This device cannot save the book" retry={() => open()} fault={opening.why}>
        The browser did not open its storage. Nothing has been lost. Use a normal window, not a private one, and free
        some space.
      </Notice>
    );
  return (
    <Providers>
      <JournalProvider store={opening.store}>
        <PhotosProvider shelf={opening.photos}>
          <Guard>
            <RouterProvider router={router} />
          </Guard>
          <UpdateNotice />
        </PhotosProvider>
      </JournalProvider>
    </Providers>
  );
}

/** A fault outside of the pages must not take the log with it either. */
class Guard extends Component<{ children: ReactNode }, { why: string | null }> {
  override state = { why: null };
  static getDerivedStateFromError(e: unknown): { why: string } {
    return { why: e instanceof Error ? e.message : String(e) };
  }
  override render(): ReactNode {
    if (this.state.why === null) return this.props.children;
    return <Broken why={this.state.why} />;
  }
}
