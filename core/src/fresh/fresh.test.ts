import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Exposure, fishBody, fleshCourse, meets } from '../heat/index.ts';
import { POLLACK } from '../test-species.test-support.ts';
import {
  airC,
  type ClockHistory,
  freshness,
  freshTone,
  iceDaysUsed,
  spoilageModel,
  spoilageRate,
  stiffAt,
  stiffness,
} from './index.ts';

const H = 3_600_000;
const DAY = 24 * H;
/** A fish of `massG` from `startC` that lies in water of so many degrees from an hour on. */
const course = (startC: number, lies: readonly (readonly [hour: number, c: number])[], massG = 300) =>
  fleshCourse(
    fishBody(POLLACK, massG),
    startC,
    lies.map(([h, c]): Exposure => ({ fromMs: h * H, boundary: meets('sloshing slurry', c) })),
  );
const history = (c: ReturnType<typeof course>, more: Partial<ClockHistory> = {}): ClockHistory => ({
  deathMs: 0,
  chilledMs: 0,
  warmestC: 14,
  course: c,
  onIce: [{ fromMs: 0, toMs: Number.POSITIVE_INFINITY }],
  ...more,
});

describe('the rate of spoiling', () => {
  // (1 + T/10)^2: at 10 degC fish spoils four times as fast as on ice.
  test.each([
    [0, 1],
    [5, 2.25],
    [10, 4],
    [-18, 0],
    [-5, 0],
  ])('at %d degC it is %d', (t, rate) => {
    expect(spoilageRate(t)).toBeCloseTo(rate, 9);
  });

  test('it rises with temperature', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (t, d) => spoilageRate(t + d) >= spoilageRate(t),
      ),
    );
  });

  test('fish of warm reefs spoil by exp(0.12 T): alike on ice, slower in the warmth than by the other curve', () => {
    expect(spoilageRate(0, 'tropical')).toBe(1);
    expect(spoilageRate(10, 'tropical')).toBeCloseTo(Math.exp(1.2), 12);
    expect(spoilageRate(-6, 'tropical')).toBe(0);
    expect(spoilageModel('warm reef')).toBe('tropical');
    expect(spoilageModel('oily small')).toBe('temperate');
  });
});

describe('ice-days used', () => {
  test('a day at 0 degC is one, a day at 10 degC is four', () => {
    expect(iceDaysUsed(course(0, [[0, 0]]), DAY)).toBeCloseTo(1, 9);
    expect(iceDaysUsed(course(10, [[0, 10]]), DAY)).toBeCloseTo(4, 9);
    expect(iceDaysUsed(course(10, [[0, 10]]), DAY, 'tropical')).toBeCloseTo(Math.exp(1.2), 9);
  });

  test('cooling costs what the integral by hand says, by the mean temperature', () => {
    // Nothing but its own samples: the sum must be the trapezoid of them.
    const c = course(12, [[0, 0]], 2000);
    let sum = 0;
    for (let i = 1; i < c.atMs.length; i++)
      sum += (((1 + c.meanC[i]! / 10) ** 2 + (1 + c.meanC[i - 1]! / 10) ** 2) / 2) * (c.atMs[i]! - c.atMs[i - 1]!);
    const end = c.atMs.at(-1)!;
    expect(iceDaysUsed(c, end)).toBeCloseTo(sum / DAY, 12);
    // And lies between never and always having been warm.
    expect(iceDaysUsed(c, end)).toBeGreaterThan(end / DAY);
    expect(iceDaysUsed(c, end)).toBeLessThan((2.2 ** 2 * end) / DAY);
  });

  test('nothing spoils in the freezer; before it died nothing was used; the last holds on', () => {
    const c = course(-18, [[0, -18]]);
    expect(iceDaysUsed(c, 90 * DAY)).toBe(0);
    expect(iceDaysUsed(course(5, [[2, 5]]), H)).toBe(0);
    const warm = course(5, [[0, 5]]);
    expect(iceDaysUsed(warm, 40 * DAY) - iceDaysUsed(warm, 39 * DAY)).toBeCloseTo(2.25, 9);
  });

  test('it never falls as time passes, and a faster or colder medium never uses more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 96, noNaN: true }),
        fc.double({ min: 0, max: 96, noNaN: true }),
        fc.integer({ min: 0, max: 12 }),
        (a, more, hour) => {
          const c = course(15, [
            [0, 15],
            [hour, 0],
          ]);
          expect(iceDaysUsed(c, (a + more) * H)).toBeGreaterThanOrEqual(iceDaysUsed(c, a * H) - 1e-12);
          const later = course(15, [
            [0, 15],
            [hour + 1, 0],
          ]);
          expect(iceDaysUsed(later, a * H)).toBeGreaterThanOrEqual(iceDaysUsed(c, a * H) - 2e-3);
        },
      ),
      { numRuns: 40 },
    );
    const slow = fleshCourse(fishBody(POLLACK, 800), 15, [{ fromMs: 0, boundary: meets('wet ice', 0) }]);
    const fast = fleshCourse(fishBody(POLLACK, 800), 15, [{ fromMs: 0, boundary: meets('sloshing slurry', 0) }]);
    for (const h of [1, 3, 10]) expect(iceDaysUsed(fast, h * H)).toBeLessThan(iceDaysUsed(slow, h * H));
  });
});

