import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/index.ts';
import { normalQuantile } from '../stats/index.ts';
import { against, CONTROL_Z, knifeChart, LEAST_CUTS, type PastCut, YieldModel } from './index.ts';

const USUAL = [0.34, 0.42] as const;
const logit = (p: number) => Math.log(p / (1 - p));
const sd = (logit(USUAL[1]) - logit(USUAL[0])) / (2 * 1.6448536);
const middle = (logit(USUAL[0]) + logit(USUAL[1])) / 2;
const cut = (more: Partial<PastCut> = {}): PastCut => ({
  species: 'pollack',
  by: 'tomas',
  massG: 1000,
  share: 0.38,
  usual: USUAL,
  usualG: 1000,
  ...more,
});

/** A simulated kitchen: offsets of way, species and persons, a slope on size, scatter; as the model's priors have them. */
function kitchen(seed: number) {
  const random = seeded(seed);
  const normal = (s: number): number => s * normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, random())));
  const way = normal(Math.sqrt(0.15));
  const slope = normal(0.15);
  const of = (variance: number, ...ids: string[]) =>
    Object.fromEntries(ids.map((id) => [id, normal(Math.sqrt(variance))]));
  const species = of(0.25, 'pollack', 'cod', 'seabass');
  const person = of(0.2, 'tomas', 'maren', 'jonas');
  return (): PastCut => {
    const s = Object.keys(species)[Math.floor(random() * 3)]!;
    const by = Object.keys(person)[Math.floor(random() * 3)]!;
    const massG = 1000 * Math.exp(normal(0.5));
    const z = way + species[s]! + person[by]! + slope * Math.log(massG / 1000) + normal(Math.sqrt(0.4));
    return cut({ species: s, by, massG, share: 1 / (1 + Math.exp(-(middle + sd * z))) });
  };
}

describe('what a cut should yield', () => {
  test('with too few cuts it is the usual range of the species, and says so', () => {
    const few = new YieldModel([cut({ share: 0.3 }), cut({ share: 0.3 })]);
    expect(few.expect(cut())).toEqual({ low: 0.34, mid: expect.closeTo(0.3794, 3), high: 0.42, n: 0 });
    expect(new YieldModel(Array.from({ length: LEAST_CUTS }, () => cut())).expect(cut()).n).toBe(LEAST_CUTS);
    // Of another species nothing is known, however much is known of this one.
    expect(new YieldModel(Array.from({ length: 40 }, () => cut())).expect(cut({ species: 'cod' })).n).toBe(0);
  });

  test('against the closed form: one species, one person, usual mass; the mean shrinks by its weight', () => {
    const n = 12;
    const model = new YieldModel(Array.from({ length: n }, () => cut({ share: 0.34 })));
    const z = (logit(0.34) - middle) / sd;
    // Way, species and person lie on one another: prior variance 0.6 against scatter 0.4 / n.
    const shrunk = (z * 0.6) / (0.6 + 0.4 / n);
    expect(logit(model.expect(cut()).mid)).toBeCloseTo(middle + sd * shrunk, 6);
    expect(model.knife('tomas')).toBeCloseTo((shrunk * 0.2) / 0.6, 6);
    expect(model.knife('nobody')).toBe(0);
  });

  test('95 in 100 intervals hold between 93 and 97 of the next cuts of simulated kitchens', () => {
    let [held, of] = [0, 0];
    for (let seed = 1; seed <= 260; seed++) {
      const draw = kitchen(seed);
      const model = new YieldModel(Array.from({ length: 6 + (seed % 40) }, draw));
      for (let i = 0; i < 12; i++) {
        const next = draw();
        const e = model.expect(next, 0.95);
        if (e.n === 0) continue;
        of++;
        if (next.share >= e.low && next.share <= e.high) held++;
      }
    }
    expect(of).toBeGreaterThan(2000);
    expect(held / of).toBeGreaterThan(0.93);
    expect(held / of).toBeLessThan(0.97);
  });

  test('it learns: after many cuts the better knife is told from the worse, and the brackets are narrower than the usual', () => {
    const draw = (by: string, share: number, k: number) => cut({ by, share: share + (k % 5) * 0.004 });
    const model = new YieldModel([
      ...Array.from({ length: 30 }, (_, k) => draw('tomas', 0.4, k)),
      ...Array.from({ length: 30 }, (_, k) => draw('jonas', 0.35, k)),
    ]);
    const [tomas, jonas] = [model.expect(cut()), model.expect(cut({ by: 'jonas' }))];
    expect(tomas.mid).toBeGreaterThan(jonas.mid + 0.03);
    expect(tomas.high - tomas.low).toBeLessThan(0.08);
    expect(model.knife('tomas')).toBeGreaterThan(model.knife('jonas'));
    // One who has not cut yet stands between them, less surely.
    const other = model.expect(cut({ by: 'maren' }));
    expect(other.mid).toBeGreaterThan(jonas.mid);
    expect(other.mid).toBeLessThan(tomas.mid);
    expect(other.high - other.low).toBeGreaterThan(tomas.high - tomas.low);
  });

  test('any cuts, also such as cannot be: shares stay between 0 and 1, in order, and the order of cuts tells nothing', () => {
    const any = fc.record({
      species: fc.constantFrom('pollack', 'cod', '__proto__'),
      by: fc.constantFrom('a', 'b'),
      massG: fc.oneof(fc.constant(0), fc.double({ min: 1, max: 50_000, noNaN: true })),
      share: fc.oneof(fc.constantFrom(0, 1, 2, -1, Number.NaN), fc.double({ min: 0.001, max: 0.999, noNaN: true })),
      usual: fc.constant(USUAL),
      usualG: fc.constant(900),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 60 }), any, (past, next) => {
        const asked = { ...next, massG: Math.max(1, next.massG) };
        const e = new YieldModel(past).expect(asked);
        expect(e.low > 0 && e.low <= e.mid && e.mid <= e.high && e.high < 1).toBe(true);
        const turned = new YieldModel([...past].reverse()).expect(asked);
        expect(turned.mid).toBeCloseTo(e.mid, 7);
        expect(turned.low).toBeCloseTo(e.low, 7);
      }),
    );
  });

  test('a range or a mass that cannot be is refused', () => {
    expect(() => new YieldModel([]).expect(cut({ massG: 0 }))).toThrow(RangeError);
    expect(() => new YieldModel([]).expect(cut({ usual: [0.4, 0.4] }))).toThrow(RangeError);
  });
});

