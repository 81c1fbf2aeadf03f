import type { YieldExpectation } from './yield-model.ts';

/** A cut against what was expected of it before: how many of its own sd it lies off, and what that is in grams. */
export interface Against {
  /** Standard scores: 0 as expected, above 0 more than expected. */
  readonly z: number;
  /** Grams more, or fewer (below 0), than expected of this fish. */
  readonly offG: number;
  /** Inside the brackets that were written down. */
  readonly verdict: 'under' | 'usual' | 'over';
}

const logit = (p: number): number => Math.log(p / (1 - p));
/** The brackets hold nine in ten. */
const NINE_IN_TEN = 1.6448536269514722;
/** One cut in a hundred of a knife that did not change lies outside of these. */
export const CONTROL_Z = 2.5758293035489004;
/** So many cuts make a chart. */
export const LEAST_POINTS = 5;

/** How a weighing stands against its expectation. `massG`, `roundG`: g, above 0, the part below the whole; else null. */
export function against(massG: number, roundG: number, e: Omit<YieldExpectation, 'n'>): Against | null {
  if (!(massG > 0) || !(massG < roundG)) return null;
  const sd = (logit(e.high) - logit(e.low)) / (2 * NINE_IN_TEN);
  if (!(sd > 0)) return null;
  const s = massG / roundG;
  return {
    z: (logit(s) - logit(e.mid)) / sd,
    offG: massG - e.mid * roundG,
    verdict: s < e.low ? 'under' : s > e.high ? 'over' : 'usual',
  };
}

/** A knife's cuts in the order of time, and what they say of it. */
export interface KnifeChart {
  readonly points: readonly { readonly z: number; readonly outside: boolean }[];
  /** Mean of the last ten, with the range that holds it nine times in ten; null with too few. */
  readonly lately: { readonly z: number; readonly low: number; readonly high: number; readonly n: number } | null;
  /** Whether the last ten lie above, below or at what was expected; null with too few to tell. */
  readonly trend: 'better' | 'worse' | 'as expected' | null;
}

/** Draws a control chart of standard scores, oldest first. */
export function knifeChart(scores: readonly number[]): KnifeChart {
  const points = scores.map((z) => ({ z, outside: Math.abs(z) > CONTROL_Z }));
  const last = scores.slice(-10);
  if (last.length < LEAST_POINTS) return { points, lately: null, trend: null };
  const z = last.reduce((a, b) => a + b, 0) / last.length;
  const half = NINE_IN_TEN / Math.sqrt(last.length);
  const trend = z - half > 0 ? 'better' : z + half < 0 ? 'worse' : 'as expected';
  return { points, lately: { z, low: z - half, high: z + half, n: last.length }, trend };
}
