import { describe, expect, test } from '@jest/globals';
import type { Verdict } from '@dagboek/core/rules';
import { anEntry, at, idOf, ILSE, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, custodyOf, overBy, partBack, splitWritings, validateEntry } from '../../index.ts';

const lot = idOf('lot');
const BOOK = Book.EMPTY.withEntries([
  tripStarted(),
  anEntry('fish.landed', lot, { trip: TRIP, angler: ILSE, count: 5, gear: 'rod' }, { at: at('12:00') }),
  anEntry('fish.named', lot, { species: 'mackerel' }, { at: at('12:01') }),
]);
const fish = BOOK.get('fish', lot)!;
const against = (left: number, kind = 'dailyBag', more: object[] = []): Verdict =>
  ({
    outcome: 'letGo',
    findings: [{ ruleId: 'bag', kind, outcome: 'letGo' }, ...more],
    allowances: [{ ruleId: 'bag', left }],
  }) as unknown as Verdict;

describe('how much of a lot goes back', () => {
  test('what is over the allowance; all of it when nothing is left; nothing when it may stay', () => {
    expect(overBy(fish, against(2))).toBe(3);
    expect(overBy(fish, against(0))).toBe(0);
    expect(overBy(fish, { ...against(2), outcome: 'keep' })).toBe(0);
    expect(overBy(fish, null)).toBe(0);
    expect(overBy({ ...fish, count: 1 }, against(0))).toBe(0);
  });

  test('a lot that is against another rule too goes back whole', () => {
    expect(overBy(fish, against(2, 'dailyBag', [{ ruleId: 'least', kind: 'minimumSize', outcome: 'letGo' }]))).toBe(0);
  });
});

test('split, the lot has fewer fish, those that went are an entry of their own, and nothing is erased', () => {
  const id = idOf('back');
  const entries = splitWritings(fish, 3, { reason: 'over the bag', leastMm: null }, 'swam off', id, 9).map(
    (w): Entry => {
      const { atMs, ...more } = w.more ?? {};
      const e = anEntry(w.kind, w.subject, w.facts as never, {
        at: atMs ? new Date(atMs).toISOString().replace('.000Z', '+00:00') : at('12:05'),
        ...more,
      });
      expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('13:00')))).toMatchObject({ ok: true });
      return e;
    },
  );
  const b = BOOK.withEntries(entries);
  expect(b.get('fish', lot)).toMatchObject({ count: 2, species: 'mackerel', released: null });
  expect(b.get('fish', id)).toMatchObject({
    count: 3,
    species: 'mackerel',
    gear: 'rod',
    released: { reason: 'over the bag' },
  });
  expect(b.get('fish', lot)?.log[0]?.was.map((e) => e.facts['count'])).toEqual([5]);
});

describe('a lot with some that are too short', () => {
  const mixed = Book.EMPTY.withEntries([
    tripStarted(),
    anEntry(
      'fish.landed',
      lot,
      { trip: TRIP, angler: ILSE, count: 12, gear: 'rod', species: 'mackerel' },
      { at: at('12:00') },
    ),
    anEntry(
      'fish.measured',
      lot,
      { lengthMm: 240, longestMm: 330, lengthKind: 'fork', method: 'board' },
      { at: at('12:02') },
    ),
    anEntry('fish.weighed', lot, { massG: 2400, how: 'scale' }, { at: at('12:03') }),
  ]);
  const twelve = mixed.get('fish', lot)!;
  const short = (leastMm: number, more: object[] = []): Verdict =>
    ({
      outcome: 'letGo',
      findings: [{ ruleId: 'least', kind: 'minimumSize', outcome: 'letGo', leastMm }, ...more],
      allowances: [],
    }) as unknown as Verdict;

  test('which part goes back is told where the longest may stay, and nothing else is against it', () => {
    expect(partBack(twelve, short(280))).toEqual({ likely: 5, counted: false, reason: 'too short', leastMm: 280 });
    expect(partBack(twelve, short(329))).toMatchObject({ likely: 11 });
    expect(partBack(twelve, short(241))).toMatchObject({ likely: 1 });
    expect(partBack(twelve, short(330))).toBeNull();
    expect(partBack(twelve, short(280, [{ ruleId: 'shut', kind: 'closedSeason', outcome: 'letGo' }]))).toBeNull();
    expect(partBack({ ...twelve, count: 1 }, short(280))).toBeNull();
    expect(partBack(twelve, { ...short(280), outcome: 'keep' })).toBeNull();
    expect(partBack(fish, against(2))).toMatchObject({ likely: 3, counted: true, reason: 'over the bag' });
  });

  test('3 of 12 go back, 9 stay: each part keeps what befell it, and the lengths that it can have', () => {
    const id = idOf('short ones');
    const entries = splitWritings(twelve, 3, { reason: 'too short', leastMm: 280 }, 'swam off', id, 2).map(
      (w): Entry => {
        const { atMs, ...more } = w.more ?? {};
        const facts = JSON.parse(JSON.stringify(w.facts)) as never;
        const e = anEntry(w.kind, w.subject, facts, {
          at: atMs ? new Date(atMs).toISOString().replace('.000Z', '+00:00') : at('12:05'),
          ...more,
        });
        expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('13:00')))).toMatchObject({ ok: true });
        return e;
      },
    );
    const b = mixed.withEntries(entries);
    expect(b.get('fish', lot)).toMatchObject({
      count: 9,
      released: null,
      length: { mm: 280, longestMm: 330 },
      mass: { g: 1800 },
    });
    expect(b.get('fish', id)).toMatchObject({
      count: 3,
      species: 'mackerel',
      length: { mm: 240, longestMm: 280 },
      mass: { g: 600 },
      released: { reason: 'too short' },
    });
    expect(custodyOf(b, id)!.where).toBe('let go');
    expect(
      b
        .get('fish', lot)!
        .log.find((l) => l.now.kind === 'fish.measured')!
        .was.map((e) => e.facts['lengthMm']),
    ).toEqual([240]);
  });
});
