import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  bessel,
  type Boundary,
  Conduction,
  exactLeft,
  fishBody,
  FLESH,
  flesh,
  INSULATED,
  meets,
  plainMaterial,
  secondsUntilCore,
  solveTridiagonal,
  TRANSFER,
} from './index.ts';

const K = 0.5;
const RHO_C = 3.78e6;
const ALPHA = K / RHO_C;
const PLAIN = plainMaterial(RHO_C, K);
const SHAPES = [
  ['slab', 0],
  ['cylinder', 1],
  ['sphere', 2],
] as const;
const body = (radiusM: number, exponent: number, material = PLAIN) => ({ radiusM, exponent, material });

describe('the exact series', () => {
  // Abramowitz and Stegun, table 9.1.
  test.each([
    [0, 1, 0.7651976866],
    [1, 1, 0.4400505857],
    [0, 5, -0.1775967713],
    [1, 10, 0.0434727462],
  ] as const)('J%i(%f)', (order, x, value) => expect(bessel(order, x)).toBeCloseTo(value, 9));

  test('a slab whose surface is held: the classic first terms', () => {
    // 4/pi exp(-pi2/4 Fo) cos(0) at Fo 0.5, where the second term is 2e-5 of it.
    const held = (4 / Math.PI) * (Math.exp((-(Math.PI ** 2) / 4) * 0.5) - Math.exp((-9 * Math.PI ** 2 * 0.5) / 4) / 3);
    expect(exactLeft('slab', 1e6, 0, [0.5])[0]).toBeCloseTo(held, 4);
    expect(exactLeft('sphere', 2, 0, [0])[0]).toBeCloseTo(1, 1);
  });
});

describe('the solver against the exact series', () => {
  const FO = [0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 3];
  const R = 0.02;
  const STEP = 20;
  test.each(SHAPES)(
    '%s: within 0.5 in 100 of the step at Bi 0.05 to 100, in the middle and at the surface',
    (shape, exponent) => {
      for (const bi of [0.05, 0.2, 1, 3, 10, 30, 100]) {
        const c = new Conduction(body(R, exponent), STEP);
        const [core, surface] = [0, 1].map((x) => exactLeft(shape, bi, x, FO)) as [number[], number[]];
        let gone = 0;
        for (const [i, fo] of FO.entries()) {
          const s = (fo * R * R) / ALPHA;
          c.march(s - gone, { h: (bi * K) / R, mediumC: 0 });
          gone = s;
          expect([bi, fo, Math.abs(c.coreC / STEP - core[i]!) < 0.005]).toEqual([bi, fo, true]);
          expect([bi, fo, Math.abs(c.surfaceC / STEP - surface[i]!) < 0.005]).toEqual([bi, fo, true]);
        }
      }
    },
  );

  /** Error of the middle at Fo 0.4, Bi 3, with so many cells and equal steps. */
  const errorWith = (cells: number, steps: number): number => {
    const c = new Conduction(body(R, 2), 1, cells);
    const dt = (0.4 * R * R) / ALPHA / steps;
    for (let i = 0; i < steps; i++) c.step(dt, [INSULATED, { h: (3 * K) / R, mediumC: 0 }]);
    return Math.abs(c.coreC - exactLeft('sphere', 3, 0, [0.4])[0]!);
  };
  test('second order in space: half the cell, a quarter of the error', () => {
    const [a, b, c] = [10, 20, 40].map((n) => errorWith(n, 4000)) as [number, number, number];
    expect(Math.log2(a / b)).toBeGreaterThan(1.8);
    expect(Math.log2(b / c)).toBeGreaterThan(1.8);
  });
  test('second order in time: half the step, a quarter of the error', () => {
    // Against itself with many steps, so that what the cells err by does not count.
    const fine = errorSigned(160, 4096);
    const [a, b, c] = [16, 32, 64].map((n) => Math.abs(errorSigned(160, n) - fine)) as [number, number, number];
    expect(Math.log2(a / b)).toBeGreaterThan(1.8);
    expect(Math.log2(b / c)).toBeGreaterThan(1.8);
  });
  function errorSigned(cells: number, steps: number): number {
    const c = new Conduction(body(R, 0), 1, cells);
    const dt = (0.4 * R * R) / ALPHA / steps;
    for (let i = 0; i < steps; i++) c.step(dt, [INSULATED, { h: (3 * K) / R, mediumC: 0 }]);
    return c.coreC;
  }

  test('a slab between two media comes to the straight line between them', () => {
    const c = new Conduction(body(0.03, 0), 5);
    const [left, right]: Boundary[] = [
      { h: 50, mediumC: 30 },
      { h: 200, mediumC: 0 },
    ] as const;
    c.march(40 * 3600, right!, left);
    // Resistances in series: 1/50, 0.03/0.5, 1/200.
    const flux = 30 / (1 / 50 + 0.03 / K + 1 / 200);
    expect(c.surfaceC).toBeCloseTo(flux / 200, 3);
    expect(c.at(0.5)).toBeCloseTo(30 - flux * (1 / 50 + 0.015 / K), 3);
  });
});

