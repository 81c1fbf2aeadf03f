import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../../random/index.ts';
import {
  bodyRatios,
  cameraPlace,
  checkCorners,
  type Corners,
  fitHomography,
  inverse,
  lengthFromPhoto,
  type PhotoOfFish,
  PICK_SHARE,
  type Point,
  project,
  shoot,
  type SimulatedCamera,
} from './index.ts';

const SIZE = [1600, 1200] as const;
const BOARD = [600, 200] as const;
const CAMERA: SimulatedCamera = { at: [250, 420, 700], towards: [300, 100], focalPx: 1200, size: SIZE };
const cornersBy = (camera: SimulatedCamera): Corners =>
  [
    [0, 0],
    [600, 0],
    [600, 200],
    [0, 200],
  ].map(([x, y]) => shoot(camera, x as number, y as number)) as unknown as Corners;
const photoBy = (camera: SimulatedCamera, more: Partial<PhotoOfFish> = {}): PhotoOfFish => ({
  size: SIZE,
  boardMm: BOARD,
  corners: cornersBy(camera),
  snout: shoot(camera, 10, 100),
  tail: shoot(camera, 412, 108),
  thickness: 0,
  ...more,
});
const TRUE_MM = Math.hypot(402, 8);
const read = (photo: PhotoOfFish) => {
  const r = lengthFromPhoto(photo);
  if (!r.ok) throw new Error(r.why);
  return r;
};
const cameras = fc.record({
  at: fc.tuple(
    fc.integer({ min: -200, max: 800 }),
    fc.integer({ min: 150, max: 900 }),
    fc.integer({ min: 500, max: 1500 }),
  ),
  towards: fc.constant<Point>([300, 100]),
  focalPx: fc.integer({ min: 900, max: 2500 }),
  size: fc.constant(SIZE),
  roll: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
});

describe('the plane of the board', () => {
  test('a known map comes back from its four corners, and from forty points', () => {
    const h = [1.2, 0.3, 40, -0.1, 0.9, 25, 0.0004, -0.0007, 1];
    const grid = Array.from({ length: 40 }, (_, i): Point => [(i % 8) * 90, Math.floor(i / 8) * 70]);
    for (const from of [grid.filter((_, i) => [0, 7, 32, 39].includes(i)), grid]) {
      const fit = fitHomography(from.map((p) => ({ from: p, to: project(h, p) }))) ?? [];
      fit.forEach((x, i) => expect(x).toBeCloseTo(h[i] as number, 9));
    }
  });

  test('there and back again is where one was', () => {
    const h = [1.2, 0.3, 40, -0.1, 0.9, 25, 0.0004, -0.0007, 1];
    const [x, y] = project(inverse(h), project(h, [123, 45]));
    expect([x, y]).toEqual([expect.closeTo(123, 9), expect.closeTo(45, 9)]);
  });

  test('points on one line, or fewer than four, fix nothing', () => {
    const line = [0, 1, 2, 3].map((i) => ({ from: [i, i] as Point, to: [2 * i, 5] as Point }));
    expect(fitHomography(line)).toBeNull();
    expect(fitHomography(line.slice(0, 3))).toBeNull();
    expect(() => inverse([1, 2, 0, 2, 4, 0, 0, 0, 0])).toThrow(RangeError);
  });

  test('with errors in more than four points the fit is the one of least squares: no small change of it does better', () => {
    const rng = seeded(4);
    const h = [1, 0.1, 4, -0.1, 1, 2, 0.0002, -0.0003, 1];
    const from = Array.from({ length: 12 }, (): Point => [rng() * 500, rng() * 300]);
    const pairs = from.map((p) => {
      const [x, y] = project(h, p);
      return { from: p, to: [x + normal(rng), y + normal(rng)] as Point };
    });
    const cost = (m: readonly number[]): number =>
      pairs.reduce((s, { from: f, to }) => {
        const w = (m[6] as number) * f[0] + (m[7] as number) * f[1] + 1;
        const [x, y] = project(m, f);
        return s + ((x - to[0]) * w) ** 2 + ((y - to[1]) * w) ** 2;
      }, 0);
    const fit = fitHomography(pairs) as number[];
    for (let i = 0; i < 6; i++)
      for (const by of [-1e-3, 1e-3])
        expect(cost(fit.map((x, k) => (k === i ? x * (1 + by) : x)))).toBeGreaterThan(cost(fit) * 0.9999);
  });
});

