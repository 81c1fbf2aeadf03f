import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FLESH } from '../heat/index.ts';
import {
  meanRate,
  storeAt,
  storeCourse,
  type StoreMark,
  stretchesOf,
  thawedFrom,
  THAWS_C,
  warmerThan,
  warmUp,
} from './index.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const T0 = Date.parse('2026-09-01T08:00:00Z');
const FREEZER = { setC: -18, massKg: 40, litres: 200, roomC: 20 };
const at = (h: number, c: number): StoreMark => ({ atMs: T0 + h * HOUR, c });
const power = (h: number, is: 'off' | 'on'): StoreMark => ({ atMs: T0 + h * HOUR, power: is });

describe('how warm a store was', () => {
  test('never read it has what it is taken to have, always', () => {
    const c = storeCourse(FREEZER, []);
    for (const h of [-1000, 0, 5000]) expect(storeAt(c, T0 + h * HOUR)).toBe(-18);
  });

  test('assumed until half a day before the first reading, straight between readings, the last holds on', () => {
    const c = storeCourse(FREEZER, [at(24, -22), at(0, -15)]);
    expect([-50, -12, -6, 0, 12, 24, 999].map((h) => storeAt(c, T0 + h * HOUR))).toEqual([
      -18, -18, -16.5, -15, -18.5, -22, -22,
    ]);
  });

  test('two marks of one instant: the later told counts; what is no number is passed over', () => {
    const c = storeCourse(FREEZER, [at(0, -15), at(0, -16), at(3, Number.NaN)]);
    expect(storeAt(c, T0)).toBe(-16);
    expect(storeAt(c, T0 + 9 * HOUR)).toBe(-16);
  });

  test('without current it warms, held at melting; a reading corrects it; when it is back it is cold again in 12 hours', () => {
    const marks = [at(0, -18), power(1, 'off')];
    const c = storeCourse(FREEZER, marks);
    expect(storeAt(c, T0 + HOUR)).toBe(-18);
    expect(storeAt(c, T0 + 5 * HOUR)).toBeGreaterThan(-18);
    expect(storeAt(c, T0 + 20 * DAY)).toBeGreaterThan(19);
    const back = storeCourse(FREEZER, [...marks, power(13, 'on')]);
    expect(storeAt(back, T0 + 13 * HOUR)).toBeCloseTo(storeAt(c, T0 + 13 * HOUR), 1);
    expect(storeAt(back, T0 + 25 * HOUR)).toBe(-18);
    const read = storeCourse(FREEZER, [...marks, at(10, -9)]);
    expect(storeAt(read, T0 + 10 * HOUR)).toBe(-9);
    expect(storeAt(read, T0 + 20 * HOUR)).toBeGreaterThan(-9);
    // Read after the current came back, it is what was read.
    expect(storeAt(storeCourse(FREEZER, [...marks, power(13, 'on'), at(14, -10)]), T0 + 14 * HOUR)).toBe(-10);
  });
});

