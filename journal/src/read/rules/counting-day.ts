import type { Asks } from '../asked.ts';
import { civilDay, stamp } from '@dagboek/core/time';
import type { FishState, TripState } from '../../log/state/states.ts';

/**
 * Civil day whose bags count now on a trip: that of the fish in hand, else today, and after the trip the day it ended. A
 * trip that passes midnight begins a bag anew, as its verdicts do.
 */
export function countingDay(
  trip: Pick<TripState, 'endedAt'>,
  inHand: Pick<FishState, 'landed'> | null,
  nowMs: number,
  timeZone: string,
): string {
  return civilDay(inHand?.landed.at ?? trip.endedAt ?? stamp(nowMs, timeZone), timeZone);
}

/** Civil days on which something was landed on a trip and not let go, in order. */
export function keptDays({ book, zone: timeZone }: Asks<'book' | 'zone'>, tripId: string): string[] {
  const kept = book.naming('fish', tripId).filter((f) => !f.released);
  return [...new Set(kept.map((f) => civilDay(f.landed.at, timeZone)))].sort();
}
