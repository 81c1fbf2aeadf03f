import { describe, expect, test } from '@jest/globals';
import type { Point } from '@dagboek/core/measure/photo';
import { validateEntry, measuredOf } from '@dagboek/journal';
import { anEntry, idOf } from '../../../../../journal/src/builders.test-support.ts';
import { bodyMarks, cornersOf, firstMarks, type Marks, readingOf, viewOf } from './marks.ts';
import { readPhoto } from './read-photo.ts';

const SIZE = { width: 1600, height: 1200 };
const CORNERS: readonly Point[] = [
  [200, 400],
  [1400, 400],
  [1400, 800],
  [200, 800],
];
const FOUND = { corners: CORNERS as never, ends: [[210, 600] as Point, [1010, 600] as Point] as const };
// Straight from above: 2 px to the millimetre.
const BOARD = [600, 200] as const;
const SHAPE = { shape: { depth: [0.2, 0.24], widthToDepth: 0.5 } } as const;

describe('marks on a picture', () => {
  test('stand where they were proposed', () => {
    const m = firstMarks(SIZE, FOUND);
    expect(cornersOf(m)).toEqual(CORNERS);
    expect([m.snout, m.tail]).toEqual(FOUND.ends);
  });

  test('without a proposal they stand so that they can be read at once, and dragged', () => {
    const m = firstMarks(SIZE, null);
    const r = readPhoto(m, [1600, 1200], [600, 225], SHAPE);
    expect(r?.length.ok).toBe(true);
    expect(viewOf(SIZE, null)).toEqual({ x: 0, y: 0, wide: 1600, high: 1200 });
  });

  test('a board without its fish has the ends put along its middle', () => {
    const m = firstMarks(SIZE, { ...FOUND, ends: null });
    expect(m.snout).toEqual([320, 600]);
    expect(m.tail).toEqual([1160, 600]);
  });

  test('the view holds the board with room about it, and stays within the picture', () => {
    const v = viewOf(SIZE, FOUND);
    expect(v.x).toBeCloseTo(88, 6);
    expect(v.wide).toBeCloseTo(1424, 6);
    expect(v.high).toBeGreaterThanOrEqual(0.7 * v.wide);
    expect(v.y).toBeGreaterThanOrEqual(0);
    expect(v.y + v.high).toBeLessThanOrEqual(1200);
  });

  test('the length is taken down for the body that stands above the board; of no fish, for a usual one', () => {
    const m = firstMarks(SIZE, FOUND);
    const flat = readPhoto(m, [1600, 1200], BOARD, { shape: { depth: [0, 0], widthToDepth: 0 } });
    expect(flat?.length.ok && flat.length.lengthMm).toBeCloseTo(400, 6);
    const thick = readPhoto(m, [1600, 1200], BOARD, SHAPE);
    expect(thick?.length.ok && thick.length.lengthMm).toBeLessThan(395);
    expect(readPhoto({}, [1600, 1200], BOARD, SHAPE)).toBeNull();
  });

  test('what is written down passes the journal, and gives the same proportions when it is read again at another size', () => {
    const first = firstMarks(SIZE, FOUND);
    const m: Marks = { ...first, ...bodyMarks(first, 0.22) };
    const before = readPhoto(m, [1600, 1200], BOARD, SHAPE)?.ratios;
    if (!before?.ok) throw new Error('no proportions');
    expect(before.ratios.depth?.value).toBeCloseTo(0.22, 6);
    expect(before.ratios.anal?.value).toBeCloseTo(0.62, 6);
    const facts = { photo: 'a'.repeat(64), ...SIZE, reading: readingOf(m, SIZE, BOARD) };
    const entry = anEntry('fish.pictured', idOf('a'), facts);
    expect(validateEntry(entry, Date.parse(entry.at) + 1000)).toMatchObject({ ok: true });
    const picture = { ...facts, width: 800, height: 600, at: entry.at, about: false };
    const again = measuredOf({ length: null, pictures: [picture] }).ratios;
    expect(again?.['depth']?.value).toBeCloseTo(0.22, 3);
    expect(again?.['dorsal']?.value).toBeCloseTo(0.34, 3);
  });

  test('a picture without a board says nothing of proportions', () => {
    const picture = { photo: 'a'.repeat(64), ...SIZE, at: '2026-09-12T12:00:00+01:00', about: false };
    expect(measuredOf({ length: null, pictures: [picture] })).toEqual({ lengthMm: null });
  });
});