describe('a power cut', () => {
  const thawsAfter = (massKg: number, litres: number): number =>
    warmUp({ massKg, litres, roomC: 20 }, -18).find((p) => p.c > THAWS_C)!.h;

  test('a full freezer holds some two days and a half full one some one day, as the authority says; an empty one a few hours', () => {
    for (const litres of [100, 200, 300]) {
      expect(thawsAfter(litres * 0.5, litres)).toBeGreaterThan(40);
      expect(thawsAfter(litres * 0.5, litres)).toBeLessThan(66);
      expect(thawsAfter(litres * 0.25, litres)).toBeGreaterThan(20);
      expect(thawsAfter(litres * 0.25, litres)).toBeLessThan(35);
    }
    expect(thawsAfter(0, 200)).toBeLessThan(4);
  });

  test('against the sums: half an hour of the walls’ heat into frozen fish, into thawed, and the plateau between', () => {
    const [litres, massKg, roomC] = [200, 50, 20];
    // 0.55 W/m2K over a cube of 200 l; what lies in it, and 4 kg of walls and shelves.
    const [ua, kg] = [0.55 * 6 * 0.2 ** (2 / 3), massKg + 4];
    const of = (fromC: number) => warmUp({ massKg, litres, roomC }, fromC);
    expect(of(-18)[0]).toEqual({ h: 0, c: -18 });
    expect(of(-18)[1]!.c).toBeCloseTo(-18 + (ua * 38 * 1800) / (kg * FLESH.heatFrozen), 9);
    expect(of(5)[1]!.c).toBeCloseTo(5 + (ua * 15 * 1800) / (kg * FLESH.heatLean), 9);
    const all = of(-18);
    const held = all.filter((p) => Math.abs(p.c - THAWS_C) < 1e-6);
    const hours = (0.1 * kg * FLESH.latent) / (ua * (roomC - THAWS_C)) / 3600;
    expect(Math.abs(held.length / 2 - hours)).toBeLessThanOrEqual(1);
    // What melted stays molten, and goes on at the heat of thawed flesh.
    const after = all.slice(all.indexOf(held.at(-1)!) + 2);
    expect(warmUp({ massKg: 0, litres, roomC }, -18).at(-1)!.c).toBeGreaterThan(roomC - 0.2);
    expect(of(-18).at(-1)!.h).toBe(24 * 7);
    for (let i = 1; i < 5; i++)
      expect(after[i]!.c - after[i - 1]!.c).toBeCloseTo(
        (ua * (roomC - after[i - 1]!.c) * 1800) / (kg * FLESH.heatLean),
        9,
      );
    // A cold shed cools it, and freezes none of it in the sums.
    expect(warmUp({ massKg, litres, roomC: -10 }, 5)[1]!.c).toBeLessThan(5);
    expect(warmUp({ massKg, litres, roomC: 4 }, 4)).toHaveLength(2);
  });

  test('it only warms, never past the room; more in it, or a colder room, holds longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 150, noNaN: true }),
        fc.integer({ min: 30, max: 500 }),
        fc.double({ min: -30, max: -5, noNaN: true }),
        fc.double({ min: 5, max: 35, noNaN: true }),
        (massKg, litres, fromC, roomC) => {
          const c = warmUp({ massKg, litres, roomC }, fromC);
          for (let i = 1; i < c.length; i++) {
            expect(c[i]!.c).toBeGreaterThanOrEqual(c[i - 1]!.c - 1e-9);
            expect(c[i]!.c).toBeLessThanOrEqual(roomC + 1e-9);
          }
          const after = (list: typeof c, h: number): number => list.find((p) => p.h >= h)?.c ?? roomC;
          expect(after(warmUp({ massKg: massKg + 20, litres, roomC }, fromC), 12)).toBeLessThanOrEqual(
            after(c, 12) + 1e-6,
          );
        },
      ),
      { numRuns: 80 },
    );
  });

  test('from when on something was thawed: an hour above, not the opening of a door', () => {
    const door = storeCourse(FREEZER, [at(0, -18), at(1, -1), at(1.3, -18)]);
    expect(thawedFrom(door, T0, T0 + DAY)).toBeNull();
    const warm = storeCourse(FREEZER, [at(0, -18), at(2, 2), at(10, 2), at(12, -18)]);
    expect(thawedFrom(warm, T0, T0 + DAY)).toBeCloseTo(T0 + 1.6 * HOUR, -3);
    // Asked of an hour in which it was thawed already: from then on.
    expect(thawedFrom(warm, T0 + 4 * HOUR, T0 + DAY)).toBe(T0 + 4 * HOUR);
    expect(thawedFrom(warm, T0 + 20 * HOUR, T0 + DAY)).toBeNull();
  });
});

