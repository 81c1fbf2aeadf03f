import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { POLLACK } from '../test-species.test-support.ts';
import {
  Conduction,
  courseAt,
  type Exposure,
  fishBody,
  fleshCourse,
  INSULATED,
  meets,
  plainMaterial,
  sampleBefore,
} from './index.ts';

const H = 3_600_000;
const BODY = fishBody(POLLACK, 1000);
const air = (h: number): Exposure => ({ fromMs: h * H, boundary: meets('still air', 18) });
const ice = (h: number): Exposure => ({ fromMs: h * H, boundary: meets('wet ice', 0) });
const slurry = (h: number): Exposure => ({ fromMs: h * H, boundary: meets('still slurry', -1) });

describe('a course through what a body meets', () => {
  test('is within a tenth of a degree of a fine grid with fine steps', () => {
    for (const g of [150, 1000, 8000]) {
      const body = fishBody(POLLACK, g);
      const lies = [air(0), slurry(0.4), air(5), ice(7)];
      const c = fleshCourse(body, 14, lies);
      const fine = new Conduction(body, 14, 60);
      let worst = 0;
      lies.forEach((e, i) => {
        const to = lies[i + 1]?.fromMs ?? 24 * H;
        fine.march((to - e.fromMs) / 1000, e.boundary, INSULATED, (s) => {
          const ms = e.fromMs + s * 1000;
          worst = Math.max(
            worst,
            Math.abs(fine.coreC - courseAt(c.atMs, c.coreC, ms)),
            Math.abs(fine.meanC - courseAt(c.atMs, c.meanC, ms)),
          );
        });
      });
      expect(worst).toBeLessThan(0.1);
    }
  });

  test('the order of what it met does not matter; after the last it comes to rest and stays', () => {
    expect(fleshCourse(BODY, 14, [ice(1), air(0)])).toEqual(fleshCourse(BODY, 14, [air(0), ice(1)]));
    const c = fleshCourse(BODY, 14, [air(0), ice(1)]);
    expect(courseAt(c.atMs, c.coreC, 500 * H)).toBeCloseTo(0, 0);
    expect(courseAt(c.atMs, c.coreC, -H)).toBe(14);
    expect(() => fleshCourse(BODY, 14, [])).toThrow(RangeError);
  });

  test('frozen and thawed again it goes through the heat of freezing, and keeps to its media', () => {
    const freezer: Exposure = { fromMs: 0, boundary: meets('fridge', -18) };
    const fridge: Exposure = { fromMs: 40 * H, boundary: meets('fridge', 4) };
    const c = fleshCourse(BODY, 4, [freezer, fridge]);
    expect(courseAt(c.atMs, c.coreC, 39 * H)).toBeLessThan(-15);
    // Thawing takes far longer than warming would.
    expect(courseAt(c.atMs, c.coreC, 46 * H)).toBeLessThan(0);
    expect(courseAt(c.atMs, c.coreC, 100 * H)).toBeGreaterThan(3.5);
    expect(Math.min(...c.coreC)).toBeGreaterThan(-18.01);
  });

  test('cut to something thinner it goes on at its mean, and cools the faster', () => {
    const thin = { ...BODY, radiusM: 0.01, exponent: 0 };
    const fridge = (h: number, body?: typeof thin): Exposure => ({
      fromMs: h * H,
      boundary: meets('fridge', 4),
      ...(body ? { body } : {}),
    });
    const at = (c: ReturnType<typeof fleshCourse>, h: number): number => courseAt(c.atMs, c.meanC, h * H);
    const [whole, cut] = [fleshCourse(BODY, 14, [air(0), fridge(1)]), fleshCourse(BODY, 14, [air(0), fridge(1, thin)])];
    expect(at(cut, 1)).toBeCloseTo(at(whole, 1), 1);
    expect(at(cut, 2)).toBeLessThan(at(whole, 2));
  });

  test('cut and put elsewhere at one instant: it is cut, in whichever order that was noted', () => {
    const slab = { ...BODY, radiusM: 0.012, exponent: 0 };
    const freezer = meets('fridge', -18);
    const iced = ice(0);
    const at = 5 * H;
    const one = fleshCourse(BODY, 14, [iced, { fromMs: at, boundary: freezer, body: slab }]);
    const two = fleshCourse(BODY, 14, [
      iced,
      { fromMs: at, boundary: meets('fridge', 4), body: slab },
      { fromMs: at, boundary: freezer },
    ]);
    const middle = (c: typeof one): number => courseAt(c.atMs, c.coreC, at + 12 * H);
    expect(middle(two)).toBeCloseTo(middle(one), 6);
    expect(middle(two)).toBeLessThan(-16);
  });

  test('a reading of its middle sets it, and what was reckoned is kept beside', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (c, h) => {
          const course = fleshCourse(BODY, 14, [ice(0)], [{ atMs: h * H, c }]);
          const plain = fleshCourse(BODY, 14, [ice(0)]);
          const [read] = course.readAs;
          expect(read?.reckonedC).toBeCloseTo(courseAt(plain.atMs, plain.coreC, h * H), 1);
          const i = sampleBefore(course.atMs, h * H);
          expect(course.coreC[i]!).toBeCloseTo(c, 1);
          // It goes on cooling from there, and never below its ice.
          expect(courseAt(course.atMs, course.coreC, (h + 1) * H)).toBeLessThan(c + 0.05);
          expect(Math.min(...course.coreC)).toBeGreaterThan(-0.6);
        },
      ),
      { numRuns: 30 },
    );
    expect(() => new Conduction(BODY, 5).read(Number.NaN)).toThrow(RangeError);
    // A reading before it died, or of none, changes nothing.
    expect(fleshCourse(BODY, 14, [ice(1)], [{ atMs: 0, c: 3 }]).readAs).toEqual([]);
  });
});

describe('of two things met at one instant', () => {
  test('only the later was met: not a sample is left of the other', () => {
    expect(fleshCourse(BODY, 14, [air(0), slurry(1), ice(1)])).toEqual(fleshCourse(BODY, 14, [air(0), ice(1)]));
  });
});

describe('the middle of a grid of few cells', () => {
  const body = { radiusM: 0.02, exponent: 0, material: plainMaterial(3.8e6, 0.5) } as const;
  const cold = { h: 1e6, mediumC: 0 };
  const left = (): Conduction => {
    const flesh = new Conduction(body, 20, 8);
    flesh.march(1800, cold);
    return flesh;
  };
  test('stands above the mean as the first term of the series does, pi/2, not as its first cell', () => {
    const flesh = left();
    expect(flesh.coreC / flesh.meanC).toBeCloseTo(Math.PI / 2, 2);
    expect(Math.abs(flesh.coreC / flesh.meanC - Math.PI / 2)).toBeLessThan(0.004);
  });
  test('a reading far below the reckoned middle shifts all of it, never below its medium', () => {
    const flesh = left();
    const was = flesh.coreC;
    flesh.read(was * 0.1);
    expect(flesh.coreC).toBeCloseTo(was * 0.1, 6);
    // Stretched it would be a little above its medium outside; shifted it has come to it.
    expect(flesh.temperatures().at(-1)).toBeCloseTo(0, 9);
  });
  test('one that is near is met by stretching, and the outside follows', () => {
    const flesh = left();
    const [was, outside] = [flesh.coreC, flesh.temperatures().at(-1)!];
    flesh.read(was * 0.8);
    expect(flesh.temperatures().at(-1)).toBeCloseTo(outside * 0.8, 6);
  });
});
