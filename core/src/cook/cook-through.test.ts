import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { exactLeft, FLESH } from '../heat/index.ts';
import { POLLACK } from '../test-species.test-support.ts';
import { portion } from './cook.test-support.ts';
import { cookThrough, cookUntil } from './cook-through.ts';
import { type Fire, wetBoundary } from './fire.ts';
import type { Method } from './method.ts';
import { METHODS, methodOf, usualSetting } from './methods.ts';
import { pieceBody, pieceTrouble, thicknessOfFish, thicknessOfPiece } from './piece.ts';
import { bathAfter, liquidBath, oilBath, panBath, steadyBath } from './vessel-heat.ts';

const bodyOf = (radiusM: number, exponent: number) => ({
  ...pieceBody(portion()),
  radiusM,
  exponent,
});
const FINE = { cells: 80, stretchS: 0.5 };
const still = (c: number, h: number): Fire => ({
  bath: steadyBath(c),
  surface: { h, c: 'bath' },
  rest: { h: 8, c: 25 },
});

describe('against the exact series', () => {
  const ALPHA = FLESH.conductivity / (FLESH.density * FLESH.heatLean);
  test.each([
    ['slab', 0],
    ['cylinder', 1],
    ['sphere', 2],
  ] as const)('%s in a bath that never cools: the middle within 0.1 degC', (shape, exponent) => {
    for (const [h, r] of [
      [25, 0.012],
      [250, 0.02],
      [800, 0.03],
    ] as const) {
      const course = cookThrough({ body: bodyOf(r, exponent), pieces: 1, startC: 4 }, still(80, h), 900, {
        cells: 40,
        stretchS: 6,
      });
      const fo = [300, 600, 900].map((s) => (ALPHA * s) / r ** 2);
      const left = exactLeft(shape, (h * r) / FLESH.conductivity, 0, fo);
      [300, 600, 900].forEach((s, i) => {
        const at = course.atS.findIndex((x) => x >= s - 1e-6);
        // Beside the sample, on the line between it and the one before.
        const [a, b] = [course.atS[at - 1]!, course.atS[at]!];
        const c = course.coreC[at - 1]! + ((course.coreC[at]! - course.coreC[at - 1]!) * (s - a)) / (b - a);
        expect([h, r, s, Math.abs(c - (80 - 76 * left[i]!)) < 0.1]).toEqual([h, r, s, true]);
      });
    }
  });
});

describe('what it coasts to', () => {
  const cases = METHODS.flatMap((m: Method) =>
    m.heat
      ? m.cuts.slice(0, 1).map((cut) => ({
          m,
          piece: portion({ cut, thicknessMm: Math.max(m.thickMm[0], Math.min(24, m.thickMm[1])) }),
        }))
      : [],
  );
  test.each(cases)('$m.id: the peak within 0.1 degC of a fine grid', ({ m, piece }) => {
    const fire = { ...m.heat!.fire(usualSetting(m.heat!)), restMostS: 240 };
    const what = { body: pieceBody(piece), pieces: 2, startC: 4 };
    const [usual, fine] = [cookThrough(what, fire, 240), cookThrough(what, fire, 240, FINE)];
    expect(Math.abs(usual.peakC - fine.peakC)).toBeLessThan(0.1);
    expect(Math.abs(usual.pulledC - fine.pulledC)).toBeLessThan(0.15);
  });

  test('finer stretches err by less than their half, of a bath that cools; what goes in at first is a step, so that it is not quite a quarter', () => {
    const what = { body: pieceBody(portion()), pieces: 4, startC: 4 };
    const fire: Fire = { bath: oilBath(1.5, 95, 400), surface: { h: 300, c: 'bath' }, rest: { h: 8, c: 25 } };
    const at = (stretchS: number): number => cookThrough(what, fire, 300, { cells: 20, stretchS }).bathC.at(-1)!;
    const best = at(0.25);
    const [a, b, c] = [8, 4, 2].map((s) => Math.abs(at(s) - best)) as [number, number, number];
    expect(a).toBeLessThan(0.05);
    expect(Math.log2(a / b)).toBeGreaterThan(1.4);
    expect(Math.log2(b / c)).toBeGreaterThan(1.4);
  });
});

