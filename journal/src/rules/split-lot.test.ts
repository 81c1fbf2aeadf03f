import { describe, expect, test } from '@jest/globals';
import type { Verdict } from '@dagboek/core/rules';
import { anEntry, at, idOf, ILSE, TRIP, tripStarted } from '../builders.test-support.ts';
import { Book, type Entry, overBy, splitWritings, validateEntry } from '../index.ts';

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
  const entries = splitWritings(fish, 3, 'swam off', id, 9).map((w): Entry => {
    const { atMs, ...more } = w.more ?? {};
    const e = anEntry(w.kind, w.subject, w.facts as never, {
      at: atMs ? new Date(atMs).toISOString().replace('.000Z', '+00:00') : at('12:05'),
      ...more,
    });
    expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('13:00')))).toMatchObject({ ok: true });
    return e;
  });
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
