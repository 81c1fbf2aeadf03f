import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type KeyCatalogue, keyTable, type Measured, NONE, rankSpecies } from './index.ts';

const CATALOGUE: KeyCatalogue = {
  traits: [
    {
      id: 'skin',
      question: 'Skin?',
      states: [
        { id: 'knobs', words: 'knobs' },
        { id: 'smooth', words: 'smooth' },
      ],
      effort: 1,
      error: 0.1,
    },
  ],
  species: [
    { id: 'turbot', maxMm: 1000, traits: { skin: { knobs: 0.9, smooth: 0.1 } }, ratios: { depth: [0.6, 0.72] } },
    { id: 'brill', maxMm: 750, traits: { skin: { smooth: 1 } }, ratios: { depth: [0.48, 0.56] } },
    { id: 'pike', maxMm: 1400, traits: { skin: { smooth: 1 } }, ratios: { depth: [0.15, 0.19], dorsal: [0.66, 0.75] } },
    { id: 'squid', maxMm: 900, traits: { skin: { smooth: 1 } } },
  ],
};
const TABLE = keyTable(CATALOGUE);
const after = (measured: Measured, answers = {}): Record<string, number> =>
  Object.fromEntries(rankSpecies(TABLE, answers, null, measured).candidates.map((c) => [c.id, c.p]));
const depth = (value: number, sd = 0.01): Measured => ({ ratios: { depth: { value, sd } } });

describe('proportions of the body as evidence', () => {
  test('a turbot is rounder than a brill: the depth alone parts them', () => {
    const round = after(depth(0.66));
    expect((round['turbot'] ?? 0) / (round['brill'] ?? 1)).toBeGreaterThan(20);
    const long = after(depth(0.52));
    expect((long['brill'] ?? 0) / (long['turbot'] ?? 1)).toBeGreaterThan(20);
  });

  test('the odds are those of two normal curves and a twentieth gone astray, worked out by hand', () => {
    const curve = (v: number, from: number, to: number, sd: number): number => {
      const s = Math.sqrt(((to - from) / 3.29) ** 2 + sd * sd);
      return 0.95 * (Math.exp(-((v - (from + to) / 2) ** 2) / (2 * s * s)) / (s * Math.sqrt(2 * Math.PI))) + 0.05;
    };
    const p = after(depth(0.58, 0.02));
    expect((p['turbot'] ?? 0) / (p['brill'] ?? 1)).toBeCloseTo(
      curve(0.58, 0.6, 0.72, 0.02) / curve(0.58, 0.48, 0.56, 0.02),
      9,
    );
  });

  test('a reading that errs much says little', () => {
    const sharp = after(depth(0.66, 0.01));
    const blunt = after(depth(0.66, 0.3));
    const odds = (p: Record<string, number>): number => (p['turbot'] ?? 0) / (p['brill'] ?? 1);
    expect(odds(blunt)).toBeLessThan(odds(sharp) / 5);
    expect(odds(blunt)).toBeGreaterThan(1);
  });

  test('a species whose file gives no range neither gains nor loses on "none of these"', () => {
    const before = after({});
    const now = after(depth(0.66));
    expect((now['squid'] ?? 0) / (now[NONE] ?? 1)).toBeCloseTo((before['squid'] ?? 0) / (before[NONE] ?? 1), 9);
    // A ratio that one species alone gives tells nothing: there is nothing to hold it against.
    expect(after({ ratios: { dorsal: { value: 0.3, sd: 0.01 } } })).toEqual(before);
  });

  test('one mark set on the wrong place does not throw out what was seen', () => {
    expect(after(depth(0.3), { skin: 'knobs' })['turbot']).toBeGreaterThan(0.4);
  });

  test('whatever is measured, the shares sum to one and none is lost', () => {
    const reading = fc.record({
      value: fc.double({ min: 0, max: 1, noNaN: true }),
      sd: fc.double({ min: 0.004, max: 0.5, noNaN: true }),
    });
    fc.assert(
      fc.property(reading, reading, fc.integer({ min: 10, max: 3000 }), (d, b, lengthMm) => {
        const { posterior } = rankSpecies(TABLE, {}, null, { lengthMm, ratios: { depth: d, dorsal: b } });
        expect(posterior.reduce((x, y) => x + y, 0)).toBeCloseTo(1, 9);
        expect(posterior.every((p) => p > 0)).toBe(true);
      }),
    );
  });
});