describe('a second cut within half a day of the first', () => {
  test('warms on from what it is by then: without current nothing gets colder', () => {
    const body = { ...FREEZER, massKg: 10, litres: 150 };
    const marks = [power(1, 'off'), power(25, 'on'), power(26, 'off')];
    const c = storeCourse(body, marks);
    const h = (n: number): number => storeAt(c, T0 + n * HOUR);
    expect(h(26)).toBeLessThan(h(25));
    for (let n = 26; n < 60; n++) expect([n, h(n + 1) >= h(n) - 1e-9]).toEqual([n, true]);
  });
  test('any cuts: the temperature falls at no moment without current', () => {
    const gaps = fc.array(fc.double({ min: 0.5, max: 40, noNaN: true }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(gaps, (list) => {
        let at = 0;
        const turns = list.map((g, i) => ({ h: (at += g), is: i % 2 === 0 ? ('off' as const) : ('on' as const) }));
        const c = storeCourse(
          FREEZER,
          turns.map((t) => power(t.h, t.is)),
        );
        turns.forEach((t, i) => {
          if (t.is !== 'off') return;
          const until = turns[i + 1]?.h ?? t.h + 30;
          for (let k = 0; k < 20; k++) {
            const [a, b] = [k, k + 1].map((x) =>
              storeAt(c, T0 + (t.h + ((until - t.h) * x) / 20) * HOUR - (x === 20 ? 1 : 0)),
            );
            expect(b).toBeGreaterThanOrEqual(a! - 1e-6);
          }
        });
      }),
    );
  });
});

describe('means over a course', () => {
  test('a straight line and a square are met exactly; an instant has its own rate', () => {
    const c = storeCourse({ ...FREEZER, setC: 0 }, [at(0, 0), at(10, 10)]);
    expect(meanRate(c, T0, T0 + 10 * HOUR, { name: 'it', of: (x) => x })).toBeCloseTo(5, 9);
    expect(meanRate(c, T0, T0 + 10 * HOUR, { name: 'square', of: (x) => (1 + 0.1 * x) ** 2 })).toBeCloseTo(7 / 3, 9);
    expect(meanRate(c, T0 + 5 * HOUR, T0 + 5 * HOUR, { name: 'it', of: (x) => x })).toBe(5);
  });

  test('any readings: stretches follow each other without a gap, and lie between the readings', () => {
    const marks = fc.array(
      fc.record({ h: fc.integer({ min: 0, max: 500 }), c: fc.double({ min: -40, max: 20, noNaN: true }) }),
      { maxLength: 20 },
    );
    fc.assert(
      fc.property(marks, (list) => {
        const c = storeCourse(
          FREEZER,
          list.map((m) => at(m.h, m.c)),
        );
        const x = stretchesOf(c, T0 - DAY, T0 + 30 * DAY);
        expect([x[0]!.fromMs, x.at(-1)!.toMs]).toEqual([T0 - DAY, T0 + 30 * DAY]);
        for (let i = 1; i < x.length; i++) expect([x[i]!.fromMs, x[i]!.fromC]).toEqual([x[i - 1]!.toMs, x[i - 1]!.toC]);
        const [low, high] = [Math.min(-18, ...list.map((m) => m.c)), Math.max(-18, ...list.map((m) => m.c))];
        for (const s of x) expect(s.fromC >= low - 1e-9 && s.fromC <= high + 1e-9).toBe(true);
        expect(stretchesOf(c, T0, T0)).toEqual([]);
        // The mean of the temperature itself is that of its stretches, wherever it is asked.
        const [from, to] = [T0 - DAY, T0 + 9.3 * DAY];
        const sum = stretchesOf(c, from, to).reduce((m, s) => m + ((s.fromC + s.toC) / 2) * (s.toMs - s.fromMs), 0);
        expect(meanRate(c, from, to, { name: 'it', of: (t) => t })).toBeCloseTo(sum / (to - from), 6);
        for (const [a, b] of warmerThan(c, -10, from, to)) expect(storeAt(c, (a + b) / 2)).toBeGreaterThanOrEqual(-10);
      }),
    );
  });
});
