/** One reading of a scale; null where it gave none. */
export interface ScaleReading {
  /** epoch ms */
  readonly atMs: number;
  readonly g: number | null;
}

/** Settled: readings over so long, ms, at least so many, none of them further apart than the scale's step or this share. */
const SPAN_MS = 1200;
const LEAST_READINGS = 5;
const STEP_G = 5;
const SHARE = 0.005;
/** Below this nothing lies on it, g. */
const EMPTY_G = 15;
/** No reading for so long: the scale is gone, ms. */
const LOST_MS = 3000;

/** What a scale says just now. */
export type ScaleState =
  | { readonly state: 'lost' | 'empty' }
  | { readonly state: 'swings'; readonly g: number }
  | { readonly state: 'settled'; readonly g: number };

/**
 * What the latest readings say: settled when those of the last 1.2 s (five or more) lie within 5 g, or half a hundredth; its
 * value is their median. `readings`: in the order of time. A reading that is missing neither settles nor unsettles.
 */
export function scaleState(readings: readonly ScaleReading[], nowMs: number): ScaleState {
  const given = readings.flatMap((r) => (r.g === null ? [] : [{ atMs: r.atMs, g: r.g }]));
  const last = given.at(-1);
  if (!last || nowMs - last.atMs > LOST_MS) return { state: 'lost' };
  const late = given.filter((r) => last.atMs - r.atMs <= SPAN_MS).map((r) => r.g);
  const sorted = [...late].sort((a, b) => a - b);
  const [low, high] = [sorted[0] ?? 0, sorted.at(-1) ?? 0];
  if (high < EMPTY_G) return { state: 'empty' };
  const apart = high - low;
  const long = given.some((r) => last.atMs - r.atMs >= SPAN_MS);
  if (!long || late.length < LEAST_READINGS || apart > Math.max(STEP_G, SHARE * high))
    return { state: 'swings', g: last.g };
  return { state: 'settled', g: sorted[Math.floor(sorted.length / 2)] as number };
}
