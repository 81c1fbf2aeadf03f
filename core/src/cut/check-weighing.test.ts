import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { POLLACK } from '../test-species.test-support.ts';
import { mostInPacks, oddWeighing, piecesInPack, routeOf } from './index.ts';

const FILLET = routeOf('fillet from the tail');
const nothing = { stages: {}, byproducts: {} };

describe('a weighing that can be, and is unlikely', () => {
  test.each([
    [50, 1307, /Whole 50 g, but it weighed about 1307 g before/],
    [1320, 1307, null],
    [800, 1307, null],
    [780, 1307, /Is the unit right/],
    [1960, 1307, null],
    [1970, 1307, /is everything on the scale/],
    [50, null, null],
  ] as const)('whole %d g where %s was known: %s', (massG, known, says) => {
    const told = oddWeighing(POLLACK, FILLET, nothing, 'round', massG, known);
    if (says === null) expect(told).toBeNull();
    else expect(told).toMatch(says);
  });

  test('gutted is held against the whole, by what is usual for the kind', () => {
    const w = { stages: { round: 1320 }, byproducts: {} };
    expect(oddWeighing(POLLACK, FILLET, w, 'gutted', 300, null)).toBe(
      'Gutted 300 g is 23 % of the whole, where 80 to 90 % is usual for pollack. Is the unit right, and is everything on the scale?',
    );
    expect(oddWeighing(POLLACK, FILLET, w, 'gutted', 1100, null)).toBeNull();
    // Not weighed whole: against what was known of it.
    expect(oddWeighing(POLLACK, FILLET, nothing, 'fillets', 60, 1320)).toMatch(/Fillets/);
    expect(oddWeighing(POLLACK, FILLET, nothing, 'fillets', 60, null)).toBeNull();
    // A kind of which nothing is told is never asked about.
    expect(oddWeighing({ ...POLLACK, yields: {} }, FILLET, w, 'gutted', 3, null)).toBeNull();
  });

  test('what is usual is never asked about', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 9000 }), fc.double({ min: 0, max: 1, noNaN: true }), (round, x) => {
        const [lo, hi] = POLLACK.yields.fillets!;
        const massG = round * (lo + x * (hi - lo));
        const w = { stages: { round }, byproducts: {} };
        expect(oddWeighing(POLLACK, FILLET, w, 'fillets', massG, null)).toBeNull();
      }),
    );
  });
});

test('packs hold no more than was weighed last, or the whole, or what was known with room for an error', () => {
  expect(mostInPacks({ stages: { round: 1300, gutted: 1100 }, byproducts: {} }, 1400)).toBe(1100);
  expect(mostInPacks({ stages: { trimmed: 500, fillets: 700 }, byproducts: {} }, null)).toBe(500);
  expect(mostInPacks(nothing, 6600)).toBe(9900);
  expect(mostInPacks(nothing, null)).toBeNull();
});

test('the pieces of a cut are shared among its packs, and never come to more than there are', () => {
  expect([piecesInPack(10, 800, 800), piecesInPack(10, 800, 790), piecesInPack(10, 800, 400)]).toEqual([10, 10, 5]);
  expect([piecesInPack(2, 500, 240), piecesInPack(1, 240, 100), piecesInPack(0, 0, 100)]).toEqual([1, 1, 0]);
  // Not weighed: all are meant.
  expect(piecesInPack(4, 0, 300)).toBe(4);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 60 }),
      fc.array(fc.double({ min: 0.05, max: 1, noNaN: true }), { maxLength: 8 }),
      (pieces, shares) => {
        let [left, g] = [pieces, 1000];
        for (const s of shares) {
          const n = piecesInPack(left, g, g * s);
          left -= n;
          g -= g * s;
          expect(n >= 0 && left >= 0).toBe(true);
        }
        expect(left - piecesInPack(left, g, g)).toBe(0);
      },
    ),
  );
});
