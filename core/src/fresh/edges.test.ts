import { describe, expect, test } from '@jest/globals';
import {
  coolingTauMin,
  freshness,
  HISTAMINE_LIMITS,
  histamineClock,
  type Keeping,
  type KeptFrom,
  stretchesOf,
} from './index.ts';

const H = 3_600_000;
const kept = (...list: [number, Keeping][]): KeptFrom[] => list.map(([h, keeping]) => ({ atMs: h * H, keeping }));
const clock = (hours: number, list: KeptFrom[], more: { massG?: number; waterC?: number | null } = {}) =>
  histamineClock({ kept: list, massG: 350, waterC: 14, untilMs: hours * H, ...more });

describe('the clock of histamine at its limits', () => {
  test('exactly at the hours it is near, a minute later it is over', () => {
    expect(clock(9, kept([0, 'air'])).state).toBe('near');
    expect(clock(9 + 1 / 60, kept([0, 'air'])).state).toBe('over');
    // Three quarters of nine.
    expect(clock(6.75, kept([0, 'air'])).state).toBe('near');
    expect(clock(6.74, kept([0, 'air'])).state).toBe('within');
    expect(clock(30, kept([0, 'air'], [9, 'box'])).limit).toBe('later');
  });
  test('at 28° itself the longer limit holds, above it the shorter; water that nobody read is not hot', () => {
    expect(clock(1, kept([0, 'bucket']), { waterC: 25 }).limitH).toBe(9);
    expect(clock(1, kept([0, 'bucket']), { waterC: 25.1 }).limitH).toBe(6);
    expect(clock(1, kept([0, 'bucket']), { waterC: null }).limitH).toBe(9);
    expect(clock(1, kept([0, 'bucket']), { massG: HISTAMINE_LIMITS.largeG }).limitH).toBe(9);
    expect(clock(1, kept([0, 'bucket']), { massG: HISTAMINE_LIMITS.largeG + 1 }).limitH).toBe(6);
  });
  test('the order of the record does not matter, and one that is empty begins now', () => {
    const list = kept([10, 'air'], [0, 'air'], [1, 'box'], [12, 'box']);
    expect(clock(20, list)).toEqual(clock(20, kept([0, 'air'], [1, 'box'], [10, 'air'], [12, 'box'])));
    expect(clock(20, [])).toMatchObject({ state: 'within', hours: 0 });
  });
  test('ice that is only noted later does not count yet', () => {
    const list = kept([0, 'air'], [5, 'box']);
    expect(clock(3, list)).toMatchObject({ limit: 'to ice', hours: 3, overAtMs: 9 * H });
    expect(clock(5, list)).toMatchObject({ limit: 'later', hours: 0, overAtMs: null });
  });
  test('straight into the freezer is cold', () => {
    expect(clock(500, kept([0, 'air'], [2, 'freezer']))).toMatchObject({ limit: 'later', state: 'within', hours: 0 });
  });
  test('in air it is as warm as the air at once; in a box it takes its time', () => {
    // Out of the box into air of 18°: every hour counts, from the first minute.
    expect(clock(13, kept([0, 'air'], [1, 'box'], [10, 'air'])).hours).toBeCloseTo(3, 6);
    // On the board it follows within two hours: above 4.4° after 120 ln(18 / 13.6) = 33.6 minutes.
    const onBoard = clock(13, kept([0, 'air'], [1, 'box'], [10, 'board'])).hours;
    expect(onBoard).toBeGreaterThan(3 - 0.57);
    expect(onBoard).toBeLessThan(3 - 0.39);
    // Back in ice the flesh stays above the line for a while: 28 minutes' time constant from 18°.
    const back = clock(20, kept([0, 'air'], [1, 'box'], [10, 'air'], [13, 'box'])).hours;
    expect(back - 3).toBeCloseTo((coolingTauMin(350) * Math.log(18 / 4.4)) / 60, 0);
  });
  test('it says when the hours that are left run out', () => {
    const c = clock(13, kept([0, 'air'], [1, 'box'], [10, 'air']));
    expect(c).toMatchObject({ limit: 'later', limitH: 8 });
    expect(c.overAtMs).toBe(18 * H);
    expect(clock(30, kept([0, 'air'], [1, 'box'], [10, 'air'])).overAtMs).toBe(30 * H);
  });
});

describe('stretches', () => {
  const of = (list: KeptFrom[], waterC: number | null = 14, massG = 300, until = 60) =>
    stretchesOf(list, massG, waterC, until * H).map((s) => [s.fromMs / H, s.toMs / H, s.mediumC, Math.round(s.tauMin)]);
  test('each keeping has its own cold and its own time', () => {
    expect(of(kept([0, 'air'], [1, 'bucket'], [2, 'box'], [10, 'fridge'], [20, 'freezer'], [30, 'board']))).toEqual([
      [0, 1, 18, 0],
      [1, 2, 14, 0],
      [2, 10, 0, 25],
      [10, 20, 4, 100],
      [20, 30, -18, 100],
      [30, 60, 18, 120],
    ]);
  });
  test('a box is cold while it has ice, and warms on slowly', () => {
    expect(of(kept([0, 'box']))).toEqual([[0, 60, 0, 25]]);
    expect(of(kept([0, 'box'], [24, 'box without ice']))).toEqual([
      [0, 24, 0, 25],
      [24, 60, 8, 600],
    ]);
    expect(of(kept([0, 'box'], [24, 'fridge'])).length).toBe(2);
  });
  test('warm water warms the bucket, the air above it and the board; unread it is 14°', () => {
    expect(of(kept([0, 'air'], [1, 'bucket'], [2, 'board']), 27).map((s) => s[2])).toEqual([30, 27, 27]);
    expect(of(kept([0, 'air'], [1, 'bucket'], [2, 'board']), null).map((s) => s[2])).toEqual([18, 14, 18]);
    expect(of(kept([0, 'bucket']), 0)[0]?.[2]).toBe(0);
  });
  test('what is gone lies nowhere, what lasts no time is left out, and a small fish cools no faster than 50 g', () => {
    expect(of(kept([0, 'box'], [2, 'gone'], [2, 'air'], [2, 'fridge'])).map((s) => s[0])).toEqual([0, 2]);
    expect(of(kept([70, 'box']))).toEqual([]);
    expect(of(kept([0, 'box']), 14, 10)[0]?.[3]).toBe(Math.round(coolingTauMin(50)));
    expect(of(kept([0, 'box']), 14, 1000)[0]?.[3]).toBe(Math.round(coolingTauMin(1000)));
  });
});

test('a species that keeps for no days at all is refused, not divided by', () => {
  const input = { kept: kept([0, 'box']), massG: 300, waterC: 14, untilMs: H, bled: true };
  for (const iceDaysAllowed of [0, -1, Number.NaN])
    expect(() => freshness({ ...input, iceDaysAllowed })).toThrow(RangeError);
});
