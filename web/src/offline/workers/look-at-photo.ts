import { type Corners, findBoard, findFish, type Point, toGrey } from '@dagboek/core/measure/photo';

/** Corners are found on a copy whose longer side is at most this, px. */
const LOOK_AT = 500;

export interface Proposal {
  readonly corners: Corners;
  readonly ends: readonly [Point, Point] | null;
}

/** Where board and fish may lie, px of the picture given; null where the board does not stand out. */
export function lookAtPhoto({
  picture,
  boardMm,
}: {
  picture: { width: number; height: number; data: Uint8ClampedArray };
  boardMm: readonly [number, number];
}): Proposal | null {
  const grey = toGrey(picture, LOOK_AT);
  const corners = findBoard(grey);
  if (!corners) return null;
  const ends = findFish(grey, corners, boardMm);
  const back = ([x, y]: Point): Point => [(x + 0.5) * grey.step, (y + 0.5) * grey.step];
  return {
    corners: corners.map(back) as unknown as Corners,
    ends: ends ? [back(ends[0]), back(ends[1])] : null,
  };
}
