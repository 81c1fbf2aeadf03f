import { type Homography, isBeforeHorizon, type Point, project } from './homography.ts';
import { checkPhoto, fixedPoints, PICK_SHARE, type PhotoOfFish, toBoard } from './length-from-photo.ts';
import { type Result, refuse } from '../../result/index.ts';
import { spreadOf } from './spread.ts';

/** Proportions of a body, as shares of the length from snout to tail tip. */
export const BODY_RATIOS = ['depth', 'eye', 'dorsal', 'anal'] as const;
export type BodyRatio = (typeof BODY_RATIOS)[number];

/** More points of the fish: back and belly at its deepest, fins left out; the eye's middle; where the first back fin and the anal fin begin. */
export interface BodyPoints {
  readonly back?: Point;
  readonly belly?: Point;
  readonly eye?: Point;
  readonly dorsal?: Point;
  readonly anal?: Point;
}

export interface MeasuredRatio {
  readonly value: number;
  /** One standard deviation. */
  readonly sd: number;
}

/** A ratio is never taken for better than this: fish bend, and where a fin begins is a matter of looking. */
const LEAST_SD = 0.006;

/**
 * Proportions of the body in the plane of the board, with their errors: depth across the line from snout to tail, the
 * others along it. Only those whose points are set. Refuses what `checkPhoto` refuses.
 */
export function bodyRatios(
  photo: PhotoOfFish,
  body: BodyPoints,
): Result<{ ratios: Partial<Record<BodyRatio, MeasuredRatio>> }> {
  const good = checkPhoto(photo);
  if (!good.ok) return good;
  const fixed = fixedPoints(photo);
  const whole = toBoard(photo);
  if (!whole) return refuse('These corners do not form a board. Mark them again.', 'corners');
  const names = BODY_RATIOS.filter((r) => (r === 'depth' ? body.back && body.belly : body[r]));
  const extra = names.flatMap((r): Point[] =>
    r === 'depth' ? [body.back as Point, body.belly as Point] : [body[r] as Point],
  );
  const points = [...fixed, photo.snout, photo.tail, ...extra];
  if (!points.slice(fixed.length).every((p) => isBeforeHorizon(whole, p, photo.corners[0])))
    return refuse('A point of the fish lies beyond the horizon of the board. Set it on the fish.', 'points');
  const measure = (p: readonly Point[]): number[] => {
    const map = toBoard(photo, p.slice(0, fixed.length));
    return map ? sharesOf(map, p.slice(fixed.length), names) : names.map(() => 0);
  };
  const values = measure(points);
  const spread = spreadOf(points, PICK_SHARE * Math.max(...photo.size), measure);
  const ratios = Object.fromEntries(
    names.map((r, i) => [r, { value: values[i] as number, sd: Math.max(LEAST_SD, spread[i] as number) }]),
  );
  return { ok: true, ratios };
}

/** `points`: snout, tail, then those of the names in turn. */
function sharesOf(map: Homography, points: readonly Point[], names: readonly BodyRatio[]): number[] {
  const [snout = [0, 0], tail = [1, 0], ...rest] = points.map((p) => project(map, p)) as Point[];
  const long = Math.hypot(tail[0] - snout[0], tail[1] - snout[1]);
  const axis: Point = [(tail[0] - snout[0]) / long, (tail[1] - snout[1]) / long];
  const along = (p: Point): number => ((p[0] - snout[0]) * axis[0] + (p[1] - snout[1]) * axis[1]) / long;
  const across = (p: Point): number => ((p[1] - snout[1]) * axis[0] - (p[0] - snout[0]) * axis[1]) / long;
  let at = 0;
  return names.map((r) => {
    const p = rest[at++] as Point;
    return r === 'depth' ? Math.abs(across(p) - across(rest[at++] as Point)) : along(p);
  });
}
