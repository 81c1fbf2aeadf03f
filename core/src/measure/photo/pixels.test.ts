import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hullOf } from './find-board.ts';
import { findFish, type Grey, type Point, toGrey } from './index.ts';
import { largestPatch, otsu } from './pixels.ts';
import { solve } from './solve.ts';
import { spreadOf } from './spread.ts';

const paint = (width: number, height: number, is: (x: number, y: number) => number): Grey => ({
  width,
  height,
  data: Uint8Array.from({ length: width * height }, (_, k) => is(k % width, Math.floor(k / width))),
});

describe('shades of grey', () => {
  test('red, green and blue weigh as the eye sees them', () => {
    const data = Uint8ClampedArray.of(255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255, 255, 255, 255, 255);
    expect([...toGrey({ width: 4, height: 1, data }, 100).data]).toEqual([76, 150, 29, 255]);
  });

  test('a large picture is made smaller by whole steps, each the mean of its square', () => {
    const data = Uint8ClampedArray.from({ length: 8 * 4 * 4 }, (_, i) => ((i >> 2) % 8 < 4 ? 0 : 200));
    const g = toGrey({ width: 8, height: 4, data }, 4);
    expect([g.width, g.height, g.step]).toEqual([4, 2, 2]);
    expect([...g.data]).toEqual([0, 0, 200, 200, 0, 0, 200, 200]);
  });

  test('two shades are parted between them, with full contrast; one shade has none', () => {
    const two = otsu(Uint8Array.from({ length: 100 }, (_, i) => (i < 40 ? 30 : 210)));
    expect(two.threshold).toBeGreaterThanOrEqual(30);
    expect(two.threshold).toBeLessThan(210);
    expect(two.contrast).toBeCloseTo(1, 9);
    expect(otsu(new Uint8Array(50).fill(90)).contrast).toBe(0);
  });

  test('the largest patch touches by its sides, not by its corners', () => {
    const g = paint(5, 3, (x, y) => ((x < 2 && y < 2) || (x > 1 && y === 2) ? 255 : 0));
    const { mask, count } = largestPatch(g, (v) => v > 0);
    expect(count).toBe(4);
    expect([...mask].slice(10)).toEqual([0, 0, 0, 0, 0]);
    expect(largestPatch(g, () => false).count).toBe(0);
  });
});

describe('the hull of points', () => {
  test('holds every point, and each of its corners is one of them', () => {
    const point = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 }));
    fc.assert(
      fc.property(fc.array(point, { minLength: 4, maxLength: 40 }), (points) => {
        const hull = hullOf(points);
        fc.pre(hull.length > 2);
        for (const p of points)
          hull.forEach((a, i) => {
            const b = hull[(i + 1) % hull.length] as Point;
            expect((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])).toBeGreaterThanOrEqual(0);
          });
        for (const h of hull) expect(points).toContainEqual(h);
      }),
    );
  });
});

describe('small systems and errors carried through', () => {
  test('a system is solved, whatever the order of its rows; one without a single answer is not', () => {
    expect(
      solve(
        [
          [0, 2],
          [1, 1],
        ],
        [4, 5],
      ),
    ).toEqual([3, 2]);
    expect(
      solve(
        [
          [1, 1],
          [0, 2],
        ],
        [5, 4],
      ),
    ).toEqual([3, 2]);
    expect(
      solve(
        [
          [1, 2],
          [2, 4],
        ],
        [1, 2],
      ),
    ).toBeNull();
  });

  test('of a distance between two points the error is that of both, along it', () => {
    const distance = (p: readonly Point[]): number[] => [Math.hypot(p[1]![0] - p[0]![0], p[1]![1] - p[0]![1])];
    expect(
      spreadOf(
        [
          [0, 0],
          [300, 400],
        ],
        2,
        distance,
      )[0],
    ).toBeCloseTo(2 * Math.SQRT2, 6);
    expect(
      spreadOf(
        [
          [0, 0],
          [300, 400],
        ],
        2,
        () => [7],
      )[0],
    ).toBe(0);
  });
});

describe('where a fish lies on its board', () => {
  const corners = [
    [20, 30],
    [220, 30],
    [220, 100],
    [20, 100],
  ] as unknown as Parameters<typeof findFish>[1];
  const board = (fish: (x: number, y: number) => boolean, light = 220, dark = 60): Grey =>
    paint(240, 130, (x, y) => (x < 20 || x >= 220 || y < 30 || y >= 100 ? 10 : fish(x, y) ? dark : light));

  test('its ends are found on a light board and on a dark one', () => {
    const body = (x: number, y: number): boolean => x > 40 && x < 160 && Math.abs(y - 65) < 10;
    for (const grey of [board(body), board(body, 60, 220)]) {
      const [a, b] = findFish(grey, corners, [600, 210]) ?? [];
      expect(a?.[0]).toBeCloseTo(41, 0);
      expect(b?.[0]).toBeCloseTo(159, 0);
      expect(a?.[1]).toBeCloseTo(65, 0);
    }
  });

  test('an empty board, and a speck on it, are no fish', () => {
    expect(
      findFish(
        board(() => false),
        corners,
        [600, 210],
      ),
    ).toBeNull();
    expect(
      findFish(
        board((x, y) => x === 100 && y > 60 && y < 64),
        corners,
        [600, 210],
      ),
    ).toBeNull();
  });
});
