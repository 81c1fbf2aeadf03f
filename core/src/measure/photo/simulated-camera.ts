import type { Point } from './homography.ts';

/** A simulated pinhole camera over a board that lies in the plane z = 0, mm: for practice pictures and for tests. */
export interface SimulatedCamera {
  /** Where it stands; z: height above the board. */
  readonly at: readonly [number, number, number];
  /** The point of the board it looks at. */
  readonly towards: Point;
  readonly focalPx: number;
  readonly size: readonly [number, number];
  /** Turned about its own axis, radians. */
  readonly roll?: number;
}

type Vector = readonly [number, number, number];
const minus = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const unit = (a: Vector): Vector => {
  const n = Math.hypot(...a);
  return [a[0] / n, a[1] / n, a[2] / n];
};

/** Where a point of the world (x along the board, y across it, z up; mm) falls in the picture, px: written out from the axes, without any homography. */
export function shoot(camera: SimulatedCamera, x: number, y: number, z = 0): Point {
  const ahead = unit(minus([camera.towards[0], camera.towards[1], 0], camera.at));
  // The board's x runs to the right of the picture and its y down it, as one reads a board; so it is not seen in a mirror.
  const aside = unit(cross(ahead, [0, 1, 0]));
  const right: Vector = aside[0] >= 0 ? aside : [-aside[0], -aside[1], -aside[2]];
  const below = cross(ahead, right);
  const down: Vector = below[1] >= 0 ? below : [-below[0], -below[1], -below[2]];
  const roll = camera.roll ?? 0;
  const r: Vector = [0, 1, 2].map((i) => right[i as 0] * Math.cos(roll) + down[i as 0] * Math.sin(roll)) as never;
  const d: Vector = [0, 1, 2].map((i) => down[i as 0] * Math.cos(roll) - right[i as 0] * Math.sin(roll)) as never;
  const v = minus([x, y, z], camera.at);
  const depth = dot(v, ahead);
  return [
    camera.size[0] / 2 + (camera.focalPx * dot(v, r)) / depth,
    camera.size[1] / 2 + (camera.focalPx * dot(v, d)) / depth,
  ];
}
