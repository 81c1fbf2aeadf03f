import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type ConductionBody, flesh, meets } from '../heat/index.ts';
import {
  type BoxFish,
  type BoxInput,
  ICE,
  type IceFinding,
  liningJK,
  openingJ,
  runBox,
  SLURRY_C,
  SUN_K,
} from './index.ts';

const HOUR = 3_600_000;
const body = (radiusM: number): ConductionBody => ({ radiusM, exponent: 0.8, material: flesh('lean') });
const fish = (id: string, massKg: number, inH: number, more: Partial<BoxFish> = {}): BoxFish => ({
  id,
  body: body(0.02 * Math.cbrt(massKg)),
  massKg,
  count: 1,
  inMs: inH * HOUR,
  outMs: null,
  startC: 14,
  before: [],
  how: 'wet ice',
  ...more,
});
const box = (more: Partial<BoxInput> = {}): BoxInput => ({
  litres: 50,
  uaWK: 1,
  fromMs: 0,
  untilMs: 24 * HOUR,
  iceKg: 8,
  air: [{ atMs: 0, c: 18 }],
  precooled: true,
  meltC: 0,
  events: [],
  fish: [],
  ...more,
});
const last = (b: BoxInput) => runBox(b).samples.at(-1)!;

describe('a box without fish', () => {
  test('melts as its walls say, to the minute', () => {
    // 8 kg x 334 kJ / (1 W/K x 18 K)
    const hours = (8 * ICE.fusionJ) / 18 / 3600;
    expect(runBox(box({ untilMs: 60 * HOUR })).goneMs! / HOUR).toBeCloseTo(hours, 2);
    expect(last(box()).iceKg).toBeCloseTo(8 - (18 * 86_400) / ICE.fusionJ, 9);
  });

  test('warms on toward the air as the exponential does', () => {
    const cap = 0.5 * ICE.waterJ + liningJK(50);
    const b = runBox(box({ iceKg: 0.5, untilMs: 14 * HOUR }));
    const t = 14 * 3600 - b.goneMs! / 1000;
    expect(last(box({ iceKg: 0.5, untilMs: 14 * HOUR })).mediumC).toBeCloseTo(18 * (1 - Math.exp(-t / cap)), 1);
  });

  test('what is not cooled before, sun and lids that open cost ice, each as much as it should', () => {
    const base = last(box()).iceKg;
    const warm = last(box({ precooled: false })).iceKg;
    expect((base - warm) * ICE.fusionJ).toBeCloseTo(liningJK(50) * 18, 3);
    expect(base - last(box({ air: [{ atMs: 0, c: 18 + SUN_K }] })).iceKg).toBeCloseTo((8 * 86_400) / ICE.fusionJ, 9);
    const opened = box({ events: [{ atMs: HOUR, kind: 'opened' }] });
    expect((base - last(opened).iceKg) * ICE.fusionJ).toBeCloseTo(openingJ(50, 18, 0), 3);
  });

  test('air that turns, ice that is added, water let out; a box that is filled again after it was warm', () => {
    const turned = box({
      air: [
        { atMs: 0, c: 10 },
        { atMs: 12 * HOUR, c: 20 },
      ],
    });
    expect(8 - last(turned).iceKg).toBeCloseTo((30 * 12 * 3600) / ICE.fusionJ, 9);
    const again = runBox(
      box({
        iceKg: 1,
        untilMs: 12 * HOUR,
        events: [
          { atMs: 8 * HOUR, kind: 'ice', kg: 3 },
          { atMs: 6 * HOUR, kind: 'drained' },
        ],
      }),
    );
    expect(again.goneMs).toBeNull();
    expect(again.without).toHaveLength(1);
    expect(again.without[0]!.toMs).toBe(8 * HOUR);
    // Drained of all its water but what has melted since.
    expect(again.ledger.drainedKg).toBeCloseTo(1, 9);
  });
});

