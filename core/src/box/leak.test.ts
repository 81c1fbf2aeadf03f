import { describe, expect, test } from '@jest/globals';
import { normal, seeded } from '../random/index.ts';
import {
  EYE_SD,
  ICE,
  type IceFinding,
  iceBand,
  icePosterior,
  leakGrid,
  leakKnown,
  leakLikelihood,
  likelihood,
  type Melting,
  meltTestLeak,
  together,
  usualLeak,
  usualWeights,
  weightsOf,
  wordFor,
} from './index.ts';

const HOUR = 3_600_000;
const USUAL = usualLeak(52, 'hard, thick');
const GRID = leakGrid(USUAL);

/** A filling of 12 h at 18 degC with fish heat of its own; findings to come. */
const filling = (found: readonly IceFinding[], fishJ = 400_000): Melting => ({
  samples: Array.from({ length: 49 }, (_, i) => ({
    atMs: (i * HOUR) / 4,
    degreeS: 18 * 900 * i,
    otherJ: (fishJ * i) / 48,
    addedKg: 0,
  })),
  drainedMs: found.flatMap((f) => (f.kind === 'poured' ? [f.atMs] : [])),
  found,
});
const iceAt = (ua: number, first: number, hours: number, fishJ = 400_000): number =>
  Math.max(0, first - (ua * 18 * hours * 3600 + (fishJ * hours) / 12) / ICE.fusionJ);

describe('what was seen of the ice', () => {
  test('words follow the share, and their chances sum to 1', () => {
    expect([1, 0.6, 0.2, 0.001].map((s) => wordFor(s, 0))).toEqual(['full', 'half', 'a few lumps', 'gone']);
    expect(wordFor(0, 5)).toBe('gone');
    for (const kg of [0, 0.2, 3, 7, 10]) {
      const sum = (['full', 'half', 'a few lumps', 'gone'] as const).reduce(
        (s, word) => s + likelihood({ atMs: 0, kind: 'seen', word }, kg, 10, 0),
        0,
      );
      expect(sum).toBeCloseTo(1, 2);
    }
  });

  test('a probe below a degree says ice, above it none; a weight says its own', () => {
    const read = (overK: number, kg: number): number => likelihood({ atMs: 0, kind: 'read', overK }, kg, 8, 0);
    expect(read(0.2, 3) / read(0.2, 0)).toBeGreaterThan(20);
    expect(read(4, 0) / read(4, 3)).toBeGreaterThan(1000);
    const weigh = (kg: number): number => likelihood({ atMs: 0, kind: 'weighed', kg: 4 }, kg, 8, 0);
    expect(weigh(4)).toBeGreaterThan(weigh(4.5));
  });
});

