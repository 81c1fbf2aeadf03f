import { isInstant } from '@dagboek/core/time';
import { compute, type NotComputed } from '../workers/compute.ts';
import type { Proposal } from '../workers/look-at-photo.ts';

/** Pixels are looked at on a copy whose longer side is at most this. */
const LONGEST = 1600;

/** A picture opened on this device. */
export interface OpenedPhoto {
  readonly file: Blob;
  /** Upright, px. */
  readonly width: number;
  readonly height: number;
  /** When its own clock says that it was taken, without a zone: "2026-09-12T12:16:00". */
  readonly takenAt: string | null;
  /** Longitude, latitude; null when it holds none. */
  readonly position: readonly [number, number] | null;
  /** Its pixels, made smaller by `shrunk`. */
  readonly pixels: ImageData;
  readonly shrunk: number;
}

/** What a camera noted in the file; nothing where it noted nothing that can be read. */
async function notesOf(file: Blob): Promise<{ takenAt: string | null; position: [number, number] | null }> {
  try {
    const exifr = await import('exifr');
    const notes = (await exifr.parse(file, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false })) as
      { DateTimeOriginal?: string; CreateDate?: string } | undefined;
    const m = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(notes?.DateTimeOriginal ?? notes?.CreateDate ?? '');
    const gps = (await exifr.gps(file)) as { latitude: number; longitude: number } | undefined;
    const held = gps && Number.isFinite(gps.latitude) && Number.isFinite(gps.longitude);
    const takenAt = m ? `${m[1]}-${m[2]}-${m[3]}T${m[4]}` : null;
    return {
      // A camera whose clock was never set notes days that no calendar has.
      takenAt: isInstant(`${takenAt ?? ''}Z`) ? takenAt : null,
      position: held ? [round5(gps.longitude), round5(gps.latitude)] : null,
    };
  } catch {
    return { takenAt: null, position: null };
  }
}
const round5 = (x: number): number => Math.round(x * 1e5) / 1e5;

/** Opens a file as a picture; null when this browser cannot read it as one. */
export async function openPhoto(file: Blob): Promise<OpenedPhoto | null> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return null;
  }
  const { width, height } = bitmap;
  const shrunk = Math.min(1, LONGEST / Math.max(width, height));
  const canvas = new OffscreenCanvas(Math.round(width * shrunk), Math.round(height * shrunk));
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) return null;
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const pixels = pen.getImageData(0, 0, canvas.width, canvas.height);
  return { file, width, height, pixels, shrunk, ...(await notesOf(file)) };
}

/**
 * Where board and fish may lie, px of the picture, found beside the page's own work. `proposal` null: the board does not
 * stand out, or, with `why`, nothing could be looked at; the marks are then set by hand.
 */
export async function proposeMarks(
  photo: OpenedPhoto,
  boardMm: readonly [number, number],
): Promise<{ readonly proposal: Proposal | null; readonly why: NotComputed | null }> {
  const { width, height, data } = photo.pixels;
  const found = await compute('lookAtPhoto', { picture: { width, height, data }, boardMm: [...boardMm] });
  if (!found.ok) return { proposal: null, why: found.why };
  if (!found.value) return { proposal: null, why: null };
  const whole = ([x, y]: readonly [number, number]): readonly [number, number] => [x / photo.shrunk, y / photo.shrunk];
  const { corners, ends } = found.value;
  return {
    proposal: {
      corners: corners.map(whole) as unknown as Proposal['corners'],
      ends: ends && [whole(ends[0]), whole(ends[1])],
    },
    why: null,
  };
}
