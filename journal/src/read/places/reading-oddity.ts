import { STORE_FACTS } from '@dagboek/core/larder';
import type { Store } from './stores.ts';

/** What is asked of a reading that can be and is unlikely for its store; null when it is as one expects. */
export function readingOddity(store: Pick<Store, 'is' | 'name'>, c: number): string | null {
  const [low, high] = STORE_FACTS[store.is].plausible;
  if (c > high)
    return `That is warm for ${store.is === 'ice tray' ? 'an' : 'a'} ${store.is}: was the door open, or is the unit wrong?`;
  return c < low
    ? `That is cold for ${store.is === 'ice tray' ? 'an' : 'a'} ${store.is}: is the minus sign right?`
    : null;
}