describe('freshness used', () => {
  const iced = history(course(0, [[0, 0]]));
  const base = { history: iced, massG: 300, iceDaysAllowed: 10 };

  test('five days on ice are half of ten', () => {
    const f = freshness({ ...base, untilMs: 5 * DAY });
    expect(f.used).toBeCloseTo(0.5, 9);
    expect(f).toMatchObject({ iceDaysAllowed: 10, penalties: [], histamine: null, tone: 'half' });
    expect(f.daysLeft).toEqual({ raw: 0, freezing: 0, cooking: expect.closeTo(5, 9) });
    expect(freshness({ ...base, untilMs: DAY }).daysLeft.raw).toBeCloseTo(10 / 3 - 1, 9);
  });

  test('not bled and gut burst have less time, both less than either', () => {
    expect(freshness({ ...base, untilMs: 4 * DAY, penalties: ['notBled'] }).used).toBeCloseTo(0.5, 9);
    expect(freshness({ ...base, untilMs: 3 * DAY, penalties: ['gutBurst'] }).used).toBeCloseTo(0.5, 9);
    expect(freshness({ ...base, untilMs: DAY, penalties: ['notBled', 'gutBurst'] }).iceDaysAllowed).toBeCloseTo(4.8, 9);
  });

  test('tones change at half, eighty and a hundred', () => {
    expect([0, 0.49, 0.5, 0.79, 0.8, 0.99, 1, 3].map(freshTone)).toEqual([
      'fresh',
      'fresh',
      'half',
      'half',
      'use',
      'use',
      'past',
      'past',
    ]);
  });

  test('over the clock of histamine it is past, with no day left, however little is used', () => {
    const warm = history(course(14, [[0, 14]]), { chilledMs: null });
    const f = freshness({ ...base, history: warm, untilMs: 10 * H, histamine: true });
    expect(f.used).toBeLessThan(0.6);
    expect(f).toMatchObject({
      tone: 'past',
      histamine: { state: 'over' },
      daysLeft: { raw: 0, freezing: 0, cooking: 0 },
    });
    expect(freshness({ ...base, history: warm, untilMs: 10 * H }).histamine).toBeNull();
  });

  test('the air is never taken to be colder than 18°, and lies above a warm sea', () => {
    expect([null, 4, 14, 20, 29].map(airC)).toEqual([18, 18, 18, 23, 32]);
  });

  test('a species that keeps for no days at all is refused, not divided by', () => {
    for (const iceDaysAllowed of [0, -1, Number.NaN])
      expect(() => freshness({ ...base, untilMs: H, iceDaysAllowed })).toThrow(RangeError);
  });
});

describe('stiffness', () => {
  const cold = course(0, [[0, 0]]);
  const warm = course(14, [[0, 14]]);
  const h = (ms: number): number => ms / H;
  test('on ice a kilo sets in after some five hours and passes after a day and a half', () => {
    const s = stiffness(cold, 0, 1000);
    expect(h(s.sets.middle)).toBeCloseTo(5, 6);
    expect(h(s.passes.middle)).toBeCloseTo(36, 6);
    expect(h(s.sets.early)).toBeGreaterThan(1);
    expect(h(s.sets.late)).toBeLessThan(10);
    expect(h(s.passes.early)).toBeGreaterThan(20);
    expect(h(s.passes.late)).toBeLessThan(60);
  });
  test('sooner when warm or small, later with a wire', () => {
    const of = (c: typeof cold, g: number, wired = false): number => stiffness(c, 0, g, wired).sets.middle;
    expect(of(warm, 1000)).toBeLessThan(of(cold, 1000) / 2);
    expect(of(cold, 200)).toBeLessThan(of(cold, 1000));
    expect(of(cold, 1000, true)).toBeGreaterThan(of(cold, 1000) * 1.7);
    // Warm for the first hours only: between the two.
    const part = of(
      course(14, [
        [0, 14],
        [1, 0],
      ]),
      1000,
    );
    expect(part).toBeGreaterThan(of(warm, 1000));
    expect(part).toBeLessThan(of(cold, 1000));
  });
  test('what it is runs in one order, and windows do too', () => {
    const order = ['not yet', 'setting in', 'stiff', 'passing', 'passed'];
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 20_000 }), fc.boolean(), (g, wired) => {
        const s = stiffness(cold, 0, g, wired);
        for (const w of [s.sets, s.passes]) expect(w.early < w.middle && w.middle < w.late).toBe(true);
        const seen = Array.from({ length: 200 }, (_, i) => order.indexOf(stiffAt(s, i * H)));
        expect(seen.every((v, i) => i === 0 || v >= seen[i - 1]!)).toBe(true);
        expect([seen[0], seen.at(-1)]).toEqual([0, 4]);
      }),
      { numRuns: 30 },
    );
  });
});
