import { reckonings } from '@dagboek/journal';
import { useSyncExternalStore } from 'react';

/** Draws anew when a box was reckoned beside the page. */
export const useReckonings = (): number => useSyncExternalStore(reckonings.hear, reckonings.count);
