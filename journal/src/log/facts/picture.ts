import { IsArray, IsInt, IsNumber, IsObject, IsOptional, IsString, Matches, Max, Min } from 'class-validator';
import { isPlace } from './place.ts';
import { isInstant } from '@dagboek/core/time';
import { Satisfies } from './satisfies.ts';

/** Points of a picture by name; each is [x, y] as shares of its width and height, so that they hold at any size. */
export const PICTURE_POINTS = ['snout', 'tail', 'back', 'belly', 'eye', 'dorsal', 'anal'] as const;
export type PicturePoint = (typeof PICTURE_POINTS)[number];
export type SharePoint = readonly [number, number];

/** How the length was read out of it: the board's corners and the points of the fish. */
export interface PictureReading {
  /** Length and width of the board, mm. */
  readonly boardMm: readonly [number, number];
  readonly corners: readonly [SharePoint, SharePoint, SharePoint, SharePoint];
  readonly points: Readonly<Partial<Record<PicturePoint, SharePoint>>>;
}

const isPoint = (p: unknown): boolean =>
  Array.isArray(p) && p.length === 2 && p.every((x) => typeof x === 'number' && x >= -0.5 && x <= 1.5);
function isReading(value: unknown): boolean {
  const r = value as { boardMm?: unknown; corners?: unknown; points?: unknown } | null;
  const board = Array.isArray(r?.boardMm) && r.boardMm.length === 2 && r.boardMm.every((x) => x > 0 && x <= 5000);
  const corners = Array.isArray(r?.corners) && r.corners.length === 4 && r.corners.every(isPoint);
  const points = Object.entries((r?.points ?? {}) as object);
  const named = points.every(([k, p]) => (PICTURE_POINTS as readonly string[]).includes(k) && isPoint(p));
  return board && corners && named;
}
/** A day and a time without an offset, as a camera notes them. */
const isWallClock = (x: unknown): boolean => isInstant(`${String(x)}Z`);

/** A picture of this fish. The file is kept apart, by its content; it holds no place and no camera. */
export class FishPictured {
  /** SHA-256 of the file as it was taken in, hex: its name for ever. */
  @Matches(/^[0-9a-f]{64}$/, { message: 'A picture is named by the 64 hex digits of its content.' }) photo!: string;
  /** Its size, upright, px. */
  @IsInt() @Min(1) @Max(20_000) width!: number;
  @IsInt() @Min(1) @Max(20_000) height!: number;
  /** When its own clock says that it was taken, as that clock writes it. */
  @IsOptional()
  @IsString()
  @Satisfies('The time of the picture is a date and a time.', isWallClock)
  takenAt?: string;
  /** Longitude and latitude out of the picture: only when the user chose to keep them. */
  @IsOptional()
  @IsArray()
  @IsNumber({}, { each: true })
  @Satisfies('A place is a longitude and a latitude in degrees.', isPlace)
  position?: [number, number];
  @IsOptional()
  @IsObject()
  @Satisfies('A reading of a picture has the size of the board, its four corners and points of the fish.', isReading)
  reading?: PictureReading;
}