describe('energy', () => {
  const boundary = fc.record({
    h: fc.double({ min: 0, max: 1500, noNaN: true }),
    mediumC: fc.integer({ min: -35, max: 100 }),
  });
  test('what is missing inside has left by the sides, to a millionth, also while it freezes and thaws', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 60 }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.integer({ min: -25, max: 40 }),
        fc.array(fc.tuple(fc.integer({ min: 20, max: 20_000 }), boundary), { minLength: 1, maxLength: 4 }),
        fc.constantFrom('lean', 'oily'),
        (mm, exponent, startC, pieces, fat) => {
          const c = new Conduction(body(mm / 1000, exponent, flesh(fat as 'lean')), startC, 20);
          const before = c.heat;
          const degree = 4e6 * ((mm / 1000) ** (exponent + 1) / (exponent + 1));
          let moved = 0;
          for (const [s, b] of pieces) {
            const had = c.heatIn;
            c.march(s, b);
            moved += Math.abs(c.heatIn - had);
          }
          expect(Math.abs(c.heat - before - c.heatIn)).toBeLessThan(1e-6 * Math.max(moved, degree));
          expect([c.coreC, c.surfaceC, c.meanC].every(Number.isFinite)).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('freezing', () => {
  test('enthalpy and temperature are each other’s inverse, and the heat of freezing lies between −1 and −7', () => {
    for (const fat of ['lean', 'oily'] as const) {
      const m = flesh(fat);
      for (const c of [-30, -7.01, -7, -4, -1.001, -1, -0.5, 0, 20, 63])
        expect(m.temperature(m.enthalpy(c))).toBeCloseTo(c, 9);
      const latent = (m.enthalpy(-1) - m.enthalpy(-7)) / FLESH.density;
      const heat = fat === 'lean' ? FLESH.heatLean : FLESH.heatOily;
      expect(latent).toBeCloseTo(FLESH.latent + 3 * (heat + FLESH.heatFrozen), -1);
      expect([m.conductivity(5), m.conductivity(-20), m.conductivity(-4)]).toEqual([0.5, 1.6, 1.05]);
    }
  });

  // Pham (1986), for slab, cylinder and sphere; within a tenth, and ours gives its heat of freezing off over 6 degrees.
  test.each(SHAPES)('%s: the time to freeze is Pham’s within 12 in 100', (_, exponent) => {
    for (const [h, mediumC, R] of [
      [25, -30, 0.02],
      [60, -25, 0.03],
      [250, -35, 0.015],
    ] as const) {
      const [startC, endC] = [5, -18];
      const c = new Conduction(body(R, exponent, flesh('lean')), startC);
      let seconds = 0;
      c.march(1e6, { h, mediumC }, INSULATED, (gone) => ((seconds = gone), c.coreC <= endC));
      const mid = 1.8 + 0.263 * endC + 0.105 * mediumC;
      const { density, heatLean, heatFrozen, latent, conductivityFrozen } = FLESH;
      const one = (density * heatLean * (startC - mid)) / ((startC + mid) / 2 - mediumC);
      const two = (density * (latent + heatFrozen * (mid - endC))) / (mid - mediumC);
      const biot = (h * R) / conductivityFrozen;
      const pham = (R / ((exponent + 1) * h)) * (one + two) * (1 + biot / 2);
      expect([exponent, h, seconds / pham > 0.88 && seconds / pham < 1.12, seconds / pham]).toEqual([
        exponent,
        h,
        true,
        seconds / pham,
      ]);
    }
  });
});

describe('fish as bodies', () => {
  const fish = (depth: number, widthToDepth: number) => ({
    shape: { depth: [depth, depth] as const, widthToDepth },
    weight: { a: 0.01, b: 3, sdLog: 0.1 },
    fat: 'lean' as const,
  });
  const [round, flat] = [fish(0.22, 0.6), fish(0.5, 0.15)];

  test('a round fish is nearly a cylinder, a flat one nearly a slab; half its width is what the cold has to go', () => {
    const [a, b] = [fishBody(round, 1000), fishBody(flat, 1000)];
    expect(a.radiusM).toBeGreaterThan(0.02);
    expect(a.radiusM).toBeLessThan(0.035);
    expect(a.exponent).toBeGreaterThan(0.6);
    expect(a.exponent).toBeLessThan(1.1);
    expect(b.radiusM).toBeLessThan(0.025);
    expect(b.exponent).toBeLessThan(0.6);
    // A ball is a sphere.
    expect(fishBody({ ...fish(1, 1), weight: { a: 0.55, b: 3, sdLog: 0.1 } }, 1000).exponent).toBeCloseTo(2, 1);
  });

  /** Hours until the middle has come to `toC`. */
  const hours = (massG: number, b: Boundary, of = round, toC = 4.4): number =>
    secondsUntilCore(fishBody(of, massG), 14, b, toC)! / 3600;
  test('a kilo in wet ice is cold in about half an hour; a slurry is faster, the heavier take longer', () => {
    const ice = hours(1000, meets('wet ice', 0));
    expect(ice).toBeGreaterThan(0.4);
    expect(ice).toBeLessThan(0.8);
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 8000 }), fc.integer({ min: 10, max: 3000 }), (g, more) => {
        expect(hours(g + more, meets('wet ice', 0))).toBeGreaterThan(hours(g, meets('wet ice', 0)));
        expect(hours(g, meets('still slurry', -1))).toBeLessThan(hours(g, meets('wet ice', 0)));
        expect(hours(g, meets('wet ice', 0))).toBeLessThan(hours(g, meets('fridge', 0)));
      }),
      { numRuns: 12 },
    );
  });
});

