import type { Beside } from '@dagboek/journal/log';
import type { BoxToReckon } from '@dagboek/journal';
import { compute } from './compute.ts';

/** Large boxes are reckoned in a worker from now on, so that no tap waits for them; where it cannot load, in the page as before. */
export function reckonBesideThePage(beside: Beside): void {
  beside.workWith(async (box) => {
    const r = await compute('reckonBox', box as BoxToReckon);
    return r.ok ? r.value : null;
  });
}
