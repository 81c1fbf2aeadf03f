import { describe, expect, test } from '@jest/globals';
import { APART_MARKS, takeApart } from '@dagboek/core/carve';
import { loadSpecies } from '@dagboek/packs';
import { buildAnatomy } from '../anatomy.ts';
import { drawFish } from '../fish-figure.ts';
import type { FigureSpec } from '../spec.ts';
import { L } from '../units.ts';
import { apartOverlay } from './apart-overlay.ts';

const SPECIES = loadSpecies().map((s) => ({ ...s, figure: s.figure as unknown as FigureSpec }));
const apartOf = (s: (typeof SPECIES)[number]) => takeApart({ ...s, plan: s.figure.plan });

describe('a fish taken apart, drawn', () => {
  test('every species that is eaten whole: all marks are drawn, each badge stands at its fish, nothing is not a number', () => {
    let drawn = 0;
    for (const s of SPECIES) {
      const apart = apartOf(s);
      if (!apart) continue;
      const marks = [...apart.steps.flatMap((x) => x.marks), ...apart.bones.map((b) => b.mark)];
      const all = apartOverlay({ marks: marks.map((mark, i) => ({ mark, text: `m${i}` })) });
      const { svg } = drawFish(s.figure, { size: 300, apart: all });
      expect([s.id, /NaN|undefined|Infinity/.test(svg)]).toEqual([s.id, false]);
      for (const i of marks.keys()) expect([s.id, i, svg.includes(`>m${i}<`)]).toEqual([s.id, i, true]);
      const notes: { p: readonly [number, number] }[] = [];
      all.draw({ ...silentPen() } as never, buildAnatomy(s.figure, 'card'), notes as never);
      for (const { p } of notes) {
        expect(p[0]).toBeGreaterThan(-0.01 * L);
        expect(p[0]).toBeLessThan(1.05 * L);
      }
      drawn++;
    }
    expect(drawn).toBeGreaterThan(80);
  });
  test('what stays behind lies inside of the fish: pin bones in front, ribs over the belly', () => {
    for (const s of SPECIES.filter((x) => x.figure.plan === 'round')) {
      const an = buildAnatomy(s.figure, 'card');
      for (const mark of ['pin bones', 'forked bones', 'ribs'] as const) {
        const lines: (readonly (readonly [number, number])[])[] = [];
        apartOverlay({ marks: [{ mark, text: null }] }).draw(silentPen(lines) as never, an, []);
        expect(lines.length).toBeGreaterThan(4);
        for (const [x, y] of lines.flat()) {
          const u = x / L;
          expect(u).toBeLessThan(an.body.end + 0.02);
          if (u < an.body.end) {
            expect([s.id, mark, y > an.body.topAt(u) - 1, y < an.body.bottomAt(u) + 1]).toEqual([
              s.id,
              mark,
              true,
              true,
            ]);
          }
          if (mark === 'pin bones') expect(u).toBeLessThan(0.65);
        }
      }
    }
  });
  test('cuts that share it out are drawn across; without a text there is no badge', () => {
    const pollack = SPECIES.find((s) => s.id === 'pollack')!.figure;
    const of = (acrossU: readonly number[]) =>
      drawFish(pollack, { size: 300, apart: apartOverlay({ marks: [{ mark: 'cheek', text: null }], acrossU }) }).svg;
    const dashes = (svg: string): number => svg.split('stroke-dasharray').length - 1;
    expect(dashes(of([0.4, 0.6])) - dashes(of([]))).toBe(2);
    expect(APART_MARKS).toContain('cheek');
  });
});

/** A pen that draws nothing and keeps the lines that it was given. */
function silentPen(lines: (readonly (readonly [number, number])[])[] = []) {
  const nothing = (): void => undefined;
  return {
    ...{ dots: nothing, fill: nothing, line: nothing, dashed: nothing, raw: nothing },
    paths: (list: readonly (readonly (readonly [number, number])[])[]) => void lines.push(...list),
  };
}
