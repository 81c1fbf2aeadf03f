import { type Refusal, refuse, type Result } from '../../result/index.ts';
import { sayShortLength, shortLength, type Units } from '../../units/index.ts';
import { cameraPlace, seenRatio } from './camera.ts';
import { checkCorners, type Corners } from './check-corners.ts';
import {
  fitHomography,
  type Homography,
  inverse,
  isBeforeHorizon,
  type Pair,
  type Point,
  project,
} from './homography.ts';
import { spreadOf } from './spread.ts';

/** A fish on a board in a picture. */
export interface PhotoOfFish {
  /** The picture, px. */
  readonly size: readonly [number, number];
  /** The board, mm: its length and its width. */
  readonly boardMm: readonly [number, number];
  readonly corners: Corners;
  /** Further marks whose place on the board is known (mm from the first corner, along it and across): they check the fit. */
  readonly marks?: readonly { readonly at: Point; readonly boardMm: Point }[];
  readonly snout: Point;
  readonly tail: Point;
  /** How thick a fish of this kind is, as a share of its length: what lies above the board looks longer. */
  readonly thickness?: number;
  /** In which units refusals and warnings are said; left out: metric. */
  readonly units?: Units;
}

/** A length read out of a picture. */
export interface PhotoLength {
  readonly lengthMm: number;
  /** One standard deviation, mm, at least 1.0 % of the length. */
  readonly sdMm: number;
  /** The part of it that comes from setting the points, mm. */
  readonly pickSdMm: number;
  /** Pixels to a millimetre where the fish lies. */
  readonly pxPerMm: number;
  /** Root mean square distance of corners and marks from where the fit puts them, px; null with corners alone, which fit exactly. */
  readonly reprojectionPx: number | null;
  /** What was taken off because the body stands above the board: share of the length, and the camera's height it goes by. */
  readonly parallax: { readonly share: number; readonly cameraMm: number; readonly focalKnown: boolean };
  /** Something to look at again; the length holds all the same. */
  readonly warnings: readonly string[];
}

/** How well a point is set by hand, as a share of the picture's longer side, 1 sd. */
export const PICK_SHARE = 0.0015;
/** Thickness of a fish of unknown kind, as a share of its length. */
const USUAL_THICKNESS = 0.1;
/** The photo never counts as better than this share of the length. */
export const LEAST_ERROR = 0.01;

/** The fixed points of a photo, corners first, and the map from picture to board (mm) that they give. */
export const fixedPoints = (photo: PhotoOfFish): Point[] => [...photo.corners, ...(photo.marks ?? []).map((m) => m.at)];
/** The projection from a picture, px, to its board, mm, from the corners and marks; null where they fit none. */
export function toBoard(photo: PhotoOfFish, fixed: readonly Point[] = fixedPoints(photo)): Homography | null {
  const [l, w] = photo.boardMm;
  const board: Point[] = [[0, 0], [l, 0], [l, w], [0, w], ...(photo.marks ?? []).map((m) => m.boardMm)];
  return fitHomography(board.map((to, i): Pair => ({ from: fixed[i] as Point, to })));
}

const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Refuses a board or points that cannot be. */
export function checkPhoto(photo: PhotoOfFish): { ok: true } | Refusal {
  const [l, w] = photo.boardMm;
  if (!(l >= 50 && w >= 20 && l <= 5000 && w <= 5000))
    return refuse(
      `Give the length and the width of the board: from ${shortLength(50, photo.units)} by ${shortLength(20, photo.units)} to ${shortLength(5000, photo.units)} by ${sayShortLength(5000, photo.units)}.`,
      'board',
    );
  const good = checkCorners(photo.corners, photo.size);
  if (!good.ok) return good;
  const least = 0.03 * Math.max(...photo.size);
  if (apart(photo.snout, photo.tail) < least)
    return refuse('Snout and tail are almost at the same place. Drag each to its end of the fish.', 'ends');
  return { ok: true };
}

/**
 * The length from snout to tail in the plane of a board of known size (mm), with its error: four corners give the plane,
 * the error of setting every point is carried through, and the body's height above the board is taken off, half of it
 * counting as doubt. Refuses corners that cannot be, with a sentence.
 */
