import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type ClockFacts, FREEZING_LINES, rawClock, READ_HOLDS_MS, spokenFor, sayFreezing } from './index.ts';

const HOUR = 3_600_000;
const T0 = 1_000_000 * HOUR;
/** A core that is at 4, then straight to `c` by the hour `by`, and stays. */
const facts = (c: number, by: number, nowH: number, more: Partial<ClockFacts> = {}): ClockFacts => ({
  atMs: [T0, T0 + by * HOUR],
  coreC: [4, c],
  frozenMs: T0,
  thawed: false,
  spoken: spokenFor(
    Array.from({ length: Math.floor(nowH / 24) + 1 }, (_, i) => T0 + i * 24 * HOUR),
    T0,
    T0 + nowH * HOUR,
  ),
  nowMs: T0 + nowH * HOUR,
  ...more,
});
const of = (by: 'US' | 'EU', c: number, f: ClockFacts) =>
  rawClock(f).lines.find((l) => l.line.by === by && l.line.c === c)!;

describe('the clock of freezing', () => {
  test('it runs from the hour in which the core is cold enough, not from the door: EU after a day, US after seven', () => {
    // 4 to -22 in 13 h: at -20 after 12.
    const f = facts(-22, 13, 30);
    expect(of('EU', -20, f)).toMatchObject({ met: false, hours: 18, readyMs: T0 + 36 * HOUR });
    expect(of('EU', -20, facts(-22, 13, 36))).toMatchObject({ met: true, readyMs: null });
    expect(of('US', -20, facts(-22, 13, 12 + 24 * 7 - 1)).met).toBe(false);
    expect(of('US', -20, facts(-22, 13, 12 + 24 * 7)).met).toBe(true);
    expect(of('US', -35, facts(-36, 10, 25)).met).toBe(true);
    expect(of('EU', -35, f)).toMatchObject({ hours: 0, met: false, readyMs: null });
  });

  test('a home freezer at -18 never starts it; one that was never read does not either', () => {
    expect(rawClock(facts(-18, 13, 900))).toMatchObject({ why: 'too warm' });
    expect(rawClock(facts(-22, 13, 900, { spoken: [] }))).toMatchObject({ why: 'never read' });
    expect(rawClock(facts(-22, 13, 900, { frozenMs: null })).why).toBe('not frozen');
  });

  test('a reading speaks for a day and a half: read once, seven days are not known to have passed', () => {
    const once = facts(-22, 13, 24 * 20, { spoken: spokenFor([T0 + 20 * HOUR], T0, T0 + 24 * 20 * HOUR) });
    expect(of('US', -20, once).met).toBe(false);
    expect(of('EU', -20, once).met).toBe(true);
    expect(
      rawClock(facts(-22, 13, 24 * 20, { spoken: spokenFor([T0 + HOUR], T0, T0 + 24 * 20 * HOUR) })).lines.every(
        (l) => l.hours <= READ_HOLDS_MS / HOUR,
      ),
    ).toBe(true);
    expect(
      rawClock(facts(-22, 13, 24 * 20, { spoken: spokenFor([T0 - 10 * HOUR], T0, T0 + 24 * 20 * HOUR) })).why,
    ).toBe('not read lately');
  });

  test('a reading speaks for the stay of the pack alone, not for the freezer that it lay in before', () => {
    // Read each day from long before; the pack came after 50 h.
    const daily = Array.from({ length: 10 }, (_, i) => T0 + i * 24 * HOUR);
    expect(spokenFor(daily, T0 + 50 * HOUR, T0 + 100 * HOUR)).toEqual([[T0 + 50 * HOUR, T0 + 100 * HOUR]]);
    expect(spokenFor([T0], T0 + 50 * HOUR, T0 + 100 * HOUR)).toEqual([]);
    expect(spokenFor([T0], T0 + 20 * HOUR, T0 + 100 * HOUR)).toEqual([[T0 + 20 * HOUR, T0 + 36 * HOUR]]);
  });

  test('warmed in between it begins anew; thawed it is void', () => {
    const broken = facts(-22, 13, 60, {
      atMs: [T0, T0 + 10 * HOUR, T0 + 20 * HOUR, T0 + 22 * HOUR, T0 + 24 * HOUR],
      coreC: [-22, -22, -22, -19, -22],
    });
    // Up to 20 h and two thirds of an hour, then from 22 h and two thirds.
    expect(of('EU', -20, { ...broken, nowMs: T0 + 40 * HOUR })).toMatchObject({ met: false });
    expect(of('EU', -20, { ...broken, nowMs: T0 + 40 * HOUR }).hours).toBeCloseTo(40 - 22 - 2 / 3, 6);
    expect(rawClock(facts(-22, 13, 900, { thawed: true }))).toMatchObject({ why: 'void' });
    expect(rawClock(facts(-22, 13, 900, { thawed: true })).lines.some((l) => l.met)).toBe(false);
  });

  test('any history: met needs its hours; more time or a colder core never takes it away; the warmer line comes first', () => {
    const temps = fc.array(fc.double({ min: -45, max: 10, noNaN: true }), { minLength: 2, maxLength: 14 });
    fc.assert(
      fc.property(
        temps,
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (cs, nowH, colder) => {
          const f = facts(0, 1, nowH, { atMs: cs.map((_, i) => T0 + i * 20 * HOUR), coreC: cs });
          const clock = rawClock(f);
          const later = rawClock({ ...f, nowMs: f.nowMs + 5 * HOUR });
          const cold = rawClock({ ...f, coreC: cs.map((c) => c - colder) });
          clock.lines.forEach((l, i) => {
            expect(l.line).toBe(FREEZING_LINES[i]);
            if (l.met) expect(l.hours).toBeGreaterThanOrEqual(l.line.hours - 1e-6);
            if (l.met) expect([later.lines[i]!.met, cold.lines[i]!.met]).toEqual([true, true]);
            expect(l.hours * HOUR).toBeLessThanOrEqual(nowH * HOUR + 1);
          });
          expect(clock.lines[3]!.met && !clock.lines[1]!.met).toBe(false);
        },
      ),
      { numRuns: 200 },
    );
  });
});

test('what each authority asks, in words, out of the lines themselves', () => {
  expect(sayFreezing('US')).toBe('7 days at −20°, or 15 hours at −35°');
  expect(sayFreezing('EU')).toBe('24 hours at −20°, or 15 hours at −35°');
});
