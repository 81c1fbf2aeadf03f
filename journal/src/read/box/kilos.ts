import { boxLevels, type BoxLevels } from '@dagboek/core/box';
import { massOf } from '../bodies/mass-of.ts';
import type { FishState } from '../../log/state/states.ts';
import type { BoxNow } from './box-now.ts';
import type { Asked } from '../asked.ts';

/** What some fish and lots weigh together, kg; how many of them nobody weighed or measured. */
export function kilosOf(fish: readonly FishState[], byId: Asked['species']): { kg: number; unweighed: number } {
  let [kg, unweighed] = [0, 0];
  for (const f of fish) {
    const mass = massOf(f, byId(f.species));
    if (mass) kg += (mass.g * f.count) / 1000;
    else unweighed += f.count;
  }
  return { kg, unweighed };
}

/** How high a box is filled at an instant with these fish in it, litres from its floor. */
export const levelsIn = (now: BoxNow, fish: readonly FishState[], byId: Asked['species']): BoxLevels =>
  boxLevels({ iceKg: now.iceKg, waterKg: now.waterKg, fishKg: kilosOf(fish, byId).kg });
