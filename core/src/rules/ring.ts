import { type Steps, toEnd } from '../steps/index.ts';
import type { LonLat } from './rule.ts';

/** Twice the signed area in square degrees: above 0 when the ring runs clockwise as seen with north up. */
const turn = (ring: readonly LonLat[]): number =>
  ring.reduce((sum, [x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + (nx - x) * (ny + y);
  }, 0);

const same = (a: LonLat | undefined, b: LonLat | undefined): boolean => a?.[0] === b?.[0] && a?.[1] === b?.[1];

/** A ring as drawing and asking want it: closed, and clockwise with north up, whichever way the file has it (RFC 7946 has it the other way). */
export function tidyRing(ring: readonly LonLat[]): readonly LonLat[] {
  const first = ring[0];
  if (!first) return ring;
  const closed = same(first, ring.at(-1)) ? ring : [...ring, first];
  return turn(closed) < 0 ? [...closed].reverse() : closed;
}

/** Whether two stretches cross at a point inside of both. */
function cross(a: LonLat, b: LonLat, c: LonLat, d: LonLat): boolean {
  const side = (p: LonLat, q: LonLat, r: LonLat): number =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/** Whether no corner lies beside the line through the first and the one farthest from it. Not by the area: a bow tie has none either. */
function onOneLine(points: readonly LonLat[]): boolean {
  const [[x0, y0] = [0, 0]] = points;
  const away = points.map(([x, y]): LonLat => [x - x0, y - y0]);
  const far = away.reduce((a, b) => (Math.hypot(...b) > Math.hypot(...a) ? b : a));
  return away.every(([x, y]) => Math.abs(far[0] * y - far[1] * x) < 1e-12);
}

/** So many pairs of stretches are held against each other before others have their turn. */
const PAIRS_AT_ONCE = 20_000;

/**
 * The first two stretches of a ring that cross, by number; null when none do. Swept from west to east: only stretches that share
 * a longitude are held against each other.
 */
function* crossing(points: readonly LonLat[]): Steps<readonly [number, number] | null> {
  const n = points.length;
  const stretches = points
    .map((a, i) => {
      const b = points[(i + 1) % n] as LonLat;
      return { i, a, b, west: Math.min(a[0], b[0]), east: Math.max(a[0], b[0]) };
    })
    .sort((p, q) => p.west - q.west);
  let open: typeof stretches = [];
  let pairs = 0;
  let found: readonly [number, number] | null = null;
  for (const s of stretches) {
    open = open.filter((o) => o.east >= s.west);
    for (const o of open) {
      if (++pairs % PAIRS_AT_ONCE === 0) yield 0;
      const [i, j] = o.i < s.i ? [o.i, s.i] : [s.i, o.i];
      const beside = j - i < 2 || (i === 0 && j === n - 1);
      const earlier = found === null || i < found[0] || (i === found[0] && j < found[1]);
      if (!beside && earlier && cross(o.a, o.b, s.a, s.b)) found = [i, j];
    }
    open.push(s);
  }
  return found;
}

/** What is wrong with a ring, in a sentence; null when it bounds something. Either direction and an open end are well. */
export function* ringSteps(ring: readonly LonLat[]): Steps<string | null> {
  if (ring.some((p) => !Array.isArray(p) || p.length < 2 || !p.slice(0, 2).every(Number.isFinite)))
    return 'each point is a longitude and a latitude, in degrees.';
  if (ring.some(([x, y]) => Math.abs(x) > 180 || Math.abs(y) > 90))
    return 'a point lies off the globe: longitude first, from -180 to 180, then latitude, from -90 to 90.';
  const points = same(ring[0], ring.at(-1)) ? ring.slice(0, -1) : ring;
  if (new Set(points.map((p) => p.join())).size < 3) return 'it needs three corners or more that differ.';
  if (onOneLine(points)) return 'its corners lie on one line.';
  const found = yield* crossing(points);
  return found ? `it crosses itself between corners ${found[0] + 1} and ${found[1] + 1}.` : null;
}

/** The same, at once. */
export const ringTrouble = (ring: readonly LonLat[]): string | null => toEnd(ringSteps(ring));
