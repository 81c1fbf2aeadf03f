import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import fc from 'fast-check';
import { buildAnatomy } from '../anatomy.ts';
import { drawFish } from '../fish-figure.ts';
import type { FigureSpec } from '../spec.ts';
import { massAlong } from './mass-along.ts';
import { shareOut, shareOverlay } from './share-out.ts';

const SPECIES = loadSpecies()
  .map((s) => s.figure as unknown as FigureSpec)
  .filter((f) => f.plan !== 'squid' && f.plan !== 'ray');
const figure = (id: string): FigureSpec => SPECIES.find((s) => s.id === id)!;

describe('a fish shared out by mass', () => {
  test('each part has the mass that was asked for, the next begins where it ends, and all of it is given out', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom('whole' as const, 'sides' as const),
        fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 1, maxLength: 5 }).filter((l) => l.some((m) => m > 0)),
        (spec, body, masses) => {
          const parts = shareOut(spec, body, masses);
          const along = massAlong(buildAnatomy(spec, 'icon'));
          const all = masses.reduce((a, b) => a + b, 0);
          const whole = along.upTo(parts.at(-1)!.toU) - along.upTo(parts[0]!.fromU);
          expect([parts[0]!.from, parts.at(-1)!.to]).toEqual([0, 1]);
          parts.forEach((p, i) => {
            expect((along.upTo(p.toU) - along.upTo(p.fromU)) / whole).toBeCloseTo(masses[i]! / all, 6);
            if (i > 0) expect(p.fromU).toBe(parts[i - 1]!.toU);
            expect(p.thickest).toBeGreaterThan(0);
            expect(p.thickest).toBeLessThanOrEqual(1 + 1e-9);
          });
          expect(Math.max(...parts.map((p) => p.thickest))).toBeGreaterThan(0.97);
        },
      ),
      { numRuns: 120 },
    );
  });
  test('the tail half of a round fish is longer and thinner than its other half; a flatfish is as thick all over', () => {
    const [head, tail] = shareOut(figure('cod'), 'sides', [1, 1]);
    expect(tail!.to - tail!.from).toBeGreaterThan(1.2 * (head!.to - head!.from));
    expect(tail!.thickest).toBeLessThan(0.9);
    expect(shareOut(figure('turbot'), 'sides', [1, 1]).map((p) => p.thickest)).toEqual([1, 1]);
  });
  test('no masses are refused', () => {
    expect(() => shareOut(figure('cod'), 'whole', [])).toThrow(RangeError);
    expect(() => shareOut(figure('cod'), 'whole', [0, 0])).toThrow(RangeError);
    expect(() => shareOut(figure('cod'), 'whole', [3, -1])).toThrow(RangeError);
  });
  test('drawn: a tint for each part that has a dish, a cut between two, its mark on it', () => {
    const parts = shareOut(figure('cod'), 'sides', [300, 200, 100]);
    const draw = (texts: readonly (string | null)[]): string =>
      drawFish(figure('cod'), {
        size: 400,
        shares: shareOverlay({ parts: parts.map((p, i) => ({ ...p, text: texts[i] ?? null })) }),
      }).svg;
    const count = (svg: string, what: RegExp): number => [...svg.matchAll(what)].length;
    const two = draw(['1', null, '2']);
    expect(count(two, /fill="var\(--teal/g)).toBe(2);
    expect(count(two, />[12]<\/text>/g)).toBe(2);
    expect(count(draw([null, null, null]), /fill="var\(--teal/g)).toBe(0);
  });
});
