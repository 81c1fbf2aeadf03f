import type { Corners, Point } from '@dagboek/core/measure/photo';
import type { PicturePoint, PictureReading, SharePoint } from '@dagboek/journal';
import type { OpenedPhoto } from '../../../offline/photos/open-photo.ts';
import type { Proposal } from '../../../offline/workers/look-at-photo.ts';

/** A point that is set on a picture: one of the board's corners, or a part of the fish. */
export type MarkName = 'corner 1' | 'corner 2' | 'corner 3' | 'corner 4' | PicturePoint;
export const CORNER_NAMES = ['corner 1', 'corner 2', 'corner 3', 'corner 4'] as const;
/** Further points, for the proportions of the body. */
export const BODY_NAMES = ['back', 'belly', 'eye', 'dorsal', 'anal'] as const satisfies readonly PicturePoint[];

/** Every mark set so far, px of the picture. */
export type Marks = Readonly<Partial<Record<MarkName, Point>>>;

export const MARK_WORDS: Readonly<Record<MarkName, string>> = {
  'corner 1': 'Corner 1, at the nose end, on the side of the rule',
  'corner 2': 'Corner 2, at the far end, on the side of the rule',
  'corner 3': 'Corner 3, at the far end, on the other side',
  'corner 4': 'Corner 4, at the nose end, on the other side',
  snout: 'Snout',
  tail: 'Tail',
  back: 'Back, where the body is deepest, fins left out',
  belly: 'Belly, where the body is deepest, fins left out',
  eye: 'Middle of the eye',
  dorsal: 'Where the first back fin begins',
  anal: 'Where the anal fin begins',
};

/** Where the marks stand at first: as proposed, or, where the board did not stand out, in a usual place. */
export function firstMarks(photo: Pick<OpenedPhoto, 'width' | 'height'>, found: Proposal | null): Marks {
  const at = (x: number, y: number): Point => [x * photo.width, y * photo.height];
  const corners = found?.corners ?? [at(0.1, 0.3), at(0.9, 0.3), at(0.9, 0.7), at(0.1, 0.7)];
  const within = (t: number): Point => {
    const [a, b, c, d] = corners as Corners;
    return [0, 1].map((i) => {
      const near = ((a[i as 0] + d[i as 0]) / 2) * (1 - t);
      return near + ((b[i as 0] + c[i as 0]) / 2) * t;
    }) as unknown as Point;
  };
  const [snout, tail] = found?.ends ?? [within(0.1), within(0.8)];
  return {
    ...Object.fromEntries(CORNER_NAMES.map((name, i) => [name, corners[i] as Point])),
    snout,
    tail,
  };
}

/** A part of a picture, px. */
export interface View {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly high: number;
}

/** The part of the picture around the board, with room to move; the whole picture while the board was not found. */
export function viewOf(photo: Pick<OpenedPhoto, 'width' | 'height'>, found: Proposal | null): View {
  if (!found) return { x: 0, y: 0, wide: photo.width, high: photo.height };
  const room = 0.07 * photo.width;
  const span = (axis: 0 | 1, most: number): [number, number] => {
    const all = [...found.corners, ...(found.ends ?? [])].map((p) => p[axis]);
    return [Math.max(0, Math.min(...all) - room), Math.min(most, Math.max(...all) + room)];
  };
  const [x0, x1] = span(0, photo.width);
  const [y0, y1] = span(1, photo.height);
  const wide = x1 - x0;
  // A long board is shown with what lies above and below it, so that there is room for the loupe beside it.
  const high = Math.min(photo.height, Math.max(y1 - y0, 0.72 * wide));
  const y = Math.min(photo.height - high, Math.max(0, (y0 + y1 - high) / 2));
  return { x: x0, y, wide, high };
}

/** Where further points stand at first: about where they lie on most fish, between snout and tail. */
export function bodyMarks(marks: Marks, depth: number): Marks {
  const { snout, tail } = marks;
  if (!snout || !tail) return {};
  const [dx, dy] = [tail[0] - snout[0], tail[1] - snout[1]];
  const at = (along: number, across: number): Point => [
    snout[0] + dx * along - dy * across,
    snout[1] + dy * along + dx * across,
  ];
  return {
    back: at(0.38, -depth / 2),
    belly: at(0.38, depth / 2),
    eye: at(0.09, -depth * 0.12),
    dorsal: at(0.34, -depth * 0.48),
    anal: at(0.62, depth * 0.4),
  };
}

/** The four corners, in turn; null while one is missing. */
export function cornersOf(marks: Marks): Corners | null {
  const list = CORNER_NAMES.map((n) => marks[n]);
  return list.every((p) => p !== undefined) ? (list as unknown as Corners) : null;
}

/** The reading as it is written down: shares of the picture, to a ten-thousandth of it. */
export function readingOf(
  marks: Marks,
  size: { readonly width: number; readonly height: number },
  boardMm: readonly [number, number],
): PictureReading {
  const share = ([x, y]: Point): SharePoint => [
    Math.round((x / size.width) * 1e5) / 1e5,
    Math.round((y / size.height) * 1e5) / 1e5,
  ];
  const points = Object.fromEntries(
    (['snout', 'tail', ...BODY_NAMES] as const).flatMap((n) => (marks[n] ? [[n, share(marks[n])]] : [])),
  );
  return {
    boardMm,
    corners: CORNER_NAMES.map((n) => share(marks[n] ?? [0, 0])) as unknown as PictureReading['corners'],
    points,
  };
}
