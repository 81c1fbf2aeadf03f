import { epochMs } from '@dagboek/core/time';
import type { TripState } from '../../log/state/states.ts';

/** Where a trip was at a time. */
export interface Place {
  readonly zone: string;
  /** Longitude, latitude; null where only the zone was said. */
  readonly position: readonly [number, number] | null;
  /** Since when; null: since it set out. */
  readonly since: string | null;
}

/** Where a trip was at an instant (ISO with offset): its last move at or before it, else where it set out for. */
export function placeAt(trip: Pick<TripState, 'zone' | 'moves'>, at: string): Place {
  const ms = epochMs(at);
  return placeAfter(trip, trip.moves.filter((m) => epochMs(m.at) <= ms).at(-1));
}

/** Where a trip is: after its last move. */
export const placeNow = (trip: Pick<TripState, 'zone' | 'moves'>): Place => placeAfter(trip, trip.moves.at(-1));

function placeAfter(trip: Pick<TripState, 'zone'>, last: TripState['moves'][number] | undefined): Place {
  return last
    ? { zone: last.zone, position: last.position, since: last.at }
    : { zone: trip.zone, position: null, since: null };
}
