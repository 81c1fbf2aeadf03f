import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { circleAround, type Point } from './circle-around.ts';
import { footMm2, laidIn, oilLevel, toCover } from './fill-vessel.ts';
import { fitIn, liesIn, type LyingFish, partOf } from './fits.ts';
import { type Vessel, vesselTrouble } from './vessel.ts';
import { SOME_KITCHEN, USES } from './vessels.ts';
import { METHODS } from './methods.ts';

const box = (long: number, wide: number): Point[] => [
  [0, 0],
  [long, 0],
  [long, wide],
  [0, wide],
];
const fish = (long: number, wide: number): LyingFish => ({
  outline: box(long, wide),
  thickMm: wide / 2,
  massG: 800,
  headMm: long * 0.25,
  tailMm: long * 0.85,
});
const round = (longMm: number, deepMm = 50): Vessel => ({
  id: 'r',
  name: 'Pan',
  use: 'pan',
  shape: 'round',
  longMm,
  wideMm: longMm,
  deepMm,
});
const tray = (longMm: number, wideMm: number): Vessel => ({ ...round(longMm), shape: 'oblong', wideMm });

describe('the smallest circle', () => {
  test('of two, of a right triangle, of points on a line', () => {
    expect(
      circleAround([
        [0, 0],
        [10, 0],
      ]).r,
    ).toBeCloseTo(5, 9);
    expect(
      circleAround([
        [0, 0],
        [6, 0],
        [0, 8],
      ]).r,
    ).toBeCloseTo(5, 9);
    expect(
      circleAround([
        [0, 0],
        [3, 0],
        [10, 0],
        [7, 0],
      ]).r,
    ).toBeCloseTo(5, 9);
    expect(circleAround([]).r).toBe(0);
  });
  const points = fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 })), {
    minLength: 2,
    maxLength: 25,
  });
  test('holds all, and no smaller one does: its touching points span it', () => {
    fc.assert(
      fc.property(points, (list) => {
        const { r, at } = circleAround(list);
        const far = list.map((p) => Math.hypot(p[0] - at[0], p[1] - at[1]));
        expect(Math.max(...far)).toBeLessThanOrEqual(r + 1e-6);
        // Moved any way by a little, some point is farther than the radius.
        for (let k = 0; k < 12; k++) {
          const [dx, dy] = [0.01 * Math.cos(k), 0.01 * Math.sin(k)];
          const there = list.map((p) => Math.hypot(p[0] - at[0] - dx, p[1] - at[1] - dy));
          expect(Math.max(...there)).toBeGreaterThan(r - 1e-9);
        }
      }),
    );
  });
});

