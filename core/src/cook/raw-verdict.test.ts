import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FREEZING_LINES } from '../larder/index.ts';
import { mayEatRaw, type RawPack, sayRawVerdict } from './raw-verdict.ts';

const clock = (met: readonly ('US' | 'EU')[], hours = 0) =>
  FREEZING_LINES.map((line) => ({ line, hours, met: met.includes(line.by) && line.c === -20, readyMs: null }));
const pack = (more: Partial<RawPack> = {}): RawPack => ({
  of: 'Pack 1',
  kinds: [{ name: 'Bass', verdict: 'frozen first', why: 'worms' }],
  unknownKind: false,
  water: 'sea',
  thawed: false,
  origin: null,
  lines: clock(['US', 'EU'], 200),
  found: [],
  gutPierced: false,
  histamine: null,
  daysPast: -1,
  warmH: 1,
  ...more,
});

describe('may it be eaten raw', () => {
  test('met, where all is on record; it is never called safe', () => {
    const v = mayEatRaw([pack()], []);
    expect(v.verdict).toBe('conditions met');
    expect(v.reasons).toMatchObject([{ of: 'Pack 1', weighs: 'met' }]);
    expect(sayRawVerdict(v.verdict)).toMatch(/lowers the risk, and does not end it/);
    for (const word of ['conditions met', 'not known', 'not raw'] as const)
      expect(sayRawVerdict(word)).not.toMatch(/\bsafe\b/i);
  });
  test.each([
    [
      'a kind that carries flukes',
      { kinds: [{ name: 'Tench', verdict: 'cook' as const, why: 'flukes' }] },
      'Tench: flukes',
    ],
    ['worms seen', { found: ['Worms were seen in it.'] }, 'Worms were seen in it.'],
    ['a pierced gut', { gutPierced: true }, /gut was pierced/],
    ['histamine', { histamine: 1 }, /histamine/],
    ['past its days', { daysPast: 1 }, /official limit/],
    ['too long warm', { warmH: 5 }, /above 5° for 5 hours/],
  ])('not raw: %s, whatever the freezer says', (_, more, say) => {
    const v = mayEatRaw([pack(more)], []);
    expect(v.verdict).toBe('not raw');
    if (typeof say === 'string') expect(v.reasons.map((r) => r.say)).toContain(say);
    else expect(v.reasons.some((r) => say.test(r.say))).toBe(true);
  });
  test('four hours above 5 degrees are allowed, and no minute more', () => {
    expect(mayEatRaw([pack({ warmH: 4 })], []).verdict).toBe('conditions met');
    expect(mayEatRaw([pack({ warmH: 4 + 1 / 60 })], []).verdict).toBe('not raw');
  });
  test('who is at risk eats none, and is named', () => {
    const v = mayEatRaw([pack()], ['Oda']);
    expect(v.verdict).toBe('not raw');
    expect(v.reasons[0]!.say).toMatch(/^Oda: /);
  });
  test('not known: no freezing, too short, a kind not settled, warmth not on record, no pack', () => {
    const why = (more: Partial<RawPack>): string => {
      const v = mayEatRaw([pack(more)], []);
      expect(v.verdict).toBe('not known');
      return v.reasons[0]!.say;
    };
    expect(why({ lines: null })).toMatch(/No freezing is recorded/);
    expect(why({ lines: clock([], 30) })).toMatch(/for 30 hours/);
    expect(why({ lines: clock([]) })).toMatch(/No reading shows/);
    expect(why({ unknownKind: true })).toMatch(/not identified/);
    expect(why({ warmH: null })).toMatch(/not recorded/);
    expect(mayEatRaw([], []).verdict).toBe('not known');
  });
  test('farmed or stocked, as noted, counts as wild: it is told, and alone meets nothing', () => {
    const farmed = mayEatRaw([pack({ origin: 'farmed', lines: null })], []);
    expect(farmed.verdict).toBe('not known');
    expect(mayEatRaw([pack({ origin: 'stocked' })], []).reasons.some((r) => /counts as wild/.test(r.say))).toBe(true);
  });
  test.each(['fresh', 'not known'] as const)(
    'of %s water: only the 7 days of the US count, by whichever line the house goes',
    (water) => {
      for (const authority of ['US', 'EU'] as const) {
        const v = mayEatRaw([pack({ water, lines: clock(['EU'], 30) })], [], 0, authority);
        expect(v.verdict).toBe('not known');
        expect(v.reasons[0]!.say).toMatch(/Only the 7 days/);
        expect(mayEatRaw([pack({ water })], [], 0, authority).verdict).toBe('conditions met');
      }
    },
  );
  test('the stricter line is the default; a house may go by the other, and it is said which', () => {
    const eu = pack({ lines: clock(['EU'], 30) });
    expect(mayEatRaw([eu], []).verdict).toBe('not known');
    expect(mayEatRaw([eu], []).reasons[0]!.say).toMatch(/as the EU requires, but not yet as the US.*stricter/);
    const v = mayEatRaw([eu], [], 0, 'EU');
    expect(v.verdict).toBe('conditions met');
    expect(v.reasons[0]!.say).toMatch(/follows the limit of the EU/);
  });
  test('what was met stays met after thawing, and is eaten within the day', () => {
    const v = mayEatRaw([pack({ thawed: true })], []);
    expect(v.verdict).toBe('conditions met');
    expect(v.reasons.map((r) => r.say).join(' ')).toMatch(/within a day/);
  });
  test('the worst pack decides: adding one never betters the verdict, and every reason has a source', () => {
    const rank = ['not raw', 'not known', 'conditions met'];
    const some = fc.record({
      gutPierced: fc.boolean(),
      histamine: fc.option(fc.double({ min: 0, max: 2, noNaN: true })),
      daysPast: fc.integer({ min: -3, max: 2 }),
      warmH: fc.option(fc.integer({ min: 0, max: 9 })),
      lines: fc.constantFrom(null, clock([]), clock(['EU'], 25), clock(['US', 'EU'], 200)),
      unknownKind: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(some, { minLength: 1, maxLength: 4 }), some, (list, one) => {
        const [a, b] = [mayEatRaw(list.map(pack), []), mayEatRaw([...list.map(pack), pack(one)], [])];
        expect(rank.indexOf(b.verdict)).toBeLessThanOrEqual(rank.indexOf(a.verdict));
        expect(b.reasons.every((r) => r.source.length > 3 && r.say.length > 5)).toBe(true);
      }),
    );
  });
});
