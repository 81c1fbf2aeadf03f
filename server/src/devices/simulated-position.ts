import type { LonLat, Zone } from '@dagboek/core/rules';

/** A drift with the tide: once round in this many minutes. */
const ROUND_MIN = 40;
/** Half axes of the drift, metres. */
const EAST_M = 1700;
const NORTH_M = 900;
const M_PER_DEGREE = 111_320;

/**
 * Where a simulated boat is at a time: it drifts round a point of its zone, once in forty minutes, from the east of it.
 * The same time gives the same place. Null for a zone without a point.
 */
export function simulatedPosition(zone: Pick<Zone, 'at'>, nowMs: number): LonLat | null {
  if (!zone.at) return null;
  const [lon, lat] = zone.at;
  const angle = (((nowMs / 60_000) % ROUND_MIN) / ROUND_MIN) * 2 * Math.PI;
  const round = (x: number): number => Math.round(x * 1e5) / 1e5;
  return [
    round(lon + (EAST_M * Math.cos(angle)) / (M_PER_DEGREE * Math.cos((lat * Math.PI) / 180))),
    round(lat + (NORTH_M * Math.sin(angle)) / M_PER_DEGREE),
  ];
}