export function lengthFromPhoto(photo: PhotoOfFish): Result<PhotoLength> {
  const good = checkPhoto(photo);
  if (!good.ok) return good;
  const fixed = fixedPoints(photo);
  const n = fixed.length;
  const map = toBoard(photo);
  if (!map) return refuse('These corners do not form a board. Mark them again.', 'corners');
  const flat = apart(project(map, photo.snout), project(map, photo.tail));
  if (!Number.isFinite(flat) || ![photo.snout, photo.tail].every((p) => isBeforeHorizon(map, p, photo.corners[0])))
    return refuse(
      'An end of the fish lies beyond the horizon of the board, where nothing can be measured. Set both ends on the fish.',
      'ends',
    );
  const sdPx = PICK_SHARE * Math.max(...photo.size);
  const [pick = 0] = spreadOf([...fixed, photo.snout, photo.tail], sdPx, (p) => {
    const m = toBoard(photo, p.slice(0, n));
    return [m ? apart(project(m, p[n] as Point), project(m, p[n + 1] as Point)) : flat];
  });
  const back = inverse(map);
  const camera = cameraPlace(back, photo.size);
  // Snout and tail tip lie at the height of the body's middle line.
  const heightMm = (flat * (photo.thickness ?? USUAL_THICKNESS)) / 2;
  const share = Math.min(0.5, heightMm / Math.max(camera.heightMm, heightMm * 2));
  const lengthMm = flat * (1 - share);
  const pickSdMm = pick * (1 - share);
  const sdMm = Math.max(LEAST_ERROR * lengthMm, Math.hypot(pickSdMm, (share / 2) * flat));
  const reprojectionPx = photo.marks?.length ? misfit(photo, fixed, back) : null;
  return {
    ok: true,
    lengthMm,
    sdMm,
    pickSdMm,
    pxPerMm: apart(photo.snout, photo.tail) / flat,
    reprojectionPx,
    parallax: { share, cameraMm: camera.heightMm, focalKnown: camera.focalKnown },
    warnings: warningsOf(photo, { share, reprojectionPx, sdPx, cameraMm: camera.heightMm }, map),
  };
}

function misfit(photo: PhotoOfFish, fixed: readonly Point[], toImage: Homography): number {
  const [l, w] = photo.boardMm;
  const board: Point[] = [[0, 0], [l, 0], [l, w], [0, w], ...(photo.marks ?? []).map((m) => m.boardMm)];
  const sum = board.reduce((s, b, i) => s + apart(project(toImage, b), fixed[i] as Point) ** 2, 0);
  return Math.sqrt(sum / board.length);
}

function warningsOf(
  photo: PhotoOfFish,
  seen: { share: number; reprojectionPx: number | null; sdPx: number; cameraMm: number },
  map: Homography,
): string[] {
  const out: string[] = [];
  const [l, w] = photo.boardMm;
  const unit = fitHomography(
    (
      [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ] as Point[]
    ).map((from, i) => ({ from, to: photo.corners[i] as Point })),
  );
  const ratio = unit ? seenRatio(unit, photo.size) : l / w;
  if (Math.abs(Math.log(ratio / (l / w))) > 0.2)
    out.push(
      `In the picture the board looks ${ratio.toFixed(1)} times as long as wide; ${shortLength(l, photo.units)} by ${sayShortLength(w, photo.units)} is ${(l / w).toFixed(1)} times. Is it this board, and are the corners in order?`,
    );
  if (seen.share > 0.02)
    out.push(
      `The camera was only about ${sayShortLength(Math.round(seen.cameraMm / 10) * 10, photo.units)} above the board: a body above the board looks ${(seen.share * 100).toFixed(0)} % longer. That is corrected. It is less from higher up.`,
    );
  if (seen.reprojectionPx !== null && seen.reprojectionPx > 3 * seen.sdPx)
    out.push('The marks do not match the corners: a corner is wrong, or the board is bent.');
  const off = [photo.snout, photo.tail].some((p) => {
    const [x, y] = project(map, p);
    return x < -0.1 * l || x > 1.1 * l || y < -0.25 * w || y > 1.25 * w;
  });
  if (off) out.push('One end of the fish is outside the board, where it is measured less exactly.');
  return out;
}
