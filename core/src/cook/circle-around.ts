/** A place in a plane, mm. */
export type Point = readonly [x: number, y: number];

/** Smallest circle around points (Welzl by moving: iterated to the farthest, then exact of what touches). Radius and middle, mm. */
export function circleAround(points: readonly Point[]): { readonly r: number; readonly at: Point } {
  if (points.length === 0) return { r: 0, at: [0, 0] };
  const inside = (c: { r: number; at: Point }, p: Point): boolean =>
    Math.hypot(p[0] - c.at[0], p[1] - c.at[1]) <= c.r * (1 + 1e-9) + 1e-9;
  const two = (a: Point, b: Point) => ({
    r: Math.hypot(a[0] - b[0], a[1] - b[1]) / 2,
    at: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as Point,
  });
  const three = (a: Point, b: Point, c: Point) => {
    const d = 2 * (a[0] * (b[1] - c[1]) + b[0] * (c[1] - a[1]) + c[0] * (a[1] - b[1]));
    // On one line: the two that lie farthest apart.
    if (Math.abs(d) < 1e-12) return [two(a, b), two(b, c), two(a, c)].reduce((m, x) => (x.r > m.r ? x : m));
    const s = (p: Point): number => p[0] ** 2 + p[1] ** 2;
    const x = (s(a) * (b[1] - c[1]) + s(b) * (c[1] - a[1]) + s(c) * (a[1] - b[1])) / d;
    const y = (s(a) * (c[0] - b[0]) + s(b) * (a[0] - c[0]) + s(c) * (b[0] - a[0])) / d;
    return { r: Math.hypot(a[0] - x, a[1] - y), at: [x, y] as Point };
  };
  let c: { r: number; at: Point } = { r: 0, at: points[0]! };
  points.forEach((p, i) => {
    if (inside(c, p)) return;
    c = { r: 0, at: p };
    for (let j = 0; j < i; j++) {
      const q = points[j]!;
      if (inside(c, q)) continue;
      c = two(p, q);
      for (let k = 0; k < j; k++) if (!inside(c, points[k]!)) c = three(p, q, points[k]!);
    }
  });
  return c;
}
