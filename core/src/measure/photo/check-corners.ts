import { type Refusal, refuse } from '../../result/index.ts';
import type { Point } from './homography.ts';

/** Corners of the board in the picture: at its nose end, then round it, so that the first side is its length. */
export type Corners = readonly [Point, Point, Point, Point];

/** A side below this share of the picture's longer side cannot be read to a hundredth. */
const LEAST_SIDE = 0.05;

const cross = (o: Point, a: Point, b: Point): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Whether four points can be the corners of a board seen from above. `size`: of the picture, px. */
export function checkCorners(corners: Corners, size: readonly [number, number]): { ok: true } | Refusal {
  if (corners.some((p) => !Number.isFinite(p[0]) || !Number.isFinite(p[1])))
    return refuse('Set all four corners of the board first.', 'corners');
  const [a, b, c, d] = corners;
  const sides = [apart(a, b), apart(b, c), apart(c, d), apart(d, a)];
  const least = LEAST_SIDE * Math.max(size[0], size[1]);
  if (Math.min(...sides) < least)
    return refuse(
      'Two corners are almost at the same place. Take the picture from closer, or drag them apart.',
      'corners',
    );
  const turns = [cross(a, b, c), cross(b, c, d), cross(c, d, a), cross(d, a, b)];
  // How far each corner stands off the line through its neighbours, as a share of the sides there.
  const flat = turns.some((t, i) => Math.abs(t) < 0.02 * (sides[i] as number) * (sides[(i + 1) % 4] as number));
  if (flat) return refuse('Three corners lie on one line. Drag each to its own corner of the board.', 'corners');
  const positive = turns.filter((t) => t > 0).length;
  if (positive === 2)
    return refuse(
      'The corners cross over: two of them are swapped. Go round the board, one after the other.',
      'corners',
    );
  if (positive === 1 || positive === 3)
    return refuse('One corner lies inside the others. A board has its four corners outside.', 'corners');
  if (positive === 0)
    return refuse(
      'The corners run the wrong way round: the picture would be a mirror image. Swap the two ends.',
      'corners',
    );
  return { ok: true };
}
