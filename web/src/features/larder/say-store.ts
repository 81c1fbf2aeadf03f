import type { Store, StoreNow } from '@dagboek/journal';
import { sayTemperature } from '../../asked/units.ts';

/** "the fridge", or its own name as it was given. */
export const storeName = (s: Pick<Store, 'name' | 'own'>): string => (s.own ? s.name : `the ${s.name}`);

/** "4°, as it is taken to be" or "−15°, read". */
export function sayStoreNow(now: StoreNow): string {
  const c = sayTemperature(Math.round(now.c * 10) / 10);
  if (now.offSince) return `${c}, without power`;
  return now.read ? c : `${c}, assumed, not measured`;
}