describe('a length out of a picture', () => {
  test('of points shot by any camera is the length on the board, to a millionth of a millimetre', () => {
    fc.assert(
      fc.property(cameras, (camera) => {
        const photo = photoBy(camera as SimulatedCamera);
        fc.pre(checkCorners(photo.corners, SIZE).ok);
        expect(read(photo).lengthMm).toBeCloseTo(TRUE_MM, 6);
      }),
    );
  });

  test('the camera stands where it stood, and a body above the board is taken down to its true length', () => {
    const place = cameraPlace(
      fitHomography(
        cornersBy(CAMERA).map((to, i) => ({
          from: (
            [
              [0, 0],
              [600, 0],
              [600, 200],
              [0, 200],
            ] as Point[]
          )[i] as Point,
          to,
        })),
      ) as number[],
      SIZE,
    );
    expect(place.focalKnown).toBe(true);
    expect(place.focalPx).toBeCloseTo(1200, 4);
    expect(place.heightMm).toBeCloseTo(700, 4);
    expect(place.foot[0]).toBeCloseTo(250, 4);
    expect(place.foot[1]).toBeCloseTo(420, 4);
    // Snout and tail 24 mm up: half the thickness of a fish as thick as 0.12 of its (apparent) length.
    const up = { snout: shoot(CAMERA, 10, 100, 24), tail: shoot(CAMERA, 410, 100, 24) };
    const flat = read(photoBy(CAMERA, { ...up, thickness: 0 })).lengthMm;
    expect(flat).toBeCloseTo((400 * 700) / 676, 6);
    const thickness = 48 / flat;
    expect(read(photoBy(CAMERA, { ...up, thickness })).lengthMm).toBeCloseTo(400, 4);
  });

  test('from straight above the focal length cannot be told, and a usual one is taken', () => {
    const above: SimulatedCamera = { at: [300, 100.001, 900], towards: [300, 100], focalPx: 1200, size: SIZE };
    const r = read(photoBy(above, { thickness: 0.1 }));
    expect(r.parallax.focalKnown).toBe(false);
    expect(r.parallax.cameraMm).toBeCloseTo(900, 0);
    expect(r.pxPerMm).toBeCloseTo(1200 / 900, 6);
  });

  test('the interval from setting the points covers 95 in 100, for cameras near, far and aslant', () => {
    const rng = seeded(20);
    const views: SimulatedCamera[] = [
      CAMERA,
      { ...CAMERA, at: [600, 500, 500] },
      { ...CAMERA, at: [300, 110, 1100], roll: 0.3 },
    ];
    let covered = 0;
    const RUNS = 1500;
    for (let i = 0; i < RUNS; i++) {
      const photo = photoBy(views[i % 3] as SimulatedCamera);
      const sd = PICK_SHARE * 1600;
      const off = (p: Point): Point => [p[0] + normal(rng, 0, sd), p[1] + normal(rng, 0, sd)];
      const r = read({
        ...photo,
        corners: photo.corners.map(off) as unknown as Corners,
        snout: off(photo.snout),
        tail: off(photo.tail),
      });
      if (Math.abs(r.lengthMm - TRUE_MM) <= 1.96 * r.pickSdMm) covered++;
    }
    expect(covered / RUNS).toBeGreaterThan(0.93);
    expect(covered / RUNS).toBeLessThan(0.97);
  });

  test('it is never taken for better than one in a hundred', () => {
    const r = read(photoBy({ ...CAMERA, at: [300, 150, 900] }));
    expect(r.pickSdMm).toBeLessThan(0.01 * r.lengthMm);
    expect(r.sdMm).toBeCloseTo(0.01 * r.lengthMm, 9);
  });

  test('marks on the board check the fit, and one that is off is said', () => {
    const marks = [300, 150, 450].map((x) => ({ at: shoot(CAMERA, x, 0), boardMm: [x, 0] as Point }));
    const good = read(photoBy(CAMERA, { marks }));
    expect(good.reprojectionPx).toBeCloseTo(0, 6);
    expect(good.warnings).toEqual([]);
    const wrong = marks.map((m, i) => (i === 0 ? { ...m, at: [m.at[0] + 60, m.at[1] + 30] as Point } : m));
    const r = read(photoBy(CAMERA, { marks: wrong }));
    expect(r.reprojectionPx).toBeGreaterThan(8);
    expect(r.warnings.join()).toContain('marks do not match the corners');
  });

  test('a board of another shape, a low camera, a tail outside the board: each is said, and the length stands', () => {
    expect(read(photoBy(CAMERA, { boardMm: [600, 400] })).warnings.join()).toContain('as long as wide');
    const low: SimulatedCamera = { ...CAMERA, at: [300, 250, 350] };
    expect(read(photoBy(low, { thickness: 0.2 })).warnings.join()).toContain('above the board');
    expect(read(photoBy(CAMERA, { tail: shoot(CAMERA, 700, 100) })).warnings.join()).toContain('outside the board');
  });
});

