import { type Homography, type Point, times } from './homography.ts';

/** Where the camera stood, from the picture of a board of known size. */
export interface CameraPlace {
  /** Height above the board, mm. */
  readonly heightMm: number;
  /** The point of the board right below it, mm. */
  readonly foot: Point;
  /** Focal length, px. */
  readonly focalPx: number;
  /** False when the view is too straight down to tell the focal length, and a usual one was taken. */
  readonly focalKnown: boolean;
}

/** Focal length of a usual hand camera, as a share of the picture's diagonal (26 mm where the frame's diagonal is 43 mm). */
const USUAL_FOCAL = 0.6;
/** A camera of which the two conditions ask for something outside of this, as shares of the diagonal, was not understood. */
const FOCAL_RANGE = [0.35, 2.5] as const;
/** Below this tilt (about 12 degrees) the corners' own error drowns what perspective says of the focal length. */
const LEAST_TILT = 0.2;

/**
 * The camera's place, taking square pixels and the optical axis at the picture's middle (Zhang 2000, one view).
 * `toImage`: board in mm to picture in px. `size`: of the picture, px.
 */
export function cameraPlace(toImage: Homography, size: readonly [number, number]): CameraPlace {
  const centred = times([1, 0, -size[0] / 2, 0, 1, -size[1] / 2, 0, 0, 1], toImage);
  const [a, b, c, d, e, f, g, h, i] = centred as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const diagonal = Math.hypot(size[0], size[1]);
  // Columns of the rotation stand square on each other and are equally long: two equations for one number.
  // Each is weighed by its divisor, which is nothing where the view does not tell.
  const w1 = g * h;
  const w2 = h * h - g * g;
  const squares = (-(a * b + d * e) * w1 + (a * a + d * d - b * b - e * e) * w2) / (w1 * w1 + w2 * w2);
  const told = squares > 0 ? Math.sqrt(squares) : Number.NaN;
  const usual = USUAL_FOCAL * diagonal;
  const tilt = (Math.hypot(g, h) * usual) / Math.hypot(a, d);
  const focalKnown = tilt > LEAST_TILT && told >= FOCAL_RANGE[0] * diagonal && told <= FOCAL_RANGE[1] * diagonal;
  const focalPx = focalKnown ? told : usual;
  const r1 = [a / focalPx, d / focalPx, g];
  const r2 = [b / focalPx, e / focalPx, h];
  const t = [c / focalPx, f / focalPx, i];
  const norm = (v: readonly number[]): number => Math.hypot(...v);
  const scale = (norm(r1) + norm(r2)) / 2;
  const u1 = r1.map((x) => x / norm(r1));
  const u2 = r2.map((x) => x / norm(r2));
  const place = t.map((x) => x / scale);
  const [x1, y1, z1] = u1 as [number, number, number];
  const [x2, y2, z2] = u2 as [number, number, number];
  const u3 = [y1 * z2 - z1 * y2, z1 * x2 - x1 * z2, x1 * y2 - y1 * x2];
  const dot = (v: readonly number[]): number => v.reduce((s, x, k) => s + x * (place[k] as number), 0);
  return { heightMm: Math.abs(dot(u3)), foot: [-dot(u1), -dot(u2)], focalPx, focalKnown };
}

/** Length over width of the rectangle whose corners map from the unit square, taking a usual camera. */
export function seenRatio(unitToImage: Homography, size: readonly [number, number]): number {
  const centred = times([1, 0, -size[0] / 2, 0, 1, -size[1] / 2, 0, 0, 1], unitToImage) as number[];
  const focal = USUAL_FOCAL * Math.hypot(size[0], size[1]);
  const long = (k: number): number =>
    Math.hypot((centred[k] as number) / focal, (centred[k + 3] as number) / focal, centred[k + 6] as number);
  return long(0) / long(1);
}
