import { airC, TYPICAL_C } from '@dagboek/core/fresh';
import { type Boundary, meets } from '@dagboek/core/heat';
import { epochMs } from '@dagboek/core/time';
import type { FishState, TripState } from '../../log/state/states.ts';

/** A reading of the air holds for so long, ms. */
const HOLDS_MS = 12 * 3_600_000;

/** Air on a trip from an instant on, degC. */
export interface AirFrom {
  readonly atMs: number;
  readonly c: number;
}

/**
 * Air that a trip lay in, from its beginning on: as it was read or said, and where nobody did, typical and on the warm side.
 */
export function airsOf(trip: TripState | null): AirFrom[] {
  const usual = airC(trip?.waterC ?? null);
  const read = (trip?.airs ?? []).map((a) => ({ atMs: epochMs(a.at), c: a.c })).sort((a, b) => a.atMs - b.atMs);
  const turns = read.flatMap((a, i): AirFrom[] => {
    const next = read[i + 1]?.atMs ?? Number.POSITIVE_INFINITY;
    const until = a.atMs + HOLDS_MS;
    return until < next ? [a, { atMs: until, c: usual }] : [a];
  });
  return [{ atMs: Number.NEGATIVE_INFINITY, c: usual }, ...turns];
}

/** The air at an instant, degC. */
export const airAt = (airs: readonly AirFrom[], ms: number): number =>
  airs.findLast((a) => a.atMs <= ms)?.c ?? TYPICAL_C.air;

/** From an instant on a fish lay there and met that, before it came onto ice. */
export interface Before {
  readonly atMs: number;
  readonly keeping: 'air' | 'bucket';
  readonly boundary: Boundary;
}

/** Where a fish lay from its death until ice, with what its skin met. */
export function beforeIce(fish: FishState, trip: TripState | null): Before[] {
  const airs = airsOf(trip);
  const inAir = (atMs: number): Before => ({ atMs, keeping: 'air', boundary: meets('still air', airAt(airs, atMs)) });
  const out = [inAir(epochMs((fish.dispatched ?? fish.landed).at))];
  if (fish.bled && fish.bled.cut !== 'none') {
    const atMs = epochMs(fish.bled.at);
    const water = meets('still water', trip?.waterC ?? TYPICAL_C.unknownWater);
    out.push(fish.bled.medium === 'sea-water bucket' ? { atMs, keeping: 'bucket', boundary: water } : inAir(atMs));
  }
  return out.sort((a, b) => a.atMs - b.atMs);
}