describe('the leak of a box', () => {
  test('nothing found: it is what it usually is', () => {
    const known = leakKnown(GRID, usualWeights());
    expect(known.uaWK).toBeCloseTo(USUAL.uaWK, 3);
    expect(known.sdLn).toBeCloseTo(USUAL.sdLn, 2);
    expect(known.low).toBeCloseTo(USUAL.uaWK * Math.exp(-1.96 * USUAL.sdLn), 1);
    expect([...leakLikelihood(filling([]), GRID, { kg: 9, sdKg: 0.9 })].every((v) => v === 1)).toBe(true);
  });

  test('weighed ice tells it, and half as sure from a look', () => {
    const truth = USUAL.uaWK * 1.6;
    const kg = iceAt(truth, 9, 12);
    const sd = (f: IceFinding): number => {
      const w = together(usualWeights(), leakLikelihood(filling([f]), GRID, { kg: 9, sdKg: 0.3 }));
      const known = leakKnown(GRID, w);
      expect(known.low < truth && truth < known.high).toBe(true);
      return known.sdLn;
    };
    const weighed = sd({ atMs: 12 * HOUR, kind: 'weighed', kg });
    const looked = sd({ atMs: 12 * HOUR, kind: 'seen', word: wordFor(kg / 9, 0) });
    expect(weighed).toBeLessThan(0.2);
    expect(looked).toBeGreaterThan(weighed * 1.2);
    expect(looked).toBeLessThan(USUAL.sdLn);
  });

  test('poured-off water counts from when it was last let out', () => {
    const truth = USUAL.uaWK * 0.7;
    const melted = (from: number, to: number): number => iceAt(truth, 9, from) - iceAt(truth, 9, to);
    const found: IceFinding[] = [
      { atMs: 5 * HOUR, kind: 'poured', kg: melted(0, 5) },
      { atMs: 11 * HOUR, kind: 'poured', kg: melted(5, 11) },
    ];
    const known = leakKnown(GRID, together(usualWeights(), leakLikelihood(filling(found), GRID, { kg: 9, sdKg: 1 })));
    expect(Math.abs(Math.log(known.uaWK / truth))).toBeLessThan(0.15);
    expect(known.sdLn).toBeLessThan(USUAL.sdLn * 0.65);
  });

  test('over trips it is learned: on simulated boxes nineteen intervals of twenty hold the truth', () => {
    const rng = seeded(7);
    const BOXES = 400;
    let [leaks, ices] = [0, 0];
    for (let b = 0; b < BOXES; b++) {
      const truth = USUAL.uaWK * Math.exp(USUAL.sdLn * normal(rng));
      let weights = usualWeights();
      for (let trip = 0; trip < 3; trip++) {
        const first = { kg: 9, sdKg: 0.9 };
        const kg = Math.max(0, normal(rng, first.kg, first.sdKg));
        const found = [rng() * 12, rng() * 12].map((h): IceFinding => {
          const left = iceAt(truth, kg, Math.floor(h * 4) / 4);
          const kind = rng();
          return kind < 0.6
            ? { atMs: h * HOUR, kind: 'seen', word: wordFor(left / kg, normal(rng, 0, EYE_SD)) }
            : kind < 0.8
              ? { atMs: h * HOUR, kind: 'read', overK: left > 0 ? 0.1 : 3 }
              : { atMs: h * HOUR, kind: 'weighed', kg: Math.max(0, normal(rng, left, 0.15 + 0.03 * left)) };
        });
        const m = filling(found);
        if (trip < 2) weights = together(weights, leakLikelihood(m, GRID, first));
        else {
          const posterior = icePosterior(m, GRID, weights, first);
          const known = iceBand(m, posterior);
          if (posterior.leak.low <= truth && truth <= posterior.leak.high) leaks++;
          const end = iceAt(truth, kg, 12);
          if (known.lowKg[48]! <= end + 1e-9 && end <= known.highKg[48]! + 1e-9) ices++;
        }
      }
    }
    expect(leaks / BOXES).toBeGreaterThan(0.93);
    expect(leaks / BOXES).toBeLessThan(0.975);
    // At none left the interval begins at none, and holds it always.
    expect(ices / BOXES).toBeGreaterThan(0.93);
  });

  test('the ice of a filling: between its bounds, and gone when its middle is', () => {
    const known = iceBand(filling([]), icePosterior(filling([]), GRID, usualWeights(), { kg: 3, sdKg: 0.3 }));
    known.midKg.forEach((v, k) => expect(known.lowKg[k]! <= v && v <= known.highKg[k]!).toBe(true));
    expect(known.gone.early!).toBeLessThan(known.gone.middle ?? Number.POSITIVE_INFINITY);
    const posterior = icePosterior(filling([]), GRID, weightsOf(GRID, { uaWK: 1.5, sdLn: 0.03 }), {
      kg: 3,
      sdKg: 0.01,
    });
    const sure = iceBand(filling([]), posterior);
    const hours = (3 * ICE.fusionJ) / (1.5 * 18 * 3600 + 400_000 / 12);
    expect(sure.gone.middle! / HOUR).toBeCloseTo(hours, 0);
    expect(posterior.firstKg).toBeCloseTo(3, 2);
  });
});

describe('a melt test', () => {
  test('says the leak, and how sure', () => {
    const leak = meltTestLeak({ iceKg: 4, leftKg: 2.2, hours: 12, airC: 20 });
    expect(leak).toMatchObject({ uaWK: expect.closeTo((1.8 * 334_000) / (12 * 3600 * 20), 6) });
    expect((leak as { sdLn: number }).sdLn).toBeCloseTo(Math.hypot(0.1414 / 1.8, 0.075), 3);
  });
  test.each([
    [{ iceKg: 0, leftKg: 0, hours: 2, airC: 20 }, /Weigh the ice/],
    [{ iceKg: 2, leftKg: 3, hours: 2, airC: 20 }, /more ice left/i],
    [{ iceKg: 2, leftKg: 0, hours: 2, airC: 20 }, /time of melting is unknown/],
    [{ iceKg: 2, leftKg: 1, hours: 2, airC: 0 }, /warm room/],
    [{ iceKg: 2, leftKg: 1.9, hours: 2, airC: 20 }, /Too little has melted/],
  ] as const)('asks for what it lacks: %o', (t, says) => expect(meltTestLeak(t)).toMatch(says));
});
