import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../random/index.ts';
import { type AgeingFacts, lossCurve, mindAgeing, mustNotAge, readyWindow, weightAfter } from './index.ts';

const lossAt = (r: number, t: number): number => 0.18 * (1 - Math.exp((-r * t) / 0.18));

describe('the curve of weight', () => {
  test('without a weighing it is what is usual; exact weighings are met', () => {
    expect(lossCurve(2000, [])).toEqual({ perDay: 0.015, sd: 0.005, n: 0 });
    const weighings = [1, 2, 3, 4, 5].map((days) => ({ days, massG: 2000 * (1 - lossAt(0.011, days)) }));
    const c = lossCurve(2000, weighings);
    expect(c.perDay).toBeCloseTo(0.011, 4);
    expect(c.sd).toBeLessThan(0.001);
    expect(weightAfter(2000, c, 7)[1]).toBeCloseTo(2000 * (1 - lossAt(0.011, 7)), 0);
  });

  test('its band holds the weight of the eighth day in 93 to 97 of a hundred', () => {
    const random = seeded(7);
    let inside = 0;
    const runs = 2000;
    for (let i = 0; i < runs; i++) {
      const r = Math.max(0, normal(random, 0.015, 0.005));
      const weighings = [1, 2, 3].map((days) => ({
        days,
        massG: 1800 * (1 - lossAt(r, days) + normal(random, 0, 0.003)),
      }));
      const [low, , high] = weightAfter(1800, lossCurve(1800, weighings), 8);
      const truth = 1800 * (1 - lossAt(r, 8));
      if (truth >= low && truth <= high) inside += 1;
    }
    expect(inside / runs).toBeGreaterThan(0.93);
    expect(inside / runs).toBeLessThan(0.975);
  });

  test('it never grows, and never loses more than it may', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            days: fc.double({ min: 0, max: 12, noNaN: true }),
            massG: fc.double({ min: 100, max: 4000, noNaN: true }),
          }),
          {
            maxLength: 8,
          },
        ),
        (weighings) => {
          const c = lossCurve(2000, weighings);
          const at = [0, 1, 3, 6, 12].map((d) => weightAfter(2000, c, d)[1]);
          expect(at[0]).toBeCloseTo(2000, 6);
          for (let i = 1; i < at.length; i++) expect(at[i]!).toBeLessThanOrEqual(at[i - 1]! + 1e-9);
          expect(at.at(-1)!).toBeGreaterThanOrEqual(2000 * 0.82 - 1e-6);
        },
      ),
    );
  });
});

describe('when it is ready', () => {
  test('a turbot of 14 ice-days at 1 degree; a mackerel has no days; a colder rack gives more', () => {
    expect(readyWindow(0.1, 14, 1)).toEqual({ from: 5, to: 7 });
    expect(readyWindow(0.1, 14, 0)).toEqual({ from: 5, to: 9 });
    expect(readyWindow(0.4, 5, 2)).toBeNull();
    expect(readyWindow(0.8, 14, 1)).toBeNull();
  });

  test('a colder rack never brings the end sooner, a fresher fish never either', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.integer({ min: 4, max: 20 }),
        fc.double({ min: -1, max: 5, noNaN: true }),
        (used, iceDays, c) => {
          const to = (w: ReturnType<typeof readyWindow>): number => w?.to ?? 0;
          const here = readyWindow(used, iceDays, c);
          expect(to(readyWindow(used, iceDays, c - 1))).toBeGreaterThanOrEqual(to(here));
          expect(to(readyWindow(Math.max(0, used - 0.1), iceDays, c))).toBeGreaterThanOrEqual(to(here));
          if (here) expect(here.from).toBeLessThanOrEqual(here.to);
        },
      ),
    );
  });
});

describe('what must not be aged', () => {
  const facts = (more: Partial<AgeingFacts> = {}): AgeingFacts => ({
    whole: true,
    gutted: true,
    massG: 1500,
    thawed: false,
    rinsed: false,
    histamine: 'none',
    gutBurst: false,
    skinBroken: false,
    soft: false,
    storeC: 1,
    storeRead: true,
    damp: 84,
    window: { from: 5, to: 8 },
    ...more,
  });
  test('each reason stands alone; nothing forbids a sound fish on a cold rack', () => {
    expect([mustNotAge(facts()), mindAgeing(facts())]).toEqual([[], []]);
    const no: [Partial<AgeingFacts>, RegExp][] = [
      [{ whole: false }, /Only a whole fish/],
      [{ thawed: true }, /frozen/],
      [{ histamine: 'over' }, /over the histamine limit/],
      [{ histamine: 'near' }, /forms histamine/],
      [{ histamine: 'within' }, /forms histamine.*at 0 to 5°/],
      [{ gutBurst: true }, /gut burst/],
      [{ skinBroken: true }, /skin is broken/],
      [{ soft: true }, /soft/],
      [{ storeC: 4.5 }, /reads 4\.5°: above 3°/],
      [{ window: null }, /no days are left/],
    ];
    for (const [f, says] of no) expect(mustNotAge(facts(f))).toEqual([expect.stringMatching(says)]);
    expect(mustNotAge(facts({ storeC: 9, storeRead: false }))).toEqual([]);
    expect(mindAgeing(facts({ gutted: false, rinsed: true, massG: 300, damp: 60, storeRead: false }))).toHaveLength(5);
    expect(mindAgeing(facts({ damp: 95 }))[0]).toMatch(/slime/);
    expect(mindAgeing(facts({ damp: null }))[0]).toMatch(/80 to 90/);
  });
});
