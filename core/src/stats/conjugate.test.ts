import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ConjugateRegression, type Term } from './index.ts';

const [SCATTER, SHAPE] = [0.04, 3];
const level = (variance = 1): Term => ['level', 1, variance];

/** A regression that saw these values of one level. */
function saw(values: readonly number[], variance = 1): ConjugateRegression {
  const r = new ConjugateRegression(SCATTER, SHAPE);
  for (const z of values) r.learn([level(variance)], z);
  return r;
}

describe('a level, against the closed form of one normal mean', () => {
  test('its mean is drawn to 0 by the weight of its prior; its spread and degrees are those of the t', () => {
    const values = [0.3, 0.5, 0.1, 0.7];
    const n = values.length;
    const sum = values.reduce((a, b) => a + b, 0);
    const precision = n + SCATTER / 1;
    const mean = sum / precision;
    const squares = values.reduce((a, z) => a + z * z, 0) - sum ** 2 / precision;
    const variance = ((SHAPE - 1) * SCATTER + squares / 2) / (SHAPE + n / 2);
    const r = saw(values);
    expect(r.degrees).toBe(2 * SHAPE + n);
    expect(r.variance).toBeCloseTo(variance, 12);
    expect(r.sum([level()]).mean).toBeCloseTo(mean, 12);
    expect(r.sum([level()]).spread).toBeCloseTo(Math.sqrt(variance / precision), 12);
    expect(r.sum([level()], true).spread).toBeCloseTo(Math.sqrt(variance * (1 + 1 / precision)), 12);
  });

  test('before anything was seen it is its prior, and a term that was never met brings the whole of its own', () => {
    const r = new ConjugateRegression(SCATTER, SHAPE);
    expect(r.variance).toBeCloseTo(((SHAPE - 1) * SCATTER) / SHAPE, 12);
    expect(r.sum([]).spread).toBe(0);
    expect(r.sum([level(0.25)])).toEqual({ mean: 0, spread: Math.sqrt((r.variance * 0.25) / SCATTER) });
    expect(r.knows('level')).toBe(false);
    const known = saw([0.2]);
    expect(known.knows('level')).toBe(true);
    const alone = known.sum([level()]).spread ** 2;
    expect(known.sum([level(), ['who', 2, 0.09]]).spread ** 2).toBeCloseTo(
      alone + (known.variance * 4 * 0.09) / SCATTER,
      12,
    );
  });
});

describe('several terms', () => {
  test('two that were always met together share what was seen; a weight counts as a weight', () => {
    const r = new ConjugateRegression(SCATTER, SHAPE);
    for (let i = 0; i < 50; i++) r.learn([level(), ['who', 2, 1]], 1);
    // The least of squares with equal priors: along the weights 1 and 2.
    const [a, b] = [r.sum([level()]).mean, r.sum([['who', 1, 1]]).mean];
    expect(b / a).toBeCloseTo(2, 9);
    expect(a + 2 * b).toBeCloseTo(1, 2);
    expect(r.sum([level(), ['who', 2, 1]]).mean).toBeCloseTo(a + 2 * b, 12);
    // Of the one without the other little is known.
    expect(r.sum([level()]).spread).toBeGreaterThan(5 * r.sum([level(), ['who', 2, 1]]).spread);
  });

  test('placed, a term is there with its prior and changes nothing else', () => {
    const [a, b] = [saw([0.2, 0.4]), saw([0.2, 0.4])];
    expect(b.place('other', 0.5)).toBe(1);
    expect(b.place('other', 9)).toBe(1);
    expect(b.sum([level()])).toEqual(a.sum([level()]));
    expect(b.sum([['other', 1, 0.5]]).spread).toBeCloseTo(Math.sqrt((b.variance * 0.5) / SCATTER), 12);
  });

  test('the order in which it was learned does not matter, and more of the same narrows it', () => {
    const seen = fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.double({ min: -2, max: 2, noNaN: true })), {
      minLength: 2,
      maxLength: 12,
    });
    fc.assert(
      fc.property(seen, (list) => {
        const of = (xs: typeof list): ConjugateRegression => {
          const r = new ConjugateRegression(SCATTER, SHAPE);
          for (const n of ['a', 'b', 'c']) r.place(n, 0.3);
          for (const [who, z] of xs) r.learn([level(), [who, 1, 0.3]], z);
          return r;
        };
        const [one, two] = [of(list), of([...list].reverse())];
        expect(two.sum([level(), ['a', 1, 0.3]]).mean).toBeCloseTo(one.sum([level(), ['a', 1, 0.3]]).mean, 9);
        expect(two.variance).toBeCloseTo(one.variance, 9);
        const again = of([...list, ...list]);
        const share = (r: ConjugateRegression): number => r.sum([level()]).spread ** 2 / r.variance;
        expect(share(again)).toBeLessThan(share(one));
      }),
    );
  });
});