test('what is no body, no temperature and no time is refused in a sentence', () => {
  expect(() => new Conduction(body(0, 1), 5)).toThrow(/half thickness/);
  expect(() => new Conduction(body(0.02, 2.5), 5)).toThrow(/between 0 \(slab\) and 2/);
  expect(() => new Conduction(body(0.02, 1), Number.NaN)).toThrow(/temperature/);
  const c = new Conduction(body(0.02, 1), 5);
  expect(() => c.march(-1, INSULATED)).toThrow(/number of seconds/);
  expect(() => meets('wet ice', Number.NaN)).toThrow(/temperature/);
  expect(() =>
    fishBody({ shape: { depth: [0.2, 0.2], widthToDepth: 0.5 }, weight: { a: 1, b: 3, sdLog: 0 }, fat: 'lean' }, 0),
  ).toThrow(/weighs/);
  c.march(0, meets('wet ice', 0));
  expect(c.coreC).toBeCloseTo(5, 12);
  expect(Object.values(TRANSFER).every((h) => h > 0)).toBe(true);
});

test('what a medium never brings about has no time', () => {
  const b = body(0.02, 1);
  expect(secondsUntilCore(b, 14, meets('wet ice', 0), 0)).toBeNull();
  expect(secondsUntilCore(b, 14, meets('wet ice', 0), 20)).toBeNull();
  expect(secondsUntilCore(b, 14, INSULATED, 4)).toBeNull();
  expect(secondsUntilCore(b, 4, meets('wet ice', 0), 4)).toBe(0);
  // Warming as well; and the exact series says when.
  const fo = (secondsUntilCore(b, 0, { h: (3 * K) / 0.02, mediumC: 20 }, 10)! * ALPHA) / 0.02 ** 2;
  expect(exactLeft('cylinder', 3, 0, [fo])[0]).toBeCloseTo(0.5, 3);
});

test('the bare tridiagonal solve', () => {
  const x = Float64Array.from([1, 2, 3]);
  solveTridiagonal(Float64Array.from([0, 1, 1]), Float64Array.from([4, 4, 4]), Float64Array.from([1, 1, 0]), x);
  const [a, b, c] = [...x] as [number, number, number];
  expect([4 * a + b, a + 4 * b + c, b + 4 * c].map((v) => Math.round(v * 1e9) / 1e9)).toEqual([1, 2, 3]);
});
