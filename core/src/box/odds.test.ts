import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Conduction, fishBody, type Bodied, meets } from '../heat/index.ts';
import { POLLACK } from '../test-species.test-support.ts';
import {
  boxLevels,
  heatToGive,
  ICE,
  iceOdds,
  lastsWith,
  liningJK,
  type OddsInput,
  openingJ,
  releasedAfter,
  releaseOf,
  slurryRecipe,
  sunlit,
} from './index.ts';

const BODY = fishBody(POLLACK as Bodied, 1000);
const RELEASE = releaseOf(BODY);
const input = (more: Partial<OddsInput> = {}): OddsInput => ({
  seed: 3,
  runs: 2000,
  litres: 52,
  leak: { uaWK: 1.2, sdLn: 0.2 },
  iceKg: 8,
  homeH: 11,
  airC: 17,
  airSdC: 2,
  waterC: 13,
  sunH: [],
  precooled: true,
  classes: [{ fat: 'lean', release: RELEASE }],
  trips: [[{ class: 0, kg: 3, count: 3, atH: 2 }], [{ class: 0, kg: 1, count: 1, atH: 6 }], []],
  ...more,
});

describe('the heat that fish give to ice', () => {
  test('follows the solver, from nothing to all', () => {
    const c = new Conduction(BODY, 12, 24);
    c.march(2 * 3600, meets('wet ice', 0));
    expect(releasedAfter(RELEASE, 2)).toBeCloseTo(1 - c.meanC / 12, 2);
    expect([releasedAfter(RELEASE, -1), releasedAfter(RELEASE, 0)]).toEqual([0, 0]);
    expect(releasedAfter(RELEASE, 500)).toBeGreaterThan(0.99);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (h, more) => {
          expect(releasedAfter(RELEASE, h + more)).toBeGreaterThanOrEqual(releasedAfter(RELEASE, h) - 1e-12);
        },
      ),
    );
    expect(heatToGive(2, 'lean', 10, 0)).toBe(72_000);
    expect(heatToGive(2, 'oily', -3, 0)).toBe(0);
  });
});

describe('whether the ice lasts', () => {
  test('a day without chance melts what the sums say', () => {
    const sure = iceOdds(input({ runs: 400, leak: { uaWK: 1.2, sdLn: 0 }, airSdC: 0, trips: [[]] }));
    expect(sure.middleKg).toBeCloseTo((1.2 * 17 * 11 * 3600) / ICE.fusionJ, 1);
    const warm = iceOdds(input({ runs: 400, leak: { uaWK: 1.2, sdLn: 0 }, airSdC: 0, trips: [[]], precooled: false }));
    expect((warm.middleKg - sure.middleKg) * ICE.fusionJ).toBeCloseTo(liningJK(52) * 17, -4);
    const fish = iceOdds(
      input({ runs: 4000, leak: { uaWK: 1.2, sdLn: 0 }, airSdC: 0, trips: [[{ class: 0, kg: 2, count: 2, atH: 1 }]] }),
    );
    const gives = heatToGive(2, 'lean', 13, 0) + openingJ(52, 17, 0);
    expect((fish.middleKg - sure.middleKg) * ICE.fusionJ).toBeGreaterThan(gives * 0.85);
    expect((fish.middleKg - sure.middleKg) * ICE.fusionJ).toBeLessThan(gives * 1.15);
  });

  test('the same seed gives the same days; the twenty stand for all; needed is what nineteen in twenty need', () => {
    const [a, b] = [iceOdds(input()), iceOdds(input())];
    expect(a).toEqual(b);
    const ended = a.twenty.filter((h) => h !== null && h < 11).length;
    expect(Math.abs(ended / 20 - (1 - a.lasts))).toBeLessThanOrEqual(0.06);
    expect(a.twenty).toHaveLength(20);
    expect(lastsWith(a, a.neededKg)).toBeCloseTo(0.95, 2);
    expect(lastsWith(a, 8)).toBeCloseTo(a.lasts, 2);
    expect([lastsWith(a, 0), lastsWith(a, 500)]).toEqual([0, 1]);
  });

  test('more ice, shade, a tighter box, cooling before and fewer fish never lower the chance', () => {
    const base = iceOdds(input({ iceKg: 3, sunH: [[0, 99]], precooled: false })).lasts;
    const better: Partial<OddsInput>[] = [
      { iceKg: 5 },
      { sunH: [] },
      { precooled: true },
      { leak: { uaWK: 0.6, sdLn: 0.2 } },
      { trips: [[]] },
    ];
    for (const b of better)
      expect(iceOdds(input({ iceKg: 3, sunH: [[0, 99]], precooled: false, ...b })).lasts).toBeGreaterThan(base);
  });

  test('says how far it is, and refuses what it cannot reckon', () => {
    const said: number[] = [];
    iceOdds(input({ runs: 1000 }), (s) => said.push(s));
    expect(said).toEqual([0, 0.25, 0.5, 0.75, 1]);
    expect(() => iceOdds(input({ trips: [] }))).toThrow(RangeError);
    expect(() => iceOdds(input({ homeH: 0 }))).toThrow(RangeError);
  });
});

