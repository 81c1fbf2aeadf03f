import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../random/index.ts';
import { B_RANGE, expectedWeight, fitLengthWeight, CURVE_PRIOR, type WeighedFish } from './index.ts';
import { normalQuantile } from '../stats/index.ts';

const SPECIES = { weight: { a: 0.0079, b: 3.05, sdLog: 0.12 }, usualMm: [250, 600] } as const;
const fit = (fish: readonly WeighedFish[], species: Parameters<typeof fitLengthWeight>[0] = SPECIES) => {
  const r = fitLengthWeight(species, fish);
  if (!r.ok) throw new Error(r.why);
  return r;
};
const onCurve = (a: number, b: number, mm: number): WeighedFish => ({ lengthMm: mm, massG: a * (mm / 10) ** b });

describe('weight at length of one’s own fish', () => {
  test('without any it is the typical curve, with a wider range: the curve itself is not quite known', () => {
    const r = fit([]);
    expect(r.weight.a).toBeCloseTo(0.0079, 9);
    expect(r.weight.b).toBeCloseTo(3.05, 12);
    expect(r.ownB).toBeNull();
    const [mine, usual] = [r.predict(400), expectedWeight(SPECIES, 400)];
    expect(mine.massG).toBeCloseTo(usual.massG, 6);
    expect(mine.lowG).toBeLessThan(usual.lowG);
  });

  test('many fish outweigh it: the fit goes to their least squares, worked out by the closed form', () => {
    const rng = seeded(3);
    const fish = Array.from({ length: 4000 }, () => {
      const mm = 260 + rng() * 320;
      return { lengthMm: mm, massG: 0.0105 * (mm / 10) ** 2.95 * Math.exp(normal(rng, 0, 0.08)) };
    });
    const xs = fish.map((f) => Math.log(f.lengthMm / 10));
    const ys = fish.map((f) => Math.log(f.massG));
    const mean = (v: readonly number[]): number => v.reduce((s, x) => s + x, 0) / v.length;
    const [mx, my] = [mean(xs), mean(ys)];
    const b =
      xs.reduce((s, x, i) => s + (x - mx) * ((ys[i] as number) - my), 0) / xs.reduce((s, x) => s + (x - mx) ** 2, 0);
    const r = fit(fish);
    expect(r.ownB).toBeCloseTo(b, 9);
    expect(Math.abs(r.weight.b - b)).toBeLessThan(0.002);
    expect(Math.abs(Math.log(r.predict(400).massG) - (my + b * (Math.log(40) - mx)))).toBeLessThan(0.002);
    expect(r.weight.sdLog).toBeCloseTo(0.08, 2);
  });

  test('fish as precise together as the level is known beforehand go half of the way, and leave the exponent alone', () => {
    const centre = Math.sqrt(250 * 600);
    const prior = { ...CURVE_PRIOR, levelSd: 0.12 / Math.sqrt(10) };
    const fish = Array.from({ length: 10 }, () => ({
      lengthMm: centre,
      massG: expectedWeight(SPECIES, centre).massG * 1.2,
    }));
    const r = fitLengthWeight(SPECIES, fish, prior);
    if (!r.ok) throw new Error(r.why);
    expect(Math.log(r.predict(centre).massG / expectedWeight(SPECIES, centre).massG)).toBeCloseTo(Math.log(1.2) / 2, 9);
    expect(r.weight.b).toBeCloseTo(3.05, 9);
  });

  test('the posterior is that of the prior’s fish and one’s own together: exact least squares with both', () => {
    // Ten typical fish about the centre with the prior's spread, as data of their own.
    const centre = Math.log(Math.sqrt(250 * 600) / 10);
    const half = 0.22;
    const pseudo = Array.from({ length: 10 }, (_, i) => centre + (i % 2 ? half : -half));
    // The same precision, said as widths: sd / sqrt(n) of the level, sd / sqrt(n) / half of the exponent.
    const prior = { levelSd: 0.12 / Math.sqrt(10), slopeSd: 0.12 / Math.sqrt(10) / half, scatterFish: 10 };
    const own = [onCurve(0.009, 3.0, 300), onCurve(0.0081, 3.1, 420), onCurve(0.0099, 2.98, 520)];
    const x = [...pseudo, ...own.map((f) => Math.log(f.lengthMm / 10))];
    const y = [...pseudo.map((v) => Math.log(0.0079) + 3.05 * v), ...own.map((f) => Math.log(f.massG))];
    const [mx, my] = [x, y].map((v) => v.reduce((s, k) => s + k, 0) / v.length) as [number, number];
    const b =
      x.reduce((s, v, i) => s + (v - mx) * ((y[i] as number) - my), 0) / x.reduce((s, v) => s + (v - mx) ** 2, 0);
    const r = fitLengthWeight(SPECIES, own, prior);
    if (!r.ok) throw new Error(r.why);
    expect(r.weight.b).toBeCloseTo(b, 10);
    expect(Math.log(r.weight.a)).toBeCloseTo(my - b * mx, 10);
  });

  test('ranges of 95 in 100 cover 93 to 97 in 100, over true curves that scatter as the prior says', () => {
    const rng = seeded(12);
    const gamma = (shape: number): number => {
      // A sum of squares of normals: chi-squared with 2 * shape degrees, halved.
      let s = 0;
      for (let i = 0; i < 2 * shape; i++) s += normal(rng) ** 2;
      return s / 2;
    };
    const centre = Math.log(Math.sqrt(250 * 600) / 10);
    let covered = 0;
    let runs = 0;
    for (let book = 0; book < 400; book++) {
      const { levelSd, slopeSd, scatterFish } = CURVE_PRIOR;
      const variance = (scatterFish * 0.12 ** 2) / 2 / gamma(scatterFish / 2);
      const level = Math.log(0.0079) + 3.05 * centre + normal(rng, 0, (levelSd * Math.sqrt(variance)) / 0.12);
      const b = 3.05 + normal(rng, 0, (slopeSd * Math.sqrt(variance)) / 0.12);
      const one = (): WeighedFish => {
        const mm = 240 + rng() * 380;
        return {
          lengthMm: mm,
          massG: Math.exp(level + b * (Math.log(mm / 10) - centre) + normal(rng, 0, Math.sqrt(variance))),
        };
      };
      const r = fitLengthWeight(SPECIES, Array.from({ length: 1 + (book % 12) }, one));
      if (!r.ok) continue;
      for (let i = 0; i < 10; i++) {
        const f = one();
        const p = r.predict(f.lengthMm, 0.95);
        runs++;
        if (f.massG >= p.lowG && f.massG <= p.highG) covered++;
      }
    }
    expect(runs).toBeGreaterThan(3500);
    expect(covered / runs).toBeGreaterThan(0.93);
    expect(covered / runs).toBeLessThan(0.97);
  });

  test('an exponent that no fish has is refused, with what to look at', () => {
    const fish = Array.from({ length: 60 }, (_, i) => onCurve(0.5, 2, 250 + i * 6));
    const r = fitLengthWeight(SPECIES, fish);
    expect(r).toMatchObject({ ok: false });
    expect(r.ok || r.why).toMatch(/exponent of 2\.\d\d.*lengths, weights or species/);
  });

  test('a fish weighed in the wrong unit stands out by more than 3, an ordinary one does not', () => {
    const rng = seeded(5);
    const fish = Array.from({ length: 20 }, (_, i) => ({
      lengthMm: 300 + i * 14,
      massG: expectedWeight(SPECIES, 300 + i * 14).massG * Math.exp(normal(rng, 0, 0.09)),
    }));
    const r = fit(fish);
    for (const f of fish) expect(Math.abs(r.oddity(f))).toBeLessThan(3);
    expect(r.oddity({ lengthMm: 420, massG: 2 * expectedWeight(SPECIES, 420).massG })).toBeGreaterThan(3);
    expect(r.oddity({ lengthMm: 420, massG: expectedWeight(SPECIES, 420).massG / 2.2 })).toBeLessThan(-3);
    expect(r.condition({ lengthMm: 420, massG: r.predict(420).massG * 1.1 })).toBeCloseTo(1.1, 9);
  });

  /** Roach of another water: leaner by a fifth than the typical curve, of an exponent of their own, mostly small. */
  const ROACH = { weight: { a: 0.0105, b: 3.1, sdLog: 0.12 }, usualMm: [120, 230] } as const;
  const roachOf = (seed: number, n: number, level: number, b: number): WeighedFish[] => {
    const rng = seeded(seed);
    const centre = Math.log(Math.sqrt(120 * 230) / 10);
    const at = Math.log(0.0105) + 3.1 * centre + level;
    return Array.from({ length: n }, () => {
      const mm = 100 + rng() * 150;
      return { lengthMm: mm, massG: Math.exp(at + b * (Math.log(mm / 10) - centre) + normal(rng, 0, 0.11)) };
    });
  };

  test('a leaner stock of a dozen and a half is learned as leaner, not as of another shape', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const r = fitLengthWeight(ROACH, roachOf(seed, 19, -0.25, 3.11));
      expect([seed, r.ok]).toEqual([seed, true]);
      if (!r.ok) continue;
      expect(Math.abs(r.weight.b - 3.11)).toBeLessThan(0.3);
      const there = r.predict(170).massG / expectedWeight(ROACH, 170).massG;
      expect(Math.log(there)).toBeLessThan(-0.13);
    }
  });

  test('left out one at a time, fish of another water lie within the 90 % range 85 to 95 times in 100', () => {
    let inside = 0;
    let all = 0;
    for (let seed = 1; seed <= 60; seed++) {
      const fish = roachOf(seed, 8 + (seed % 30), -0.3 + (seed % 7) * 0.1, 2.95 + (seed % 5) * 0.07);
      fish.forEach((f, i) => {
        const r = fitLengthWeight(
          ROACH,
          fish.filter((_, k) => k !== i),
        );
        if (!r.ok) return;
        const p = r.predict(f.lengthMm);
        all++;
        if (f.massG >= p.lowG && f.massG <= p.highG) inside++;
      });
    }
    expect(all).toBeGreaterThan(1000);
    expect(inside / all).toBeGreaterThan(0.85);
    expect(inside / all).toBeLessThan(0.95);
  });

  test('a book of 200,000 fish is fitted', () => {
    const one = onCurve(0.0079, 3.05, 400);
    const fish = Array.from({ length: 200_000 }, (_, i) => (i % 2 ? one : onCurve(0.0079, 3.05, 300)));
    expect(fit(fish).ownB).toBeCloseTo(3.05, 6);
  });

  test('what cannot be is a broken call', () => {
    expect(() => fitLengthWeight(SPECIES, [{ lengthMm: 0, massG: 5 }])).toThrow(RangeError);
    expect(() => fit([]).predict(0)).toThrow(RangeError);
    expect(() => normalQuantile(1)).toThrow(RangeError);
  });

  test('order of the fish does not matter, and the range always holds the median', () => {
    const fishes = fc.array(
      fc.record({ lengthMm: fc.integer({ min: 150, max: 800 }), k: fc.double({ min: 0.7, max: 1.4, noNaN: true }) }),
      { maxLength: 30 },
    );
    fc.assert(
      fc.property(fishes, fc.integer({ min: 100, max: 1200 }), (list, mm) => {
        const fish = list.map(({ lengthMm, k }) => ({ lengthMm, massG: expectedWeight(SPECIES, lengthMm).massG * k }));
        const [a, b] = [fitLengthWeight(SPECIES, fish), fitLengthWeight(SPECIES, [...fish].reverse())];
        if (!a.ok || !b.ok) return void expect(a.ok).toBe(b.ok);
        expect(a.weight.b).toBeCloseTo(b.weight.b, 9);
        expect(a.weight.b).toBeGreaterThanOrEqual(B_RANGE[0]);
        const p = a.predict(mm);
        expect(p.lowG).toBeLessThan(p.massG);
        expect(p.highG).toBeGreaterThan(p.massG);
      }),
    );
  });
});
