import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/index.ts';
import { normalQuantile } from '../stats/index.ts';
import { FEELS, type Feel, LEAST_OF_LEVEL, type MovedCut, whatMoved } from './index.ts';
import { shareAt } from './yield-model.ts';

const USUAL = [0.34, 0.42] as const;
const cut = (z: number, more: Partial<MovedCut> = {}): MovedCut => ({
  species: 'pollack',
  by: 'tomas',
  massG: 1000,
  usual: USUAL,
  usualG: 1000,
  feel: 'stiff',
  quarter: 3,
  turn: 0.5,
  share: shareAt(z, USUAL),
  ...more,
});
const many = (n: number, of: (i: number) => MovedCut): MovedCut[] => Array.from({ length: n }, (_, i) => of(i));

describe('what moved the yield', () => {
  test('against the closed form: two feels, as often, one knife, one species', () => {
    // Both feels hang on the same rest; their difference has prior variance 2 x 0.15 and scatter 2 x 0.4 / 20.
    const past = [...many(20, () => cut(-0.5)), ...many(20, () => cut(0.5, { feel: 'not stiff yet' }))];
    const { moved } = whatMoved(past, USUAL);
    const [soft, stiff] = [moved.find((m) => m.is === 'not stiff yet')!, moved.find((m) => m.is === 'stiff')!];
    const half = (0.5 * 0.15) / (0.15 + 0.4 / 20);
    expect(soft.points).toBeCloseTo(100 * (shareAt(half, USUAL) - shareAt(0, USUAL)), 6);
    expect(stiff.points).toBeCloseTo(100 * (shareAt(-half, USUAL) - shareAt(0, USUAL)), 6);
    expect([soft.verdict, stiff.verdict, soft.n]).toEqual(['more', 'less', 20]);
  });

  test('a knife that mostly met stiff fish is not held against their stiffness', () => {
    const past = [
      ...many(30, (i) => cut(i % 10 === 0 ? 1 : -1, { by: i % 10 === 0 ? 'tomas' : 'jonas' })),
      ...many(30, (i) => cut(i % 10 === 0 ? -1 : 1, { by: i % 10 === 0 ? 'jonas' : 'tomas', feel: 'soft again' })),
    ];
    const stiff = whatMoved(past, USUAL).moved.find((m) => m.is === 'stiff')!;
    expect(stiff.verdict).toBeNull();
    expect(Math.abs(stiff.points)).toBeLessThan(0.5);
  });

  test('a knife that learned over a year in which stiff fish came first is not held against them either', () => {
    const past = many(60, (i) =>
      cut(i / 30 - 1, { turn: i / 59, feel: i % 3 === 0 || i < 15 ? 'stiff' : 'soft again' }),
    );
    const without = whatMoved(
      past.map((c) => ({ ...c, turn: 0.5 })),
      USUAL,
    ).moved.find((m) => m.is === 'stiff')!;
    const stiff = whatMoved(past, USUAL).moved.find((m) => m.is === 'stiff')!;
    expect(Math.abs(stiff.points)).toBeLessThan(Math.abs(without.points) / 2);
  });

  test('too few, or all alike, is said to be so; what nobody knows counts for nothing', () => {
    const alike = whatMoved(
      many(9, () => cut(0)),
      USUAL,
    );
    expect(alike.moved).toEqual([]);
    expect(alike.tooFew.map((t) => [t.of, t.is, t.n])).toEqual([
      ['stiffness', 'stiff', 9],
      ['season', '3', 9],
      ['size', 'twice the weight', 9],
    ]);
    const few = whatMoved(
      [...many(LEAST_OF_LEVEL - 1, () => cut(1)), ...many(9, () => cut(0, { feel: 'soft again', quarter: null }))],
      USUAL,
    );
    expect(few.tooFew).toContainEqual({ of: 'stiffness', is: 'stiff', n: 4 });
    expect(few.moved.map((m) => m.is)).toEqual(['soft again']);
    expect(whatMoved([], USUAL)).toEqual({ moved: [], tooFew: [] });
    expect(whatMoved([cut(0, { share: 1.2 }), cut(0, { massG: 0 })], USUAL).tooFew).toEqual([]);
  });

  test('larger fish that give more, all else alike: the slope is found', () => {
    const past = many(40, (i) => cut(i % 2 ? 0.6 : -0.6, { massG: i % 2 ? 2000 : 500 }));
    const size = whatMoved(past, USUAL).moved.find((m) => m.of === 'size')!;
    expect(size.verdict).toBe('more');
    expect(size.points).toBeGreaterThan(0.4);
  });

  test('95 in 100 ranges hold what is true of simulated kitchens, between 93 and 97', () => {
    let [held, of] = [0, 0];
    for (let seed = 1; seed <= 400; seed++) {
      const random = seeded(seed);
      const normal = (v: number): number => Math.sqrt(v) * normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, random())));
      const [way, species, person, slope] = [normal(0.15), normal(0.25), normal(0.2), normal(0.15 ** 2)];
      const feels = Object.fromEntries(FEELS.map((f) => [f, normal(0.15)]));
      const seasons = [1, 2, 3, 4].map(() => normal(0.15));
      const past = many(30 + (seed % 50), () => {
        const feel = FEELS[Math.floor(random() * 3)] as Feel;
        const quarter = (1 + Math.floor(random() * 4)) as 1 | 2 | 3 | 4;
        const massG = 1000 * Math.exp(normal(0.25));
        const z = way + species + person + slope * Math.log(massG / 1000) + feels[feel]! + seasons[quarter - 1]!;
        return cut(z + normal(0.4), { feel, quarter, massG });
      });
      const n = (f: Feel): number => past.filter((c) => c.feel === f).length;
      const mean = FEELS.reduce((sum, f) => sum + (n(f) / past.length) * feels[f]!, 0);
      for (const m of whatMoved(past, USUAL).moved.filter((x) => x.of === 'stiffness')) {
        const truth = 100 * (shareAt(feels[m.is]! - mean, USUAL) - shareAt(0, USUAL));
        of++;
        if (truth >= m.low && truth <= m.high) held++;
      }
    }
    expect(of).toBeGreaterThan(1000);
    expect(held / of).toBeGreaterThan(0.93);
    expect(held / of).toBeLessThan(0.97);
  });

  test('any cuts: the range holds its middle, the verdict follows from it, and the order tells nothing', () => {
    const any = fc.record({
      z: fc.double({ min: -3, max: 3, noNaN: true }),
      feel: fc.option(fc.constantFrom(...FEELS)),
      quarter: fc.option(fc.constantFrom(1 as const, 2 as const, 3 as const, 4 as const)),
      massG: fc.integer({ min: 100, max: 9000 }),
      by: fc.constantFrom('tomas', 'jonas'),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 40 }), (list) => {
        const past = list.map(({ z, ...more }) => cut(z, more));
        const { moved } = whatMoved(past, USUAL);
        const back = whatMoved([...past].reverse(), USUAL).moved;
        for (const [i, m] of moved.entries()) {
          expect(m.low <= m.points && m.points <= m.high).toBe(true);
          expect(m.verdict).toBe(m.low > 0 ? 'more' : m.high < 0 ? 'less' : null);
          expect(back[i]!.points).toBeCloseTo(m.points, 6);
        }
      }),
      { numRuns: 60 },
    );
  });
});
