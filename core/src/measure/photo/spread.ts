import type { Point } from './homography.ts';

/**
 * Standard deviations of what is worked out from points set by hand, each with an error of `sdPx` in x and in y, of its
 * own: first order, by central differences of a tenth of that error. `measure` gives the same number of results each time.
 */
export function spreadOf(
  points: readonly Point[],
  sdPx: number,
  measure: (points: readonly Point[]) => readonly number[],
): number[] {
  const step = sdPx / 10;
  const out = measure(points).map(() => 0);
  points.forEach((p, i) => {
    for (const axis of [0, 1] as const) {
      const moved = (by: number): readonly number[] =>
        measure(points.map((q, k) => (k === i ? ((axis ? [p[0], p[1] + by] : [p[0] + by, p[1]]) as Point) : q)));
      const up = moved(step);
      const down = moved(-step);
      out.forEach((_, k) => {
        const slope = ((up[k] as number) - (down[k] as number)) / (2 * step);
        out[k] = (out[k] as number) + (slope * sdPx) ** 2;
      });
    }
  });
  return out.map(Math.sqrt);
}
