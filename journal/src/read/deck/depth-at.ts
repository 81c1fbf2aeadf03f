import type { TripState } from '../../log/state/states.ts';

/** The depth of the water fished at an instant (ISO), m: the last that was noted by then; null before any was. */
export function depthAt(trip: TripState, at: string): number | null {
  const ms = Date.parse(at);
  let last: { readonly ms: number; readonly depthM: number } | null = null;
  for (const n of trip.notes) {
    const noted = Date.parse(n.at);
    if (n.depthM !== null && noted <= ms && (!last || noted >= last.ms)) last = { ms: noted, depthM: n.depthM };
  }
  return last?.depthM ?? null;
}
