import type { Pt } from './spec.ts';

/** Between two numbers: a at t = 0, b at t = 1. */
export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
/** Between two points, likewise. */
export const mix2 = (p: Pt, q: Pt, t: number): Pt => [lerp(p[0], q[0], t), lerp(p[1], q[1], t)];
/** A number kept between two. */
export const clamp = (x: number, a: number, b: number): number => Math.max(a, Math.min(b, x));
/** Degrees as radians. */
export const rad = (deg: number): number => (deg * Math.PI) / 180;
/** The distance between two points. */
export const dist = (p: Pt, q: Pt): number => Math.hypot(p[0] - q[0], p[1] - q[1]);
/** n values of a function of their number and of their share of the way, 0 to 1. */
export const range = <T>(n: number, f: (i: number, t: number) => T): T[] =>
  Array.from({ length: n }, (_, i) => f(i, n > 1 ? i / (n - 1) : 0.5));
/** The point so far from another in a direction, degrees. */
export const polar = (p: Pt, deg: number, r: number): Pt => [
  p[0] + Math.cos(rad(deg)) * r,
  p[1] + Math.sin(rad(deg)) * r,
];

/** Seeded random numbers in [0,1) (mulberry32 over a string hash). */
export type Random = () => number;
/** Random numbers from 0 to below 1 that a text determines. */
export function randomFrom(text: string): Random {
  let s = 2166136261;
  for (const c of text) s = Math.imul(s ^ c.charCodeAt(0), 16777619);
  return () => {
    s = (s + 0x6d2b79f5) | 0;
    let t = Math.imul(s ^ (s >>> 15), 1 | s);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Mixes two #rrggbb colours. */
export function tone(a: string, b: string, t: number): string {
  const c = (h: string, i: number) => parseInt(h.slice(1 + 2 * i, 3 + 2 * i), 16);
  return (
    '#' +
    [0, 1, 2]
      .map((i) =>
        Math.round(lerp(c(a, i), c(b, i), t))
          .toString(16)
          .padStart(2, '0'),
      )
      .join('')
  );
}

/** Centripetal Catmull-Rom spline through points, sampled to a polyline: no loops, no overshoot. */
export function spline(pts: readonly Pt[], per = 8, closed = false): Pt[] {
  const n = pts.length;
  if (n < 3) return pts.slice();
  const mirror = (a: Pt, b: Pt): Pt => [2 * a[0] - b[0], 2 * a[1] - b[1]];
  const get = (i: number): Pt =>
    closed ? pts[(i + n) % n] : i < 0 ? mirror(pts[0], pts[1]) : i >= n ? mirror(pts[n - 1], pts[n - 2]) : pts[i];
  const out: Pt[] = [];
  for (let i = 0; i < (closed ? n : n - 1); i++) {
    const p = [get(i - 1), get(i), get(i + 1), get(i + 2)];
    const k = [0];
    for (let j = 0; j < 3; j++) k.push(k[j] + Math.sqrt(Math.max(1e-6, dist(p[j], p[j + 1]))));
    for (let s = 0; s < per; s++) {
      const t = lerp(k[1], k[2], s / per);
      const a = [0, 1, 2].map((j) => mix2(p[j], p[j + 1], (t - k[j]) / (k[j + 1] - k[j])));
      const b = [0, 1].map((j) => mix2(a[j], a[j + 1], (t - k[j]) / (k[j + 2] - k[j])));
      out.push(mix2(b[0], b[1], (t - k[1]) / (k[2] - k[1])));
    }
  }
  if (!closed) out.push(pts[n - 1]);
  return out;
}

/** n + 1 points evenly spaced along a line. */
export function resample(pts: readonly Pt[], n: number): Pt[] {
  let total = 0,
    walked = 0;
  for (let i = 1; i < pts.length; i++) total += dist(pts[i - 1], pts[i]);
  const out = [pts[0]];
  for (let i = 1; i < pts.length; i++) {
    const d = dist(pts[i - 1], pts[i]);
    while (d > 0 && out.length < n && (out.length * total) / n <= walked + d)
      out.push(mix2(pts[i - 1], pts[i], ((out.length * total) / n - walked) / d));
    walked += d;
  }
  return [...out, pts[pts.length - 1]];
}

/** Drops points that lie within eps of the line through their neighbours (Ramer-Douglas-Peucker). */
export function simplify(pts: Pt[], eps: number): Pt[] {
  if (pts.length < 6) return pts;
  const keep = new Set([0, pts.length - 1]),
    stack: Pt[] = [[0, pts.length - 1]];
  while (stack.length) {
    const [i, j] = stack.pop() as Pt,
      [ax, ay] = pts[i],
      dx = pts[j][0] - ax,
      dy = pts[j][1] - ay,
      l = Math.hypot(dx, dy);
    let far = 0,
      at = -1;
    for (let k = i + 1; k < j; k++) {
      const d =
        l < 1e-6
          ? Math.hypot(pts[k][0] - ax, pts[k][1] - ay)
          : Math.abs((pts[k][0] - ax) * dy - (pts[k][1] - ay) * dx) / l;
      if (d > far) {
        far = d;
        at = k;
      }
    }
    if (far > eps) {
      keep.add(at);
      stack.push([i, at], [at, j]);
    }
  }
  return pts.filter((_, i) => keep.has(i));
}

/** Rounds corners by averaging evenly spaced neighbours (step in drawing units); the ends stay put. */
export function soften(pts: readonly Pt[], passes = 3, step = 5): Pt[] {
  const total = pts.slice(1).reduce((sum, p, i) => sum + dist(pts[i], p), 0);
  let line = resample(pts, clamp(Math.round(total / step), 8, 90));
  for (let k = 0; k < passes; k++)
    line = line.map((p, i): Pt =>
      i === 0 || i === line.length - 1
        ? p
        : [(line[i - 1][0] + 2 * p[0] + line[i + 1][0]) / 4, (line[i - 1][1] + 2 * p[1] + line[i + 1][1]) / 4],
    );
  return line;
}

/** Quadratic curve a to b, bowed sideways by `bow` (fraction of its length; positive = to the left of travel). */
export function bowed(a: Pt, b: Pt, bow: number, n = 8): Pt[] {
  const c: Pt = [(a[0] + b[0]) / 2 + (b[1] - a[1]) * bow, (a[1] + b[1]) / 2 - (b[0] - a[0]) * bow];
  return range(n + 1, (_, t) => mix2(mix2(a, c, t), mix2(c, b, t), t));
}

/** Piecewise smooth interpolation of [[t, value], ...]. */
export function profile(table: number | readonly Pt[], t: number): number {
  if (typeof table === 'number') return table;
  if (t <= table[0][0]) return table[0][1];
  for (let i = 1; i < table.length; i++) {
    if (t > table[i][0]) continue;
    const [t0, a] = table[i - 1],
      [t1, b] = table[i];
    const k = (t - t0) / (t1 - t0);
    const before = table[i - 2],
      after = table[i + 1];
    const s0 = before ? (b - before[1]) / (t1 - before[0]) : (b - a) / (t1 - t0);
    const s1 = after ? (after[1] - a) / (after[0] - t0) : (b - a) / (t1 - t0);
    const d = t1 - t0,
      k2 = k * k,
      k3 = k2 * k;
    return (2 * k3 - 3 * k2 + 1) * a + (k3 - 2 * k2 + k) * d * s0 + (3 * k2 - 2 * k3) * b + (k3 - k2) * d * s1;
  }
  return table[table.length - 1][1];
}
