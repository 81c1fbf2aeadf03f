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

/** What is wrong with a ring, in a sentence; null when it bounds something. Either direction and an open end are well. */
export function ringTrouble(ring: readonly LonLat[]): string | null {
  if (ring.some((p) => !Array.isArray(p) || p.length < 2 || !p.slice(0, 2).every(Number.isFinite)))
    return 'each point is a longitude and a latitude, in degrees.';
  if (ring.some(([x, y]) => Math.abs(x) > 180 || Math.abs(y) > 90))
    return 'a point lies off the globe: longitude first, from -180 to 180, then latitude, from -90 to 90.';
  const points = same(ring[0], ring.at(-1)) ? ring.slice(0, -1) : ring;
  if (new Set(points.map((p) => p.join())).size < 3) return 'it needs three corners or more that differ.';
  if (onOneLine(points)) return 'its corners lie on one line.';
  for (let i = 0; i < points.length; i++)
    for (let j = i + 2; j < points.length; j++) {
      if (i === 0 && j === points.length - 1) continue;
      const [a, b, c, d] = [points[i], points[i + 1], points[j], points[(j + 1) % points.length]];
      if (a && b && c && d && cross(a, b, c, d)) return `it crosses itself between corners ${i + 1} and ${j + 1}.`;
    }
  return null;
}
