import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { routesFor } from '@dagboek/core/cut';
import fc from 'fast-check';
import { buildAnatomy } from '../anatomy.ts';
import type { FigureSpec } from '../spec.ts';
import { L } from '../units.ts';
import { cutLine } from './cut-lines.ts';
import { steakPlan } from './steak-plan.ts';

const SPECIES = loadSpecies().filter((s) => routesFor(s).includes('steaks'));
const figure = (id: string) => SPECIES.find((s) => s.id === id)!.figure as unknown as FigureSpec;

describe('steaks, counted before they are cut', () => {
  test('head, steaks and tail make the whole fish; as many as are drawn; none weighs nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.integer({ min: 300, max: 1600 }),
        fc.integer({ min: 300, max: 40_000 }),
        fc.integer({ min: 12, max: 60 }),
        (s, lengthMm, massG, thickMm) => {
          const spec = s.figure as unknown as FigureSpec;
          const plan = steakPlan(spec, { lengthMm, massG, thickMm });
          const sum = plan.steaksG.reduce((a, b) => a + b, plan.headG + plan.tailG);
          expect(sum).toBeCloseTo(massG, 6);
          for (const g of plan.steaksG) expect(g).toBeGreaterThan(0);
          const u = thickMm / lengthMm;
          if (u >= 0.012 && u <= 0.4)
            expect(Math.max(0, cutLine(buildAnatomy(spec), 'steaks', { steakU: u }).length - 1)).toBe(
              plan.steaksG.length,
            );
        },
      ),
      { numRuns: 80 },
    );
  });

  test('each is within a tenth of the integral over its own slice of the body, by an independent rule', () => {
    const spec = figure('cod');
    const { body } = buildAnatomy(spec);
    // Simpson's rule over the square of the depth, from the nose to the root of the tail.
    const simpson = (a: number, b: number, n = 400): number => {
      const h = (b - a) / n;
      let sum = body.depth(a) ** 2 + body.depth(b) ** 2;
      for (let i = 1; i < n; i++) sum += body.depth(a + i * h) ** 2 * (i % 2 ? 4 : 2);
      return (sum * h) / 3;
    };
    const plan = steakPlan(spec, { lengthMm: 700, massG: 3500, thickMm: 25 });
    const whole = simpson(0, body.end);
    const us = cutLine(buildAnatomy(spec), 'steaks', { steakU: 25 / 700 }).map((s) => s.points[0]![0] / L);
    expect(plan.steaksG.length).toBeGreaterThan(6);
    for (const [i, g] of plan.steaksG.entries()) {
      const exact = (3500 * simpson(us[i]!, us[i + 1]!)) / whole;
      expect(Math.abs(g - exact) / exact).toBeLessThan(0.1);
    }
  });

  test('thinner steaks are more and lighter; a fish shorter than its steak gives none', () => {
    const of = (thickMm: number) => steakPlan(figure('tope'), { lengthMm: 1200, massG: 9000, thickMm });
    expect(of(20).steaksG.length).toBeGreaterThan(of(40).steaksG.length);
    expect(Math.max(...of(20).steaksG)).toBeLessThan(Math.max(...of(40).steaksG));
    expect(of(900).steaksG).toEqual([]);
    expect(of(900).headG + of(900).tailG).toBeCloseTo(9000, 6);
    for (const bad of [{ lengthMm: 0 }, { massG: -1 }, { thickMm: 0 }])
      expect(() => steakPlan(figure('cod'), { lengthMm: 700, massG: 3500, thickMm: 25, ...bad })).toThrow(RangeError);
  });
});