describe('heat and mass are kept', () => {
  const anyFish = fc.record({
    kg: fc.double({ min: 0.2, max: 6, noNaN: true }),
    count: fc.constantFrom(1, 3, 400),
    inH: fc.double({ min: 0, max: 20, noNaN: true }),
    forH: fc.option(fc.double({ min: 0, max: 20, noNaN: true })),
  });
  test('whatever is put in, taken out, added and let out: to 1e-6 of what went through', () => {
    fc.assert(
      fc.property(
        fc.array(anyFish, { maxLength: 4 }),
        fc.array(
          fc.tuple(fc.constantFrom('ice', 'water', 'drained', 'opened'), fc.double({ min: 0, max: 24, noNaN: true })),
          {
            maxLength: 5,
          },
        ),
        fc.array(
          fc.tuple(fc.double({ min: 0, max: 24, noNaN: true }), fc.constantFrom('full', 'half', 'gone', 3, 0.4)),
          { maxLength: 2 },
        ),
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        (list, did, found, iceKg, uaWK) => {
          const { ledger: l, samples } = runBox(
            box({
              iceKg,
              uaWK,
              precooled: false,
              found: found.map(([h, x]): IceFinding =>
                typeof x === 'string'
                  ? { atMs: h * HOUR, kind: 'seen', word: x as 'full' }
                  : x > 1
                    ? { atMs: h * HOUR, kind: 'read', overK: x }
                    : { atMs: h * HOUR, kind: 'weighed', kg: x },
              ),
              fish: list.map((f, i) =>
                fish(String(i), f.kg, f.inH, {
                  count: f.count,
                  outMs: f.forH === null ? null : (f.inH + f.forH) * HOUR,
                }),
              ),
              events: did.map(([kind, h]) => ({ atMs: h * HOUR, kind, kg: 2, c: 12 }) as BoxInput['events'][number]),
            }),
          );
          const through = Math.abs(l.startJ) + Math.abs(l.wallsJ) + Math.abs(l.fishJ) + Math.abs(l.addedJ) + 1;
          const missing = l.startJ + l.wallsJ + l.openingsJ + l.fishJ + l.addedJ + l.correctedJ - l.drainedJ - l.endJ;
          expect(Math.abs(missing) / through).toBeLessThan(1e-9);
          expect(Math.abs(l.startKg + l.addedKg + l.correctedKg - l.drainedKg - l.endKg)).toBeLessThan(1e-9);
          for (const s of samples) {
            expect(s.iceKg >= 0 && s.waterKg >= -1e-9 && Number.isFinite(s.mediumC)).toBe(true);
            // Between ice and the warmest that ever was about it.
            expect(s.mediumC).toBeGreaterThan(-0.5);
            expect(s.mediumC).toBeLessThan(18.1);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('four hundred warm fish on a little ice: it is gone at once, and nothing gets warmer than they were', () => {
    const b = runBox(
      box({ iceKg: 5, fish: [fish('a', 0.8, 1, { count: 400, how: 'still slurry' }), fish('b', 2, 2)] }),
    );
    expect(b.goneMs! / HOUR).toBeLessThan(1.1);
    const until2 = b.samples.filter((s) => s.atMs <= 6 * HOUR).map((s) => s.mediumC);
    expect(Math.max(...until2)).toBeLessThan(14.6);
    // 5 kg of ice and its water take some of it: 320 kg of fish come down by hardly two degrees.
    expect(until2.at(-1)!).toBeGreaterThan(11);
  });

  test('a fish gives the ice what it held: mass, heat and degrees', () => {
    const { ledger } = runBox(box({ fish: [fish('a', 2, 1, { count: 3 })], untilMs: 30 * HOUR }));
    expect(ledger.fishJ).toBeCloseTo(6 * 3600 * 14, -3.4);
  });

  test('one that waited in cold water before gives less', () => {
    const cold = [{ seconds: 3600, boundary: meets('still water', 6) }];
    const gives = (f: BoxFish): number => runBox(box({ fish: [f], untilMs: 40 * HOUR })).ledger.fishJ;
    expect(gives(fish('a', 1, 0, { before: cold }))).toBeLessThan(gives(fish('a', 1, 0)) * 0.7);
  });
});

describe('what must hold of every box', () => {
  const lists = fc.array(
    fc.tuple(fc.double({ min: 0.2, max: 4, noNaN: true }), fc.double({ min: 0, max: 10, noNaN: true })),
    { minLength: 1, maxLength: 5 },
  );
  const goneAt = (b: BoxInput): number => runBox(b).goneMs ?? Number.POSITIVE_INFINITY;
  const asFish = (l: readonly (readonly [number, number])[]): BoxFish[] =>
    l.map(([kg, h], i) => fish(String(i), kg, h));
  test('more fish never make the ice last longer, and more ice never makes it last shorter', () => {
    fc.assert(
      fc.property(lists, fc.double({ min: 0.5, max: 6, noNaN: true }), (list, iceKg) => {
        const b = box({ fish: asFish(list), iceKg, untilMs: 40 * HOUR });
        const gone = goneAt(b);
        expect(goneAt({ ...b, fish: b.fish.slice(1) })).toBeGreaterThanOrEqual(gone - 60_000);
        expect(goneAt({ ...b, iceKg: iceKg + 1 })).toBeGreaterThanOrEqual(gone - 60_000);
      }),
      { numRuns: 25 },
    );
  });

  test('more ice never warms the box, at any hour', () => {
    const at = (iceKg: number): number[] => {
      const { samples } = runBox(
        box({
          iceKg,
          uaWK: 2,
          fish: asFish([
            [2, 1],
            [1, 4],
          ]),
          untilMs: 48 * HOUR,
        }),
      );
      return Array.from({ length: 48 }, (_, h) => samples.findLast((s) => s.atMs <= h * HOUR)!.mediumC);
    };
    const [little, more, much] = [at(2), at(4), at(8)];
    little.forEach((c, h) => {
      expect(more[h]!).toBeLessThanOrEqual(c + 0.15);
      expect(much[h]!).toBeLessThanOrEqual(more[h]! + 0.15);
    });
  });

  test('as if the ice lasted: what melts it does not depend on the walls', () => {
    const b = box({ fish: asFish([[3, 2]]), iceKg: 1, iceForEver: true });
    const [tight, leaky] = [runBox(b), runBox({ ...b, uaWK: 3 })];
    expect(tight.samples.map((s) => s.otherJ)).toEqual(leaky.samples.map((s) => s.otherJ));
    expect(tight.samples.at(-1)!.degreeS).toBeCloseTo(18 * 86_400, 6);
    const real = runBox({ ...b, iceKg: 9, iceForEver: false }).samples.at(-1)!;
    const s = tight.samples.at(-1)!;
    expect(real.iceKg).toBeCloseTo(9 - (s.degreeS + s.otherJ) / ICE.fusionJ, 4);
  });

  test('a slurry stays below 0 while there is ice', () => {
    const b = runBox(
      box({
        meltC: SLURRY_C,
        fish: [fish('a', 1, 0.5, { how: 'still slurry' })],
        events: [{ atMs: 0, kind: 'water', kg: 4, c: 12 }],
      }),
    );
    expect(b.samples.at(-1)!.mediumC).toBe(SLURRY_C);
  });

  test('what was found sets it right, and says by how much it was off', () => {
    const at = (found: IceFinding) => runBox(box({ found: [found], untilMs: 10 * HOUR }));
    const gone = at({ atMs: 4 * HOUR, kind: 'seen', word: 'gone' });
    expect(gone.without[0]).toMatchObject({ fromMs: 4 * HOUR });
    expect(gone.corrected[0]).toMatchObject({
      isKg: 0,
      reckonedKg: expect.closeTo(8 - (18 * 4 * 3600) / ICE.fusionJ, 1),
    });
    const half = at({ atMs: 4 * HOUR, kind: 'seen', word: 'half' }).corrected[0]!;
    expect(half.isKg).toBeCloseTo(6, 9);
    expect(at({ atMs: 4 * HOUR, kind: 'seen', word: 'full' }).corrected[0]!).toMatchObject({ isKg: half.reckonedKg });
    expect(at({ atMs: 4 * HOUR, kind: 'weighed', kg: 7.7 }).corrected[0]!.isKg).toBeCloseTo(7.7, 9);
    const warm = at({ atMs: 4 * HOUR, kind: 'read', overK: 6 });
    expect(warm.corrected[0]).toMatchObject({ reckonedC: 0, isC: expect.closeTo(6, 9) });
    const cold = runBox(box({ iceKg: 0, untilMs: 10 * HOUR, found: [{ atMs: 4 * HOUR, kind: 'read', overK: 0.2 }] }));
    expect(cold.corrected[0]!.isKg).toBeCloseTo(0.2, 9);
  });

  test('what cannot be is refused, and what lies outside the time is left out', () => {
    expect(() => runBox(box({ uaWK: Number.NaN }))).toThrow(RangeError);
    expect(() => runBox(box({ iceKg: -1 }))).toThrow(RangeError);
    expect(() => runBox(box({ untilMs: -1 }))).toThrow(RangeError);
    expect(() => runBox(box({ fish: [fish('a', 0, 1)] }))).toThrow(RangeError);
    expect(last(box({ events: [{ atMs: 90 * HOUR, kind: 'ice', kg: 9 }] })).iceKg).toEqual(last(box()).iceKg);
    // Out before it was in: it was never there.
    const never = fish('a', 2, 5, { outMs: 3 * HOUR });
    expect(runBox(box({ fish: [never] })).ledger.fishJ).toBe(0);
  });
});
