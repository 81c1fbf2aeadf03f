import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type LonLat, ringTrouble, tidyRing, type Zone, zonesAt } from './index.ts';

const SQUARE: readonly LonLat[] = [
  [-9.5, 58.9],
  [-9.5, 59],
  [-9.3, 59],
  [-9.3, 58.9],
  [-9.5, 58.9],
];
const zone = (bounds: readonly LonLat[]): Zone => ({ id: 'z', name: 'Z', about: '', grounds: [], bounds });
const holds = (bounds: readonly LonLat[], at: LonLat): boolean =>
  zonesAt({ zones: [zone(bounds)] } as unknown as Parameters<typeof zonesAt>[0], at).length > 0;

describe('the bounds of a zone', () => {
  test('hold the same points either way round, closed or left open', () => {
    const at = fc.tuple(
      fc.double({ min: -9.6, max: -9.2, noNaN: true }),
      fc.double({ min: 58.85, max: 59.05, noNaN: true }),
    );
    fc.assert(
      fc.property(at, (p) => {
        // Not on the border itself, where either answer is good.
        if ([p[0] + 9.5, p[0] + 9.3, p[1] - 58.9, p[1] - 59].some((d) => Math.abs(d) < 2e-3)) return;
        const ways = [SQUARE, [...SQUARE].reverse(), SQUARE.slice(0, -1), [...SQUARE].reverse().slice(0, -1)];
        expect(new Set(ways.map((w) => holds(w, p))).size).toBe(1);
      }),
    );
    expect(holds([...SQUARE].reverse(), [-9.4, 58.95])).toBe(true);
    expect(holds([...SQUARE].reverse(), [10, 10])).toBe(false);
    // The corner that an open ring would lose.
    expect(holds(SQUARE.slice(0, -1), [-9.49, 58.905])).toBe(true);
  });

  test('a tidy ring is closed, and is left as it is', () => {
    const tidy = tidyRing(SQUARE.slice(0, -1));
    expect(tidy.at(0)).toEqual(tidy.at(-1));
    expect(tidyRing(tidy)).toEqual(tidy);
    expect(tidyRing([])).toEqual([]);
  });

  test.each([
    [
      'two corners',
      [
        [0, 0],
        [1, 1],
        [0, 0],
      ],
      /three corners/,
    ],
    [
      'corners on a line',
      [
        [0, 0],
        [1, 1],
        [2, 2],
        [0, 0],
      ],
      /one line/,
    ],
    [
      'a latitude for a longitude',
      [
        [0, 0],
        [1, 91],
        [2, 0],
      ],
      /off the globe/,
    ],
    [
      'a crossing',
      [
        [0, 0],
        [2, 2],
        [2, 0],
        [0, 3],
        [0, 0],
      ],
      /crosses itself/,
    ],
    [
      'what is no number',
      [
        [0, 0],
        [1, Number.NaN],
        [2, 0],
      ],
      /longitude and a latitude/,
    ],
  ] as [string, LonLat[], RegExp][])('%s: refused with what is wrong', (_, ring, says) => {
    expect(ringTrouble(ring)).toMatch(says);
  });
  test('a square is well, open or closed, either way', () => {
    for (const r of [SQUARE, SQUARE.slice(0, -1), [...SQUARE].reverse()]) expect(ringTrouble(r)).toBeNull();
  });
});