describe('fits', () => {
  test('whole along a tray, slantwise, and not', () => {
    expect(liesIn(box(400, 80), tray(400, 90))).not.toBeNull();
    expect(liesIn(box(480, 60), tray(440, 330))).not.toBeNull();
    expect(liesIn(box(600, 60), tray(440, 330))).toBeNull();
    expect(liesIn(box(80, 400), tray(420, 90))).not.toBeNull();
  });
  test('without its tail, its head, both, or cut across', () => {
    const f = fish(400, 60);
    expect(fitIn(f, round(410))).toMatchObject({ as: 'whole', cutsMm: [] });
    const closed = fitIn(f, { ...round(345), use: 'pot' })!;
    expect(closed).toMatchObject({ as: 'without tail', cutsMm: [340] });
    // No lid closes a pan, a tin or a grate: there it stays on, and lies as without it.
    for (const use of ['pan', 'tray', 'grill'] as const) {
      const open = fitIn(f, { ...round(345), use })!;
      expect([open.as, open.cutsMm, open.lying]).toEqual(['tail out', [], closed.lying]);
      expect(open.parts).toEqual([f.outline]);
    }
    expect(fitIn(f, round(305))).toMatchObject({ as: 'without head', cutsMm: [100] });
    expect(fitIn(f, round(250))).toMatchObject({ as: 'without head and tail', cutsMm: [100, 340] });
    const cut = fitIn(f, round(140))!;
    expect(cut.as).toBe('in pieces');
    expect(cut.parts).toHaveLength(2);
    expect(cut.cutsMm).toEqual([100, 220, 340]);
    expect(fitIn(f, round(50))).toBeNull();
    expect(fitIn({ ...f, thickMm: 90 }, round(410))!.aboveRimMm).toBe(40);
  });
  test('a larger vessel never fits it worse', () => {
    const rank = ['whole', 'tail out', 'without tail', 'without head', 'without head and tail', 'in pieces'];
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 600 }), fc.integer({ min: 0, max: 200 }), (size, more) => {
        const f = fish(420, 90);
        const [a, b] = [fitIn(f, round(size)), fitIn(f, round(size + more))];
        if (!a) return;
        expect(b).not.toBeNull();
        expect(rank.indexOf(b!.as)).toBeLessThanOrEqual(rank.indexOf(a.as));
      }),
    );
  });
  test('a part of an outline is what lies between', () => {
    const part = partOf(box(100, 20), 30, 60);
    expect(Math.min(...part.map((p) => p[0]))).toBe(30);
    expect(Math.max(...part.map((p) => p[0]))).toBe(60);
    expect(part).toHaveLength(4);
  });
});

describe('covers', () => {
  test('liquid is the foot times the level less the fish', () => {
    const kettle = tray(500, 150);
    const c = toCover(kettle, 1050, 40);
    expect(c.levelMm).toBe(50);
    expect(c.litres).toBeCloseTo((500 * 150 * 50) / 1e6 - 1, 9);
    expect(c.overMm).toBe(0);
    expect(toCover(kettle, 1050, 60).overMm).toBe(20);
    // Pieces that do not lie side by side lie in layers: each lifts the liquid by their thickness.
    const level = (pieces: number): number => toCover(kettle, pieces * 160, 25, pieces).levelMm;
    expect([1, 4, 7, 9, 18].map(level)).toEqual([35, 35, 35, 60, 85]);
    expect(footMm2(round(200))).toBeCloseTo(Math.PI * 1e4, 6);
  });
  test('oil rises by what goes in, and stays under half the pot', () => {
    const pot = round(240, 200);
    const level = oilLevel(pot, 2, 525);
    expect(level.levelMm).toBeCloseTo(44.2, 1);
    expect(level.risesMm).toBeCloseTo(11.05, 1);
    expect(level.tooFull).toBe(false);
    expect(oilLevel(pot, level.mostLitres + 0.1, 0).tooFull).toBe(true);
    expect(oilLevel(pot, level.mostLitres, 0).share).toBeCloseTo(0.5, 9);
  });
  test('pieces side by side, without touching', () => {
    // A portion of 160 g and 25 mm covers 61 cm2; a pan of 26 cm has 531.
    expect(laidIn(round(260), 160, 25)).toBe(5);
    expect(laidIn(round(240), 160, 25)).toBe(5);
    expect(laidIn(round(180), 160, 25)).toBe(2);
    // One always lies in it, bent or cut.
    expect(laidIn(round(100), 900, 25)).toBe(1);
  });
  test('vessels: what is no vessel is said; each way with fire has one', () => {
    for (const v of SOME_KITCHEN.vessels) expect(vesselTrouble(v)).toBeNull();
    expect(vesselTrouble({ ...round(260), name: ' ' })).toMatch(/name/);
    expect(vesselTrouble(round(10))).toMatch(/5 and 200 cm/);
    expect(vesselTrouble({ ...round(200), wideMm: 300 })).toMatch(/longer side first/);
    expect(vesselTrouble({ ...round(200), deepMm: 0 })).toMatch(/rim/);
    for (const m of METHODS) if (m.heat) expect([m.id, (USES[m.id] ?? []).length > 0]).toEqual([m.id, true]);
  });
});
