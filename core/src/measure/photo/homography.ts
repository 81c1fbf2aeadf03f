import { solve } from './solve.ts';

/** A point: [x, y], pixels of a picture (x right, y down) or millimetres on a board. */
export type Point = readonly [number, number];

/** A projective map of the plane, 3 x 3, row by row, the last number 1 up to scale. */
export type Homography = readonly number[];

/** One point seen twice: where it lies in the one plane and in the other. */
export interface Pair {
  readonly from: Point;
  readonly to: Point;
}

/** Where a point goes. A point on the horizon gives infinities. */
export function project(h: Homography, [x, y]: Point): Point {
  const at = (i: number): number => h[i] ?? 0;
  const w = at(6) * x + at(7) * y + at(8);
  return [(at(0) * x + at(1) * y + at(2)) / w, (at(3) * x + at(4) * y + at(5)) / w];
}

/** Whether a point lies on the same side of the horizon as another one that is surely on the board. */
export function isBeforeHorizon(h: Homography, p: Point, onBoard: Point): boolean {
  const w = ([x, y]: Point): number => (h[6] ?? 0) * x + (h[7] ?? 0) * y + (h[8] ?? 0);
  return w(p) * w(onBoard) > 0;
}

/** Moves the points' middle to the origin and their mean distance to the square root of 2 (Hartley). */
function normaliser(points: readonly Point[]): { s: number; cx: number; cy: number } {
  const n = points.length;
  const cx = points.reduce((a, p) => a + p[0], 0) / n;
  const cy = points.reduce((a, p) => a + p[1], 0) / n;
  const far = points.reduce((a, p) => a + Math.hypot(p[0] - cx, p[1] - cy), 0) / n;
  return { s: far > 0 ? Math.SQRT2 / far : 1, cx, cy };
}

/**
 * The homography that carries `from` to `to`, by the direct linear transform on normalised points (Hartley and
 * Zisserman, Multiple View Geometry, 4.4). Four pairs: exact; more: least squares. Null when the points do not fix one
 * (fewer than four, or three of four on a line).
 */
export function fitHomography(pairs: readonly Pair[]): Homography | null {
  if (pairs.length < 4) return null;
  const a = normaliser(pairs.map((p) => p.from));
  const b = normaliser(pairs.map((p) => p.to));
  // Normal equations of the 2n x 8 system, the last number set to 1: the middle of the points is the origin, and does not go to the horizon.
  const ata = Array.from({ length: 8 }, () => new Array<number>(8).fill(0));
  const atb = new Array<number>(8).fill(0);
  for (const { from, to } of pairs) {
    const [x, y] = [(from[0] - a.cx) * a.s, (from[1] - a.cy) * a.s];
    const [u, v] = [(to[0] - b.cx) * b.s, (to[1] - b.cy) * b.s];
    const rows: [number[], number][] = [
      [[x, y, 1, 0, 0, 0, -u * x, -u * y], u],
      [[0, 0, 0, x, y, 1, -v * x, -v * y], v],
    ];
    for (const [row, right] of rows)
      for (let i = 0; i < 8; i++) {
        const ri = row[i] as number;
        atb[i] = (atb[i] as number) + ri * right;
        const line = ata[i] as number[];
        for (let j = 0; j < 8; j++) line[j] = (line[j] as number) + ri * (row[j] as number);
      }
  }
  const h = solve(ata, atb);
  if (!h) return null;
  const to = [1 / b.s, 0, b.cx, 0, 1 / b.s, b.cy, 0, 0, 1];
  const from = [a.s, 0, -a.s * a.cx, 0, a.s, -a.s * a.cy, 0, 0, 1];
  const out = times(times(to, [...h, 1]), from);
  const last = out[8] as number;
  return Math.abs(last) < 1e-15 ? null : out.map((x) => x / last);
}

/** Matrix product, 3 x 3, row by row. */
export function times(a: readonly number[], b: readonly number[]): number[] {
  const out = new Array<number>(9).fill(0);
  for (let r = 0; r < 3; r++)
    for (let c = 0; c < 3; c++)
      for (let k = 0; k < 3; k++)
        out[r * 3 + c] = (out[r * 3 + c] as number) + (a[r * 3 + k] as number) * (b[k * 3 + c] as number);
  return out;
}

/** The map the other way. Throws RangeError when there is none. */
export function inverse(h: Homography): Homography {
  const [a, b, c, d, e, f, g, i, j] = h as [number, number, number, number, number, number, number, number, number];
  const A = e * j - f * i;
  const B = c * i - b * j;
  const C = b * f - c * e;
  const det = a * A + d * B + g * C;
  if (!Number.isFinite(det) || det === 0) throw new RangeError('inverse: this map has none');
  const out = [A, B, C, f * g - d * j, a * j - c * g, c * d - a * f, d * i - e * g, b * g - a * i, a * e - b * d];
  return out.map((x) => x / det);
}
