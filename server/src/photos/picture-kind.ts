/** Kinds of pictures that are taken in. */
export type PictureKind = 'jpeg' | 'png' | 'webp' | 'avif';

const starts = (file: Buffer, at: number, text: string): boolean =>
  file.subarray(at, at + text.length).toString('latin1') === text;

/**
 * What kind of picture a file is, by its first bytes; null for any other. Asked before it is decoded: of other kinds (SVG,
 * GIF, TIFF) a few hundred bytes can keep a decoder busy for minutes.
 */
export function pictureKind(file: Buffer): PictureKind | null {
  if (starts(file, 0, '\xff\xd8\xff')) return 'jpeg';
  if (starts(file, 0, '\x89PNG\r\n\x1a\n')) return 'png';
  if (starts(file, 0, 'RIFF') && starts(file, 8, 'WEBP')) return 'webp';
  if (starts(file, 4, 'ftyp') && /avi[fs]/.test(file.subarray(8, 40).toString('latin1'))) return 'avif';
  return null;
}
