import type { Corners } from './check-corners.ts';
import { fitHomography, type Point, project } from './homography.ts';
import { type Grey, largestPatch, otsu } from './pixels.ts';

/** The board as seen from straight above, this many points long; the rest of the picture is left out. */
const ACROSS = 320;
/** A rim of the board this wide (share of its width) is left out: shadows, and the rule printed along it. */
const RIM = 0.06;

/**
 * Where the two ends of the fish on a board may lie, as pixels of `grey`: the farthest two points of the largest patch
 * that differs from the board, along the board. Which of them is the snout is not known: the first is the one nearer to
 * the board's first corner. Null where the fish does not stand out.
 */
export function findFish(grey: Grey, corners: Corners, boardMm: readonly [number, number]): [Point, Point] | null {
  const tall = Math.max(24, Math.round((ACROSS * boardMm[1]) / boardMm[0]));
  const flat: Point[] = [
    [0, 0],
    [ACROSS, 0],
    [ACROSS, tall],
    [0, tall],
  ];
  const map = fitHomography(flat.map((from, i) => ({ from, to: corners[i] as Point })));
  if (!map) return null;
  const skip = Math.round(RIM * tall);
  const height = tall - 2 * skip;
  const data = new Uint8Array(ACROSS * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < ACROSS; x++) {
      const [u, v] = project(map, [x + 0.5, y + skip + 0.5]);
      const [px, py] = [Math.round(u), Math.round(v)];
      const inside = px >= 0 && py >= 0 && px < grey.width && py < grey.height;
      data[y * ACROSS + x] = inside ? (grey.data[py * grey.width + px] ?? 0) : 0;
    }
  const board: Grey = { width: ACROSS, height, data };
  const { threshold, contrast } = otsu(data);
  if (contrast < 0.45) return null;
  // The board is what most of its rim shows; the fish is the other.
  const rimLight = [...data.subarray(0, ACROSS), ...data.subarray((height - 1) * ACROSS)].filter((v) => v > threshold);
  const lightBoard = rimLight.length > ACROSS;
  const { mask, count } = largestPatch(board, (v) => v > threshold !== lightBoard);
  const share = count / data.length;
  if (share < 0.02 || share > 0.8) return null;
  let first: Point | null = null;
  let last: Point | null = null;
  for (let x = 0; x < ACROSS; x++) {
    let sum = 0;
    let n = 0;
    for (let y = 0; y < height; y++)
      if (mask[y * ACROSS + x]) {
        sum += y;
        n++;
      }
    if (n === 0) continue;
    const at: Point = [x + 0.5, sum / n + skip + 0.5];
    first ??= at;
    last = at;
  }
  if (!first || !last || last[0] - first[0] < 0.1 * ACROSS) return null;
  return [project(map, first), project(map, last)];
}
