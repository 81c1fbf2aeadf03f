import { setReckoner } from '@dagboek/journal';
import { compute } from './compute.ts';

/** Large boxes are reckoned in a worker from now on, so that no tap waits for them; where it cannot load, in the page as before. */
export function reckonBesideThePage(): void {
  setReckoner(async (b) => {
    const r = await compute('reckonBox', b);
    return r.ok ? r.value : null;
  });
}
