import type { Asks } from '../asked.ts';
import { epochMs } from '@dagboek/core/time';
import { fishForTheBoard } from '../board/waiting.ts';
import { fishOfTrip } from '../bodies/order.ts';
import type { FishState, TripState } from '../../log/state/states.ts';
import { tripCatch } from './trip-catch.ts';

/** Fish of some lines, those of a lot counted. */
export const countOf = (fish: readonly Pick<FishState, 'count'>[]): number => fish.reduce((n, f) => n + f.count, 0);

/** What a trip that is over brought home, and what waits for whom. */
export interface TripBrought {
  readonly kept: number;
  readonly letGo: number;
  /** Kept, weighed or estimated, kg. */
  readonly keptKg: number;
  /** From leaving to coming home, ms. */
  readonly spanMs: number;
  /** Its lines that wait for the knife. */
  readonly waiting: readonly FishState[];
}

/** What a trip brought; null while it is under way. */
export function tripBrought(asked: Asks<'book' | 'species'>, trip: TripState): TripBrought | null {
  const { book } = asked;
  if (trip.endedAt === null) return null;
  const fish = fishOfTrip(book, trip.id);
  return {
    kept: countOf(fish.filter((f) => !f.released)),
    letGo: countOf(fish.filter((f) => f.released)),
    keptKg: tripCatch(asked, trip.id).keptKg,
    spanMs: epochMs(trip.endedAt) - epochMs(trip.startedAt),
    waiting: fishForTheBoard(book).filter((f) => f.trip === trip.id),
  };
}
