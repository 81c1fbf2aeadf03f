import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import {
  type Corners,
  findBoard,
  findFish,
  type Grey,
  lengthFromPhoto,
  type Point,
  toGrey,
} from '@dagboek/core/measure/photo';
import sharp from 'sharp';
import { loadSpecies } from '../load.ts';
import type { PracticePicture } from './practice-pictures.ts';

const FOLDER = join(import.meta.dirname, '../../../web/public/practice');
const PICTURES = JSON.parse(readFileSync(join(FOLDER, 'practice.json'), 'utf8')) as PracticePicture[];
const SPECIES = loadSpecies();

async function greyOf(p: PracticePicture): Promise<Grey & { step: number }> {
  const { data, info } = await sharp(join(FOLDER, p.file)).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return toGrey({ width: info.width, height: info.height, data: new Uint8Array(data) }, 500);
}
const apart = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
const photoOf = (p: PracticePicture) => {
  const { shape } = SPECIES.find((s) => s.id === p.species) ?? {};
  if (!shape) throw new Error(p.species);
  const corners = p.corners as unknown as Corners;
  const thickness = ((shape.depth[0] + shape.depth[1]) / 2) * shape.widthToDepth;
  return { size: p.size, boardMm: p.boardMm, corners, snout: p.snout, tail: p.tail, thickness };
};
const cases = PICTURES.map((p) => [p.file, p] as const);

describe.each(cases)('the practice picture %s', (_, p) => {
  test('read at its true points gives the true length, the raised body taken off', () => {
    const r = lengthFromPhoto(photoOf(p));
    if (!r.ok) throw new Error(r.why);
    expect(Math.abs(r.lengthMm / p.lengthMm - 1)).toBeLessThan(0.012);
    expect(Math.abs(r.lengthMm - p.lengthMm)).toBeLessThan(1.96 * r.sdMm);
  });
});

describe.each(cases.filter(([f]) => f !== 'trout.jpg'))('what is proposed for %s', (_, p) => {
  test('the corners lie within 6 px of the board’s, in turn', async () => {
    const grey = await greyOf(p);
    const found = findBoard(grey);
    expect(found).not.toBeNull();
    p.corners.forEach((c, i) => {
      const at = (found?.[i] ?? [0, 0]).map((x) => (x + 0.5) * grey.step) as unknown as Point;
      expect(apart(at, c)).toBeLessThan(6);
    });
  });

  test('the ends of the fish lie within 8 in 100 of its length, near enough to be set by hand', async () => {
    const grey = await greyOf(p);
    const scaled = p.corners.map((c) => c.map((x) => x / grey.step)) as unknown as Corners;
    const ends = findFish(grey, scaled, p.boardMm);
    expect(ends).not.toBeNull();
    const long = apart(p.snout, p.tail);
    [p.snout, p.tail].forEach((end, i) => {
      const at = (ends?.[i] ?? [0, 0]).map((x) => x * grey.step) as unknown as Point;
      expect(apart(at, end) / long).toBeLessThan(0.08);
    });
  });
});

test('no corners are proposed where board and ground are alike, and the low camera is warned of', async () => {
  const p = PICTURES.find((x) => x.file === 'trout.jpg') as PracticePicture;
  expect(findBoard(await greyOf(p))).toBeNull();
  const r = lengthFromPhoto(photoOf(p));
  expect(r.ok && r.warnings.join()).toContain('above the board');
});

test('a board with a rounded corner, half shadow or a fish over its edge is found all the same; noise is not', () => {
  const size = 240;
  const paint = (is: (x: number, y: number) => number): Grey => ({
    width: size,
    height: size,
    data: Uint8Array.from({ length: size * size }, (_, k) => is(k % size, Math.floor(k / size))),
  });
  const board = (x: number, y: number): boolean => x > 40 && x < 200 && y > 90 && y < 150;
  const rounded = paint((x, y) =>
    board(x, y) && Math.hypot(x - 44, y - 94) >= 4 - (x > 44 || y > 94 ? 9 : 0) ? 220 : 40,
  );
  const overhanging = paint((x, y) => (x > 60 && x < 90 && y > 120 && y < 156 ? 60 : board(x, y) ? 220 : 40));
  for (const grey of [rounded, overhanging]) {
    const found = findBoard(grey) ?? [];
    expect(found).toHaveLength(4);
    [
      [41, 91],
      [199, 91],
      [199, 149],
      [41, 149],
    ].forEach((c, i) => expect(apart(found[i] as Point, c as unknown as Point)).toBeLessThan(3));
  }
  let seed = 1;
  const noise = paint(() => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) % 256);
  expect(findBoard(noise)).toBeNull();
  expect(findBoard(paint(() => 128))).toBeNull();
  expect(findBoard(paint((x, y) => (Math.hypot(x - 120, y - 120) < 80 ? 220 : 40)))).toBeNull();
});
