import { type CatchRate, catchRate } from '@dagboek/core/book';
import { epochMs } from '@dagboek/core/time';
import type { FishState, TripState } from '../../log/state/states.ts';

/**
 * Fish per rod hour of a trip. Rod hours: as noted at its end, else everyone aboard for the whole of it, up to `nowMs` while
 * it lasts. Null under one rod hour: one fish in a minute is no rate.
 */
export function tripRate(trip: TripState, fish: readonly FishState[], nowMs: number): CatchRate | null {
  const ended = trip.endedAt === null ? nowMs : epochMs(trip.endedAt);
  const hours = trip.rodHours ?? ((ended - epochMs(trip.startedAt)) / 3_600_000) * trip.crew.length;
  return hours < 1
    ? null
    : catchRate(
        fish.reduce((n, f) => n + f.count, 0),
        hours,
      );
}
