import { useEffect } from 'react';
import { SOON_MS } from '../ui/lazy-soon.tsx';
import type { JournalStore } from './journal-store.ts';

/** Has large boxes reckoned beside the page, marks the page while one is, and has everything asked anew once it is. */
export function ReckonedBeside({ store }: { store: JournalStore }): null {
  // The worker and the page's root are outside React.
  useEffect(() => {
    const { beside } = store;
    // What the first page does without comes after it.
    const soon = setTimeout(() => {
      void import('./workers/reckon-beside.ts').then((m) => m.reckonBesideThePage(beside)).catch(() => undefined);
    }, SOON_MS);
    let count = beside.count();
    const hear = (): void => {
      document.documentElement.toggleAttribute('data-reckoning', beside.underWay());
      if (beside.count() !== count) store.askAnew();
      count = beside.count();
    };
    const end = beside.hear(hear);
    return () => {
      clearTimeout(soon);
      end();
    };
  }, [store]);
  return null;
}