describe('sun on a box', () => {
  const HOUR = 3_600_000;
  const noon = Date.parse('2026-09-12T12:00:00Z');
  test('by day alone, by the clock of the place', () => {
    const hours = (from: number, to: number, offsetH: number) =>
      sunlit(noon + from * HOUR, noon + to * HOUR, offsetH * HOUR).map(([a, b]) => [
        (a - noon) / HOUR,
        (b - noon) / HOUR,
      ]);
    expect(hours(0, 4, 0)).toEqual([[0, 4]]);
    expect(hours(6, 18, 0)).toEqual([
      [6, 9],
      [17, 18],
    ]);
    expect(hours(6, 18, 1)).toEqual([
      [6, 8],
      [16, 18],
    ]);
    expect(hours(10, 12, 0)).toEqual([]);
    expect(hours(4, 4, 0)).toEqual([]);
  });
  test('thirty hours in it melt as much as their day, not as their night', () => {
    const of = (sunH: readonly (readonly [number, number])[]) =>
      iceOdds(input({ homeH: 30, iceKg: 30, sunH, precooled: true, trips: [[]] })).middleKg;
    const lit = sunlit(noon, noon + 30 * HOUR, 0).map(([a, b]) => [(a - noon) / HOUR, (b - noon) / HOUR] as const);
    const [shade, day, always] = [of([]), of(lit), of([[0, 30]])];
    // 9 hours of the first day and 13 of the second.
    expect((day - shade) / (always - shade)).toBeCloseTo(22 / 30, 2);
  });
});

describe('a slurry', () => {
  test('is two parts of ice to one of water, whatever the box and the fish', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (l, kg) => {
          const r = slurryRecipe(l, kg, 14, 12);
          if (!r) return;
          expect(r.iceKg / r.seaL).toBeCloseTo(2, 6);
          expect(r.litres).toBeLessThanOrEqual(l * 0.9 + 1e-6);
        },
      ),
    );
  });
  test('fits the box with its fish: two parts of ice to one of water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (litres, kg) => {
          const r = slurryRecipe(litres, kg, 14, 12);
          if (!r) return void expect(kg / 1.05).toBeGreaterThan(litres * 0.9 - 2);
          expect(r.litres).toBeLessThanOrEqual(litres * 0.9 + 1e-9);
          expect(r.iceKg / r.seaL).toBeLessThanOrEqual(2 + 1e-9);
          expect(r.iceKg / r.seaL).toBeGreaterThan(1);
        },
      ),
    );
  });
  test('says when its ice is not enough for warm fish, and when there is no room', () => {
    expect(slurryRecipe(50, 8, 14, 12)!.enough).toBe(true);
    expect(slurryRecipe(30, 22, 26, 26)!.enough).toBe(false);
    expect(slurryRecipe(20, 18.6, 14, 12)).toBeNull();
    // A third of the ice is left at the warmest fish that it chills: 24.6 kg x 3600 J/K below, two thirds of the ice above.
    const { iceKg, seaL } = slurryRecipe(40, 12, 14, 12)!;
    const sea = seaL * ICE.waterJ * 13;
    const warmest = ((iceKg * ICE.fusionJ * 2) / 3 - sea) / (12 * 3600) - 1;
    expect([warmest - 0.1, warmest + 0.1].map((c) => slurryRecipe(40, 12, c, 12)!.enough)).toEqual([true, false]);
    expect(() => slurryRecipe(0, 1, 14, 12)).toThrow(RangeError);
  });
});

describe('how high a box is filled', () => {
  test('ice as it was poured, water in its gaps first, then above; fish among it', () => {
    expect(boxLevels({ iceKg: 10, waterKg: 0, fishKg: 0 })).toEqual({ topL: 20, waterL: 0 });
    expect(boxLevels({ iceKg: 0, waterKg: 5, fishKg: 2.1 })).toEqual({ topL: 7, waterL: 7 });
    const slurry = boxLevels({ iceKg: 10, waterKg: 20, fishKg: 0 });
    expect(slurry.waterL).toBeGreaterThanOrEqual(slurry.topL - 1e-9);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (iceKg, kg) => {
          const [a, b] = [
            boxLevels({ iceKg, waterKg: kg, fishKg: 3 }),
            boxLevels({ iceKg, waterKg: kg + 1, fishKg: 3 }),
          ];
          expect(b.waterL).toBeGreaterThanOrEqual(a.waterL - 1e-9);
          expect(b.topL).toBeGreaterThanOrEqual(a.topL - 1e-9);
        },
      ),
    );
  });
});
