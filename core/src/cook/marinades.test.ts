import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { marinated } from './marinated.ts';
import { marinadeOf, MARINADES, marinadesFor, marinadeTrouble, mostCAfter, usualMarinade } from './marinades.ts';
import { METHODS, methodOf } from './methods.ts';
import { SALT_D, saltAt, saltTaken, saltTaste } from './salt-in.ts';
import { whiteFrontMm } from './curing.ts';

const BARE = { thicknessMm: 25, skin: false };

describe('how salt goes in', () => {
  test('early as the square root of time, whatever the thickness; in the end all of it', () => {
    // Half space: 4 sqrt(D t / pi) / L of what touches it, for both faces.
    for (const [mm, min] of [
      [25, 5],
      [25, 20],
      [40, 60],
    ] as const) {
      const early = (4 * Math.sqrt((SALT_D * min * 60) / Math.PI)) / (mm / 1000);
      expect(saltTaken({ thicknessMm: mm, skin: false }, min)).toBeCloseTo(early, 4);
    }
    expect(saltTaken(BARE, 0)).toBe(0);
    expect(saltTaken(BARE, 60 * 24 * 30)).toBeCloseTo(1, 6);
  });
  test('with skin as through half of a piece twice as thick; never less with time, never more than there is', () => {
    expect(saltTaken({ thicknessMm: 20, skin: true }, 90)).toBeCloseTo(
      saltTaken({ thicknessMm: 40, skin: false }, 90),
      12,
    );
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.boolean(),
        (thicknessMm, minutes, more, skin) => {
          const a = saltTaken({ thicknessMm, skin }, minutes);
          const b = saltTaken({ thicknessMm, skin }, minutes + more);
          expect(a).toBeGreaterThanOrEqual(0);
          expect(b).toBeLessThanOrEqual(1);
          expect(b).toBeGreaterThanOrEqual(a - 1e-9);
        },
      ),
    );
  });
  test('what stands at each depth makes what was taken up; the skin side is the poorest', () => {
    for (const skin of [false, true])
      for (const minutes of [15, 120, 900]) {
        const n = 2000;
        const mean = Array.from({ length: n }, (_, i) =>
          saltAt({ thicknessMm: 25, skin }, minutes, (i + 0.5) / n),
        ).reduce((s, x) => s + x / n, 0);
        expect(mean).toBeCloseTo(saltTaken({ thicknessMm: 25, skin }, minutes), 3);
      }
    expect(saltAt({ thicknessMm: 25, skin: true }, 120, 1)).toBeLessThan(
      saltAt({ thicknessMm: 25, skin: true }, 120, 0.5),
    );
    expect([saltAt(BARE, 30, 0), saltAt(BARE, 30, 1), saltAt(BARE, 0, 0.5)]).toEqual([1, 1, 0]);
    expect(() => saltTaken({ thicknessMm: 0, skin: false }, 5)).toThrow(RangeError);
    expect(() => saltAt(BARE, -1, 0.5)).toThrow(RangeError);
  });
  test('how it tastes, from hardly to very salty', () => {
    expect([0.1, 0.5, 1.2, 2, 5].map(saltTaste)).toEqual([
      'hardly seasoned',
      'lightly seasoned',
      'well seasoned',
      'salty',
      'very salty',
    ]);
    expect([0.3, 0.8, 1.6, 3].map(saltTaste)).toEqual(['lightly seasoned', 'well seasoned', 'salty', 'very salty']);
  });
});

describe('what a marinade does', () => {
  const fillet = { cut: 'fillet' as const, thicknessMm: 25, skin: false };
  const of = (id: string, minutes: number, piece = fillet) => marinated(marinadeOf(id)!, piece, minutes);
  test('as cooks know it: brine half an hour light, an hour and a half seasoned; dry salt stops at what lies on it', () => {
    expect(of('brine', 30).salt).toMatchObject({ tastes: 'lightly seasoned' });
    expect(of('brine', 30).salt!.percent).toBeCloseTo(0.51, 2);
    expect(of('brine', 100).salt!.tastes).toBe('well seasoned');
    // A quarter of an hour of dry salt is what recipes say.
    expect(of('salted', 15).salt!.tastes).toBe('well seasoned');
    expect([of('salted', 60).salt!.percent, of('salted', 900).salt!.percent]).toEqual([1.5, 1.5]);
    expect(of('soy', 240, { ...fillet, thicknessMm: 12 }).salt!.tastes).toBe('very salty');
  });
  test('citrus by its front from each bare face, no deeper than the piece; oil and milk go in nowhere', () => {
    expect(of('lemon', 15).whiteMm).toBeCloseTo(whiteFrontMm(15), 9);
    expect(of('lemon', 45, { ...fillet, thicknessMm: 3 }).whiteMm).toBe(1.5);
    const { across } = of('lemon', 45);
    expect([across[0], across[12], across[23]]).toEqual([1, 0, 1]);
    // Behind skin it stays as it was.
    expect(marinated(marinadeOf('lemon')!, { ...fillet, skin: true }, 45).across[23]).toBe(0);
    for (const id of ['oil', 'milk', 'buttermilk'])
      expect(of(id, 30)).toEqual({ salt: null, whiteMm: null, across: [] });
    // Through the skin of a whole fish next to nothing goes.
    expect(marinated(marinadeOf('brine')!, { cut: 'whole', thicknessMm: 40, skin: true }, 60).salt).toBeNull();
    expect(of('brine', 0).salt).toBeNull();
  });
  test('nothing before what stays raw; batter takes milk, a grill no milk; liver and roe milk alone', () => {
    const ids = (method: string, cut: Parameters<typeof marinadesFor>[1]) =>
      marinadesFor(methodOf(method)!, cut).map((m) => m.id);
    for (const m of METHODS.filter((x) => x.middle === 'raw')) expect(marinadesFor(m, 'fillet')).toEqual([]);
    expect(ids('batter', 'fillet')).toEqual(['salted', 'milk', 'buttermilk']);
    expect(ids('grill', 'fillet')).toEqual(['salted', 'brine', 'lemon', 'oil', 'soy', 'yoghurt', 'paste']);
    expect(ids('poach, from hot', 'liver')).toEqual(['milk']);
    expect(ids('grill, whole', 'whole')).toEqual(['salted', 'brine', 'oil']);
  });
  test('no longer than does it good, with the reason; sugar caps the heat', () => {
    for (const m of MARINADES) {
      expect([m.id, marinadeTrouble(usualMarinade(m))]).toEqual([m.id, null]);
      expect(marinadeTrouble({ id: m.id, minutes: m.mostMin })).toBeNull();
      expect(marinadeTrouble({ id: m.id, minutes: m.mostMin + 1 })).toBe(m.notLonger);
      for (const id of m.with) {
        const most = mostCAfter(m, id);
        const [least] = methodOf(id)!.heat!.rangeC;
        // What caps the heat leaves some of it.
        if (most !== null) expect([m.id, id, most >= least]).toEqual([m.id, id, true]);
      }
    }
    expect(marinadeTrouble({ id: 'soy', minutes: 0 })).toMatch(/how many minutes/);
    expect(marinadeTrouble({ id: 'nothing', minutes: 5 })).toMatch(/does not know/);
    expect([mostCAfter(marinadeOf('soy')!, 'pan'), mostCAfter(marinadeOf('oil')!, 'pan')]).toEqual([160, null]);
  });
});
