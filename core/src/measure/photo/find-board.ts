import type { Corners } from './check-corners.ts';
import { checkCorners } from './check-corners.ts';
import type { Point } from './homography.ts';
import { type Grey, largestPatch, otsu } from './pixels.ts';

/** Below this share of the variance between light and dark there is no board to be seen. */
const LEAST_CONTRAST = 0.55;
/** A board fills at least this share of the picture, and its hull at least this share of its four corners. */
const LEAST_AREA = 0.08;
const LEAST_FILL = 0.88;

const cross = (o: Point, a: Point, b: Point): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
const area = (ps: readonly Point[]): number =>
  Math.abs(
    ps.reduce((s, p, i) => {
      const q = ps[(i + 1) % ps.length] as Point;
      return s + p[0] * q[1] - q[0] * p[1];
    }, 0),
  ) / 2;

/** Convex hull (Andrew's monotone chain), counter-clockwise in x right, y up. */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Point[]): Point[] => {
    const out: Point[] = [];
    for (const p of list) {
      while (out.length > 1 && cross(out[out.length - 2] as Point, out[out.length - 1] as Point, p) <= 0) out.pop();
      out.push(p);
    }
    out.pop();
    return out;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** Points of a mask where a row of it begins or ends: all that its hull can touch. */
function rims(mask: Uint8Array, width: number, height: number): Point[] {
  const out: Point[] = [];
  for (let y = 0; y < height; y++) {
    const row = mask.subarray(y * width, (y + 1) * width);
    const first = row.indexOf(1);
    if (first < 0) continue;
    out.push([first, y], [row.lastIndexOf(1), y]);
  }
  return out;
}

/** The largest four-cornered figure on a hull, by trying every four of its points (thinned to 48). */
function largestQuad(hull: readonly Point[]): Point[] {
  const every = Math.max(1, Math.ceil(hull.length / 48));
  const h = hull.filter((_, i) => i % every === 0);
  let best: Point[] = [];
  let most = 0;
  for (let a = 0; a < h.length; a++)
    for (let c = a + 2; c < h.length; c++) {
      // For a diagonal a-c the farthest point on either side: area is the sum of two triangles.
      const far = (from: number, to: number): [number, number] => {
        let k = -1;
        let d = 0;
        for (let i = from; i < to; i++) {
          const x = Math.abs(cross(h[a] as Point, h[c] as Point, h[i] as Point));
          if (x > d) [k, d] = [i, x];
        }
        return [k, d];
      };
      const [b, db] = far(a + 1, c);
      const [d, dd] = far(c + 1, h.length);
      const [e, de] = far(0, a);
      const [other, od] = de > dd ? [e, de] : [d, dd];
      if (b < 0 || other < 0 || db + od <= most) continue;
      most = db + od;
      best = [a, b, c, other].map((i) => h[i] as Point);
    }
  return best;
}

/** The line through points by total least squares, the farthest third left out once: [point on it, direction]. */
function lineThrough(points: readonly Point[]): [Point, Point] {
  const fit = (ps: readonly Point[]): [Point, Point] => {
    const n = ps.length;
    const mx = ps.reduce((s, p) => s + p[0], 0) / n;
    const my = ps.reduce((s, p) => s + p[1], 0) / n;
    let [xx, xy, yy] = [0, 0, 0];
    for (const [x, y] of ps) {
      xx += (x - mx) ** 2;
      xy += (x - mx) * (y - my);
      yy += (y - my) ** 2;
    }
    const angle = Math.atan2(2 * xy, xx - yy) / 2;
    return [
      [mx, my],
      [Math.cos(angle), Math.sin(angle)],
    ];
  };
  const [o, d] = fit(points);
  const off = (p: Point): number => Math.abs((p[0] - o[0]) * d[1] - (p[1] - o[1]) * d[0]);
  return fit([...points].sort((a, b) => off(a) - off(b)).slice(0, Math.max(2, Math.ceil(points.length * 0.67))));
}

function meet([p, d]: [Point, Point], [q, e]: [Point, Point]): Point {
  const t = ((q[0] - p[0]) * e[1] - (q[1] - p[1]) * e[0]) / (d[0] * e[1] - d[1] * e[0]);
  return [p[0] + t * d[0], p[1] + t * d[1]];
}

/** Corners moved to where the lines along the four sides of the patch meet: finer than a pixel, and past a rounded corner. */
function refined(quad: readonly Point[], rim: readonly Point[]): Point[] {
  const lines = quad.map((a, i): [Point, Point] => {
    const b = quad[(i + 1) % 4] as Point;
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const near = rim.filter((p) => {
      const along = ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / long / long;
      return along > 0.05 && along < 0.95 && Math.abs(cross(a, b, p)) / long < 0.03 * long;
    });
    return near.length < 8 ? [a, [(b[0] - a[0]) / long, (b[1] - a[1]) / long]] : lineThrough(near);
  });
  return quad.map((_, i) => meet(lines[(i + 3) % 4] as [Point, Point], lines[i] as [Point, Point]));
}

/** So that the first side is the upper long one, and the four go round clockwise as seen. */
function inTurn(quad: readonly Point[]): Corners {
  const clockwise =
    quad.reduce((s, p, i) => s + cross(p, quad[(i + 1) % 4] as Point, quad[(i + 2) % 4] as Point), 0) > 0;
  const q = clockwise ? [...quad] : [...quad].reverse();
  const long = (i: number): number => {
    const [a, b] = [q[i % 4] as Point, q[(i + 1) % 4] as Point];
    return Math.hypot(a[0] - b[0], a[1] - b[1]);
  };
  const first = long(0) + long(2) >= long(1) + long(3) ? 0 : 1;
  const middle = (i: number): number => ((q[i % 4] as Point)[1] + (q[(i + 1) % 4] as Point)[1]) / 2;
  const level = (i: number): number => ((q[i % 4] as Point)[0] + (q[(i + 1) % 4] as Point)[0]) / 2;
  const [a, b] = [first, first + 2];
  const upright = Math.abs(middle(a) - middle(b)) < Math.abs(level(a) - level(b));
  const start = upright ? (level(a) > level(b) ? a : b) : middle(a) < middle(b) ? a : b;
  return [0, 1, 2, 3].map((k) => q[(start + k) % 4] as Point) as unknown as Corners;
}

/**
 * Where the four corners of a board may lie, as pixels of `grey`: the largest patch that is lighter (or darker) than what
 * lies about it and has four straight sides. Null where the contrast does not allow it: then they are set by hand.
 */
export function findBoard(grey: Grey): Corners | null {
  const { threshold, contrast } = otsu(grey.data);
  if (contrast < LEAST_CONTRAST) return null;
  const { width, height } = grey;
  const candidates = [(v: number): boolean => v > threshold, (v: number): boolean => v <= threshold].flatMap((is) => {
    const { mask, count } = largestPatch(grey, is);
    if (count < LEAST_AREA * width * height * 0.6) return [];
    const rim = rims(mask, width, height);
    const hull = hullOf(rim);
    const quad = largestQuad(hull);
    const hullArea = area(hull);
    if (quad.length < 4 || hullArea < LEAST_AREA * width * height || hullArea > 0.97 * width * height) return [];
    const fill = area(quad) / hullArea;
    if (fill < LEAST_FILL) return [];
    const sides = [...rim, ...rims(transposed(mask, width, height), height, width).map(([y, x]): Point => [x, y])];
    const corners = inTurn(refined(quad, sides));
    const inside = corners.every(
      ([x, y]) => x > -0.02 * width && y > -0.02 * height && x < 1.02 * width && y < 1.02 * height,
    );
    return inside && checkCorners(corners, [width, height]).ok
      ? [{ corners, fill: fill * Math.min(1, count / hullArea + 0.3) }]
      : [];
  });
  return candidates.sort((a, b) => b.fill - a.fill)[0]?.corners ?? null;
}

function transposed(mask: Uint8Array, width: number, height: number): Uint8Array {
  const out = new Uint8Array(mask.length);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) out[x * height + y] = mask[y * width + x] ?? 0;
  return out;
}
