/** One reading of a thermometer; null where it gave none. */
export interface ProbeReading {
  /** epoch ms */
  readonly atMs: number;
  readonly c: number | null;
}

/** Settled: readings over so long, ms, at least so many, none further apart than this, K. */
const [SPAN_MS, LEAST_READINGS, APART_K] = [4000, 6, 0.2];
/** No reading for so long: it is gone, ms. */
const LOST_MS = 5000;
/** Between two readings no tip warms or cools by so much, K: it was pulled out, or its plug is loose. */
const JUMP_K = 8;
/** A live tip trembles: so many readings alike to the last hundredth come from one that hangs. */
const STUCK_AFTER = 12;
/** Outside of this no thermometer for fish and ice reads, degC. */
const [COLDEST_C, WARMEST_C] = [-45, 60];

/** What a thermometer says just now. */
export type ProbeState =
  | { readonly state: 'lost' }
  | { readonly state: 'settles' | 'settled' | 'jumps' | 'stuck' | 'out of range'; readonly c: number };

/**
 * What the latest readings say: settled when those of the last 4 s (six or more) lie within 0.2 K; its value is their median. One that
 * jumps, hangs at one value to the last digit, or reads what cannot be, is not to be taken. `readings`: in the order of time.
 */
export function probeState(readings: readonly ProbeReading[], nowMs: number): ProbeState {
  const given = readings.flatMap((r) => (r.c === null ? [] : [{ atMs: r.atMs, c: r.c }]));
  const last = given.at(-1);
  if (!last || nowMs - last.atMs > LOST_MS) return { state: 'lost' };
  const { c } = last;
  if (!(c >= COLDEST_C && c <= WARMEST_C)) return { state: 'out of range', c };
  const late = given.filter((r) => last.atMs - r.atMs <= SPAN_MS);
  if (late.some((r, i) => i > 0 && Math.abs(r.c - late[i - 1]!.c) > JUMP_K)) return { state: 'jumps', c };
  const alike = given.slice(-STUCK_AFTER);
  if (alike.length === STUCK_AFTER && alike.every((r) => r.c === c)) return { state: 'stuck', c };
  const sorted = late.map((r) => r.c).sort((a, b) => a - b);
  const long = given.some((r) => last.atMs - r.atMs >= SPAN_MS);
  if (!long || late.length < LEAST_READINGS || sorted.at(-1)! - sorted[0]! > APART_K) return { state: 'settles', c };
  return { state: 'settled', c: sorted[Math.floor(sorted.length / 2)]! };
}