describe('a knife over time', () => {
  const e = { low: 0.34, mid: 0.38, high: 0.42 };
  test('a weighing against its expectation', () => {
    expect(against(380, 1000, e)).toMatchObject({ offG: 0, verdict: 'usual' });
    expect(against(380, 1000, e)!.z).toBeCloseTo(0, 9);
    expect(against(330, 1000, e)).toMatchObject({ offG: -50, verdict: 'under' });
    expect(against(430, 1000, e)!.verdict).toBe('over');
    for (const [m, r] of [
      [0, 1000],
      [1000, 1000],
      [1200, 1000],
    ] as const)
      expect(against(m, r, e)).toBeNull();
  });

  test('five cuts or it does not tell; an unchanged knife is called changed one time in ten, a point outside one time in a hundred', () => {
    expect(knifeChart([1, 1, 1, 1]).trend).toBeNull();
    const random = seeded(5);
    const normal = (): number => normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, random())));
    let [changed, outside, points] = [0, 0, 0];
    for (let k = 0; k < 4000; k++) {
      const chart = knifeChart(Array.from({ length: 10 }, normal));
      if (chart.trend !== 'as expected') changed++;
      outside += chart.points.filter((p) => p.outside).length;
      points += 10;
    }
    expect(changed / 4000).toBeGreaterThan(0.085);
    expect(changed / 4000).toBeLessThan(0.115);
    expect(outside / points).toBeGreaterThan(0.0085);
    expect(outside / points).toBeLessThan(0.0115);
  });

  test('a better and a worse knife', () => {
    expect(knifeChart([-2, -2, 0, 1, 1, 1, 1, 1, 1, 1, 1, 1]).trend).toBe('better');
    expect(knifeChart([-1, -1, -1, -1, -1, -1]).trend).toBe('worse');
    expect(knifeChart([CONTROL_Z + 0.01]).points[0]!.outside).toBe(true);
  });
});
