import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { freshness, HISTAMINE_LIMITS, histamineClock, type Keeping, type KeptFrom } from './index.ts';

const H = 3_600_000;
const kept = (...list: [number, Keeping][]): KeptFrom[] => list.map(([h, keeping]) => ({ atMs: h * H, keeping }));
const clock = (hours: number, list: KeptFrom[], more: { massG?: number; waterC?: number | null } = {}) =>
  histamineClock({ kept: list, massG: 350, waterC: 14, untilMs: hours * H, ...more });

describe('the clock of histamine', () => {
  test('a mackerel ten hours at 14° is over the line, however fresh it is reckoned', () => {
    expect(clock(10, kept([0, 'bucket']))).toMatchObject({ state: 'over', limit: 'to ice', limitH: 9 });
    const f = freshness({
      kept: kept([0, 'bucket']),
      massG: 350,
      waterC: 14,
      untilMs: 10 * H,
      iceDaysAllowed: 6,
      bled: true,
      histamine: true,
    });
    expect(f.used).toBeLessThan(0.6);
    expect(f).toMatchObject({ tone: 'past', histamine: { state: 'over' } });
    expect(
      freshness({ kept: kept([0, 'bucket']), massG: 350, waterC: 14, untilMs: 10 * H, iceDaysAllowed: 6, bled: true })
        .histamine,
    ).toBeNull();
  });

  test('until ice: nine hours, six when air or water is hot, six for a large tuna', () => {
    expect(clock(6.5, kept([0, 'air'])).state).toBe('within');
    expect(clock(7, kept([0, 'air']))).toMatchObject({ state: 'near', overAtMs: 9 * H });
    expect(clock(9.1, kept([0, 'air'])).state).toBe('over');
    expect(clock(6.1, kept([0, 'air']), { waterC: 29 }).state).toBe('over');
    expect(clock(6.1, kept([0, 'air']), { waterC: 26 }).state).toBe('over');
    expect(clock(6.1, kept([0, 'air']), { massG: 20_000 })).toMatchObject({ state: 'over', limitH: 6 });
    // Hours to ice stay what they were, days later.
    expect(clock(60, kept([0, 'air'], [9.5, 'box'], [20, 'freezer'])).state).toBe('over');
    expect(clock(20, kept([0, 'air'], [2, 'box'])).state).toBe('within');
  });

  test('after it was chilled: eight warm hours in all, over several stretches', () => {
    const twice = kept([0, 'air'], [1, 'box'], [10, 'air'], [15, 'box'], [20, 'bucket']);
    expect(clock(22, twice, { waterC: 14 })).toMatchObject({ limit: 'later', state: 'near' });
    expect(clock(25, twice, { waterC: 14 }).state).toBe('over');
    // Above 21° the four hours hold.
    expect(clock(14.5, kept([0, 'air'], [1, 'box'], [10, 'air']), { waterC: 24 })).toMatchObject({
      state: 'over',
      limitH: 4,
    });
  });

  test('in fridge and freezer it stands still; on the board it runs', () => {
    expect(clock(500, kept([0, 'air'], [1, 'box'], [10, 'freezer'])).hours).toBeLessThan(1);
    expect(clock(100, kept([0, 'air'], [1, 'fridge'])).state).toBe('within');
    expect(clock(30, kept([0, 'air'], [1, 'box'], [10, 'board'])).state).toBe('over');
  });

  test('it says when it will be over while it lies warm, and nothing while it lies cold', () => {
    expect(clock(2, kept([0, 'air'])).overAtMs).toBe(9 * H);
    expect(clock(5, kept([0, 'air'], [1, 'box'])).overAtMs).toBeNull();
    expect(clock(11, kept([0, 'air'], [1, 'box'], [10, 'air'])).overAtMs).toBeGreaterThan(17 * H);
  });

  test('once over it stays over, whatever comes after', () => {
    const places = fc.constantFrom<Keeping>('air', 'bucket', 'box', 'board', 'fridge', 'freezer');
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 12 }), places), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        (list, now, more) => {
          let at = 0;
          const history = list.map(([h, keeping]) => ({ atMs: (at += h) * H, keeping }));
          const [a, b] = [clock(at + now, history), clock(at + now + more, history)];
          if (a.state === 'over') expect(b.state).toBe('over');
        },
      ),
    );
    expect(HISTAMINE_LIMITS.source).toMatch(/guidance used for commercial boats/);
  });
});