describe('corners that cannot be', () => {
  const [a, b, c, d] = cornersBy(CAMERA);
  test.each<[string, Corners, string]>([
    ['crossed', [a, c, b, d], 'cross over'],
    ['the wrong way round', [d, c, b, a], 'mirror image'],
    ['three on a line', [a, [(a[0] + c[0]) / 2, (a[1] + c[1]) / 2], c, d], 'on one line'],
    ['one within the others', [a, b, [(a[0] + b[0]) / 2, (a[1] * 3 + d[1]) / 4], d], 'inside the others'],
    ['tiny', [a, [a[0] + 20, a[1]], [a[0] + 20, a[1] + 20], [a[0], a[1] + 20]], 'almost at the same place'],
    ['not set', [a, b, c, [Number.NaN, 0]], 'all four corners'],
  ])('%s', (_, corners, says) => {
    const r = lengthFromPhoto(photoBy(CAMERA, { corners }));
    expect(r).toMatchObject({ ok: false, field: 'corners' });
    expect(r.ok || r.why).toContain(says);
  });

  test('a board of no size, and ends on one another', () => {
    expect(lengthFromPhoto(photoBy(CAMERA, { boardMm: [0, 200] }))).toMatchObject({ ok: false, field: 'board' });
    expect(lengthFromPhoto(photoBy(CAMERA, { boardMm: [600, Number.NaN] }))).toMatchObject({
      ok: false,
      field: 'board',
    });
    expect(lengthFromPhoto(photoBy(CAMERA, { tail: shoot(CAMERA, 12, 100) }))).toMatchObject({
      ok: false,
      field: 'ends',
    });
  });

  test('whatever four points are set, the answer is a finite length or a sentence', () => {
    const point = fc.tuple(fc.integer({ min: -100, max: 1700 }), fc.integer({ min: -100, max: 1300 }));
    fc.assert(
      fc.property(fc.tuple(point, point, point, point), point, point, (corners, snout, tail) => {
        const r = lengthFromPhoto(photoBy(CAMERA, { corners, snout, tail }));
        if (!r.ok) expect(r.why).toMatch(/\.$/);
        else expect(Number.isFinite(r.lengthMm) && r.lengthMm > 0 && Number.isFinite(r.sdMm)).toBe(true);
      }),
    );
  });
});

describe('proportions of the body', () => {
  const body = {
    back: shoot(CAMERA, 160, 40),
    belly: shoot(CAMERA, 162, 160),
    eye: shoot(CAMERA, 50, 95),
    dorsal: shoot(CAMERA, 130, 45),
    anal: shoot(CAMERA, 250, 150),
  };
  const straight = photoBy(CAMERA, { tail: shoot(CAMERA, 410, 100) });

  test('are shares of the length, whatever the camera', () => {
    const r = bodyRatios(straight, body);
    if (!r.ok) throw new Error(r.why);
    const value = (k: keyof typeof r.ratios): number => r.ratios[k]?.value ?? Number.NaN;
    expect(value('depth')).toBeCloseTo(0.3, 6);
    expect(value('eye')).toBeCloseTo(0.1, 6);
    expect(value('dorsal')).toBeCloseTo(0.3, 6);
    expect(value('anal')).toBeCloseTo(0.6, 6);
  });

  test('only those whose points are set, and never better than the eye can set them', () => {
    const r = bodyRatios(straight, { back: body.back, eye: body.eye });
    if (!r.ok) throw new Error(r.why);
    expect(Object.keys(r.ratios)).toEqual(['eye']);
    expect(r.ratios.eye?.sd).toBeGreaterThanOrEqual(0.006);
    expect(bodyRatios({ ...straight, boardMm: [0, 0] }, body)).toMatchObject({ ok: false });
  });

  test('their errors cover: 95 in 100 of readings with errors in every point', () => {
    const rng = seeded(8);
    const sd = PICK_SHARE * 1600 * 3;
    let covered = 0;
    for (let i = 0; i < 800; i++) {
      const off = (p: Point): Point => [p[0] + normal(rng, 0, sd / 3), p[1] + normal(rng, 0, sd / 3)];
      const r = bodyRatios(
        {
          ...straight,
          corners: straight.corners.map(off) as unknown as Corners,
          snout: off(straight.snout),
          tail: off(straight.tail),
        },
        { back: off(body.back), belly: off(body.belly) },
      );
      if (r.ok && Math.abs((r.ratios.depth?.value ?? 0) - 0.3) <= 1.96 * (r.ratios.depth?.sd ?? 0)) covered++;
    }
    expect(covered / 800).toBeGreaterThan(0.93);
  });

  test('an end of the fish beyond the horizon of the board is refused, not measured', () => {
    const low: SimulatedCamera = { ...CAMERA, at: [300, 700, 160], towards: [300, 100] };
    const photo = photoBy(low);
    expect(lengthFromPhoto(photo).ok).toBe(true);
    // Straight up in the picture lies the horizon; well above it is sky.
    const sky: Point = [photo.tail[0], -4000];
    const r = lengthFromPhoto({ ...photo, tail: sky });
    expect(r).toMatchObject({ ok: false });
    expect(r.ok || r.why).toMatch(/beyond the horizon/);
    expect(bodyRatios(photo, { eye: sky })).toMatchObject({ ok: false });
  });
});
