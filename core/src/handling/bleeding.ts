/** Minutes a bled fish wants before it goes onto ice: [least, most]. Typical: 3-5 below 1 kg, 5-10 to 3 kg, 10-20 above. */
export function bleedingMinutes(massG: number): readonly [number, number] {
  if (massG < 1000) return [3, 5];
  if (massG <= 3000) return [5, 10];
  return [10, 20];
}

/** Beyond this many minutes warm after death, the wait does more harm than the bleeding does good. */
export const BLEEDING_LIMIT_MIN = 30;

/** How far a bleeding is: `runs` before its least minutes, then `enough`, `over` its most, and `warm` when it has lain too long. */
export interface BleedingState {
  readonly state: 'runs' | 'enough' | 'over' | 'warm';
  readonly leastMin: number;
  readonly mostMin: number;
  /** ms since the cut; never below 0. */
  readonly goneMs: number;
  /** ms until the least, and until the most, is reached; 0 when it is. */
  readonly toLeastMs: number;
  readonly toMostMs: number;
}

const MIN = 60_000;

/**
 * How far the bleeding of one fish is. `massG`: of one fish, g. `startMs`, `nowMs`: epoch ms. `snapped`: its head was snapped
 * back, and it bleeds on in the slurry, so that nothing is waited for.
 */
export function bleedingState(massG: number, startMs: number, nowMs: number, snapped = false): BleedingState {
  const [leastMin, mostMin] = snapped ? [0, bleedingMinutes(massG)[0]] : bleedingMinutes(massG);
  const goneMs = Math.max(0, nowMs - startMs);
  const toLeastMs = Math.max(0, leastMin * MIN - goneMs);
  const toMostMs = Math.max(0, mostMin * MIN - goneMs);
  const state = goneMs >= BLEEDING_LIMIT_MIN * MIN ? 'warm' : toLeastMs > 0 ? 'runs' : toMostMs > 0 ? 'enough' : 'over';
  return { state, leastMin, mostMin, goneMs, toLeastMs, toMostMs };
}
