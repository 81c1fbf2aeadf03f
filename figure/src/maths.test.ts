import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  bowed,
  clamp,
  dist,
  lerp,
  mix2,
  polar,
  profile,
  randomFrom,
  range,
  resample,
  simplify,
  soften,
  spline,
  tone,
} from './maths.ts';
import type { Pt } from './spec.ts';

const aPoint = fc.tuple(fc.integer({ min: -500, max: 500 }), fc.integer({ min: -500, max: 500 }));
const aLine: fc.Arbitrary<Pt[]> = fc.array(aPoint, { minLength: 3, maxLength: 12 });
const length = (pts: readonly Pt[]): number => pts.slice(1).reduce((sum, p, i) => sum + dist(pts[i], p), 0);

describe('points', () => {
  test('between, held and turned', () => {
    expect(lerp(2, 6, 0.25)).toBe(3);
    expect(mix2([0, 0], [10, 20], 0.5)).toEqual([5, 10]);
    expect([clamp(-1, 0, 5), clamp(9, 0, 5), clamp(3, 0, 5)]).toEqual([0, 5, 3]);
    const [x, y] = polar([1, 1], 90, 2);
    expect(x).toBeCloseTo(1, 9);
    expect(y).toBeCloseTo(3, 9);
    expect(range(3, (i, t) => [i, t])).toEqual([
      [0, 0],
      [1, 0.5],
      [2, 1],
    ]);
    expect(range(1, (_, t) => t)).toEqual([0.5]);
  });

  test('colours mix channel by channel', () => {
    expect(tone('#000000', '#ffffff', 0.5)).toBe('#808080');
    expect(tone('#102030', '#102030', 0.3)).toBe('#102030');
  });
});

describe('lines', () => {
  test('a spline goes through its points and never overshoots far', () => {
    fc.assert(
      fc.property(aLine, (pts) => {
        const s = spline(pts, 8);
        expect(dist(s[0], pts[0])).toBeLessThan(1e-6);
        expect(dist(s.at(-1)!, pts.at(-1)!)).toBeLessThan(1e-6);
        for (const [x, y] of s) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
        const box = Math.max(...pts.flat().map(Math.abs)) * 2 + 10;
        for (const p of s) expect(Math.max(Math.abs(p[0]), Math.abs(p[1]))).toBeLessThanOrEqual(box);
      }),
    );
  });

  test('two points stay as they are', () => {
    expect(
      spline([
        [0, 0],
        [1, 1],
      ]),
    ).toEqual([
      [0, 0],
      [1, 1],
    ]);
  });

  test('resampling spaces evenly and keeps the ends', () => {
    const even = resample(
      [
        [0, 0],
        [10, 0],
        [10, 10],
      ],
      4,
    );
    expect(even).toEqual([
      [0, 0],
      [5, 0],
      [10, 0],
      [10, 5],
      [10, 10],
    ]);
  });

  test('simplifying drops only what lies near the line', () => {
    const straight = Array.from({ length: 20 }, (_, i): Pt => [i, 0]);
    expect(simplify(straight, 0.1)).toEqual([
      [0, 0],
      [19, 0],
    ]);
    const bump = straight.map((p, i): Pt => (i === 10 ? [10, 5] : p));
    expect(simplify(bump, 0.1)).toContainEqual([10, 5]);
    fc.assert(fc.property(aLine, (pts) => simplify(pts, 1).every((p) => pts.includes(p))));
  });

  test('softening keeps the ends and never lengthens', () => {
    fc.assert(
      fc.property(aLine, (pts) => {
        fc.pre(length(pts) > 20);
        const s = soften(pts, 3, 5);
        expect(dist(s[0], pts[0])).toBeLessThan(1e-9);
        expect(dist(s.at(-1)!, pts.at(-1)!)).toBeLessThan(1e-9);
        expect(length(s)).toBeLessThanOrEqual(length(pts) + 1e-6);
      }),
    );
  });

  test('a bow of nothing is straight; bowed, its middle moves sideways by half the bow', () => {
    expect(bowed([0, 0], [10, 0], 0, 2)[1]).toEqual([5, 0]);
    expect(bowed([0, 0], [10, 0], 0.4, 2)[1]![1]).toBeCloseTo(-2, 9);
  });
});

describe('profiles', () => {
  const table: Pt[] = [
    [0, 1],
    [0.5, 3],
    [1, 2],
  ];
  test('through the given points, constant outside, a number is itself', () => {
    expect([
      profile(table, 0),
      profile(table, 0.5),
      profile(table, 1),
      profile(table, -1),
      profile(table, 9),
      profile(7, 0.3),
    ]).toEqual([1, 3, 2, 1, 2, 7]);
  });
});

test('random numbers come from the text alone', () => {
  const a = randomFrom('pollack');
  const b = randomFrom('pollack');
  const c = randomFrom('perch');
  const three = (r: () => number): number[] => [r(), r(), r()];
  const first = three(a);
  expect(three(b)).toEqual(first);
  expect(three(c)).not.toEqual(first);
  expect(first.every((x) => x >= 0 && x < 1)).toBe(true);
});
