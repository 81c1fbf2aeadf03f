import { civilDay } from '@dagboek/core/time';
import type { FishState } from '../../log/state/states.ts';

/** By fish, then by zone: asked for every fish of a day at every verdict, and a state never changes. */
const KNOWN = new WeakMap<FishState, Map<string, string>>();

/** Civil day on which a fish was landed, in a zone. */
export function dayLanded(fish: FishState, timeZone: string): string {
  const days = KNOWN.get(fish) ?? new Map<string, string>();
  KNOWN.set(fish, days);
  const known = days.get(timeZone) ?? civilDay(fish.landed.at, timeZone);
  days.set(timeZone, known);
  return known;
}