describe('until it is done', () => {
  const fire = still(85, 500);
  const of = (mm: number, startC = 4) => ({ body: pieceBody(portion({ thicknessMm: mm })), pieces: 1, startC });
  test('the found time is the least: it comes there, and a few seconds less do not', () => {
    const c = cookUntil(of(25), fire, 60)!;
    expect(c.peakC).toBeGreaterThanOrEqual(60);
    expect(c.peakC).toBeLessThan(60.2);
    expect(cookThrough(of(25), fire, c.pulledS - 4).peakC).toBeLessThan(60);
  });
  test('longer when thicker, when colder at the start, and when the bath is less hot', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: 0, max: 15 }),
        fc.integer({ min: 70, max: 98 }),
        (mm, startC, bathC) => {
          const s = (thick: number, start: number, bath: number): number =>
            cookUntil(of(thick, start), still(bath, 500), 55)!.pulledS;
          const base = s(mm, startC, bathC);
          expect(s(mm + 4, startC, bathC)).toBeGreaterThan(base);
          expect(s(mm, startC - 3, bathC)).toBeGreaterThanOrEqual(base - 1);
          expect(s(mm, startC, bathC - 5)).toBeGreaterThan(base);
        },
      ),
      { numRuns: 15 },
    );
  });
  test('never, where the bath is not so hot or does not hold it', () => {
    expect(cookUntil(of(25), still(58, 500), 60)).toBeNull();
    const cool: Fire = {
      bath: liquidBath(0.3, 80, 80, 0),
      surface: { h: 400, c: 'bath' },
      offAt: 0,
      rest: { h: 8, c: 25 },
    };
    expect(cookUntil(of(30), cool, 60)).toBeNull();
  });
  test('from frozen it takes far longer, and gets there', () => {
    const [cold, frozen] = [cookUntil(of(25, 0), fire, 60)!, cookUntil(of(25, -18), fire, 60)!];
    expect(frozen.pulledS).toBeGreaterThan(cold.pulledS * 1.4);
  });
});

describe('fire', () => {
  test('wet flesh gets no hotter than boiling, and dries in air', () => {
    const { wet: _, ...pan } = { h: 250, c: 180, wet: 0 };
    expect(wetBoundary(pan, 180, 99)).toEqual({ h: 4000, mediumC: 100 });
    expect(wetBoundary(pan, 180, 20)).toMatchObject({ h: 250 });
    // In air of 25 degC wet flesh of 60 degC cools far faster than dry.
    const dry = wetBoundary({ h: 8, c: 25 }, 25, 60);
    const wet = wetBoundary({ h: 8, c: 25, wet: 1 }, 25, 60);
    const flux = (b: { h: number; mediumC: number }): number => b.h * (b.mediumC - 60);
    expect(flux(dry)).toBeCloseTo(-280, 6);
    // 5 W/(m2 K) of moving air x 0.01465 K/Pa x (19,930 - 1,200 Pa) more.
    expect(flux(wet)).toBeCloseTo(-280 - 5 * 0.01465 * 18_730, -1.5);
  });
  test('a bath loses to the room, is cooled by what goes in, and is heated up to what its flame gives', () => {
    const pot = liquidBath(5, 95, 95, 0);
    let c = 95;
    for (let min = 0; min < 30; min++) c = bathAfter(pot, c, 60, 0);
    expect(c).toBeGreaterThan(78);
    expect(c).toBeLessThan(84);
    const water = liquidBath(1, 80, 80, 0);
    expect(80 - bathAfter(water, 80, 1, 4180)).toBeCloseTo(1, 1);
    expect(bathAfter(panBath(2, 180, 2000), 150, 10, 0)).toBeGreaterThan(165);
    expect(bathAfter(panBath(2, 180, 2000), 179.9, 60, 0)).toBeCloseTo(180, 6);
    expect(bathAfter(steadyBath(200), 200, 600, 1e9)).toBe(200);
  });
  test('oil falls further with more in it', () => {
    const fall = (pieces: number): number => {
      const f = methodOf('deep fry')!.heat!.fire({ mediumC: 175, amount: 2, turns: 1 });
      return Math.min(...cookThrough({ body: pieceBody(portion()), pieces, startC: 4 }, f, 180).bathC);
    };
    expect(fall(6)).toBeLessThan(fall(2) - 10);
  });
});

describe('pieces', () => {
  test('what is thin, thick or nothing is said', () => {
    expect(pieceTrouble({ massG: 0, thicknessMm: 20 })).toMatch(/above 0/);
    expect(pieceTrouble({ massG: 100, thicknessMm: 0 })).toMatch(/at least 2 mm/);
    expect(pieceTrouble({ massG: 100, thicknessMm: 500 })).toMatch(/length/);
    expect(() => pieceBody(portion({ massG: 0 }))).toThrow(RangeError);
  });
  test('a fillet is some half of its fish, a steak all of it, a heavier fish thicker', () => {
    const whole = thicknessOfFish(POLLACK, 2000, 'whole');
    expect(thicknessOfFish(POLLACK, 2000, 'fillet') / whole).toBeCloseTo(0.45, 6);
    expect(thicknessOfFish(POLLACK, 4000, 'whole')).toBeGreaterThan(whole);
    expect(thicknessOfPiece(POLLACK, 380, 'fillet')).toBeCloseTo(thicknessOfFish(POLLACK, 2000, 'fillet'), 6);
  });
  test('slashes hasten it, a backbone slows it', () => {
    const r = (more: object): number => pieceBody(portion({ cut: 'whole', ...more })).radiusM;
    expect(r({ slashed: true })).toBeLessThan(r({}));
    expect(r({ bone: true })).toBeGreaterThan(r({}));
  });
});
