import { reckonings } from '@dagboek/journal';
import { useEffect, useSyncExternalStore } from 'react';
import type { JournalStore } from './journal-store.ts';

/** Whether a box is being reckoned beside the page: what depends on it is of before the last change, and is drawn pale (`.reckoned`). */
export const useReckoningBeside = (): boolean => useSyncExternalStore(reckonings.hear, reckonings.underWay);

/** Marks the page while a box is reckoned beside it, and has everything asked anew once it is. */
export function ReckonedBeside({ store }: { store: JournalStore }): null {
  // The worker and the page's root are outside React.
  useEffect(() => {
    let count = reckonings.count();
    const hear = (): void => {
      document.documentElement.toggleAttribute('data-reckoning', reckonings.underWay());
      if (reckonings.count() !== count) store.askAnew();
      count = reckonings.count();
    };
    return reckonings.hear(hear);
  }, [store]);
  return null;
}
