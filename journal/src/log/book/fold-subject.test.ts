import { describe, expect, test } from '@jest/globals';
import { anEntry, at, BOX, idOf, landed, TRIP } from '../../builders.test-support.ts';
import { Book, type Entry, foldSubject } from '../../index.ts';

const fish = idOf('a');
const landing = landed('a', '12:18');
const iced = anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, { at: at('12:30') });
const of = (kind: string, facts: object, more: Partial<Entry> = {}): Entry =>
  ({ ...anEntry('fish.noted', fish, { text: 'x' }, more), kind, facts }) as Entry;
/** An id that was made before all others. */
const early = (n: number): string => `00000000-0000-7000-8000-00000000000${n}`;
const late = (n: number): string => `0fffffff-0000-7000-8000-00000000000${n}`;
const why = (entries: readonly Entry[]): (string | undefined)[] =>
  foldSubject(fish, entries).apart.map((l) => l.apart?.why);
const strike = (e: Entry): Entry => anEntry('log.struck', e.subject, {}, { strikes: e.id });

describe('a line about something else', () => {
  const moved = of('pack.moved', { place: 'freezer' }, { at: at('12:20') });
  test('is set apart with a sentence, and changes nothing', () => {
    const { state, apart } = foldSubject(fish, [landing, moved, iced]);
    expect(state).toMatchObject({ kind: 'fish', iced: { how: 'slurry' } });
    expect(apart.map((l) => l.now)).toEqual([moved]);
    expect(apart[0]?.apart).toEqual({ why: 'It is written of a fish, and says something of a pack.', entry: moved });
    expect(state?.log.map((l) => l.apart === null)).toEqual([true, false, true]);
  });
  test('struck, it is gone from those set apart; one of a newer version is never among them', () => {
    expect(why([landing, moved, strike(moved)])).toEqual([]);
    expect(why([landing, of('fish.sung', {}), of('gear.bought', {})])).toEqual([]);
  });
  test('a beginning says what it is about, however early the others were made', () => {
    const odd = { ...moved, id: early(1) };
    expect(foldSubject(fish, [odd, landing]).state?.kind).toBe('fish');
    expect(foldSubject(fish, [landing, odd]).state?.kind).toBe('fish');
  });
  test('of two beginnings the one that was made first says it, in whatever order', () => {
    const pack = of('pack.stored', { number: 1, fish: [], species: 'pollack', what: 'x', massG: 1 }, { id: late(1) });
    for (const list of [
      [landing, pack],
      [pack, landing],
    ])
      expect(foldSubject(fish, list)).toMatchObject({ state: { kind: 'fish' }, apart: [{ now: pack }] });
    const first = { ...pack, id: early(1) };
    for (const list of [
      [landing, first],
      [first, landing],
    ])
      expect(foldSubject(fish, list)).toMatchObject({ state: { kind: 'pack' }, apart: [{ now: landing }] });
  });
  test('without a beginning the first made says it, and the state waits', () => {
    const [one, two] = [
      { ...iced, id: early(1) },
      { ...moved, id: early(2) },
    ];
    for (const list of [
      [one, two],
      [two, one],
    ]) {
      expect(foldSubject(fish, list).state).toBeNull();
      expect(why(list)).toEqual(['It is written of a fish, and says something of a pack.']);
    }
  });
});

describe('facts that cannot be read', () => {
  const CANNOT = 'This version cannot read it.';
  const named = of('fish.named', { species: 'cod', orElse: 7 }, { at: at('12:25') });
  test('of a line: set apart, and the lines after it count', () => {
    expect(foldSubject(fish, [landing, named, iced]).state).toMatchObject({
      species: 'pollack',
      iced: { how: 'slurry' },
    });
    expect(why([landing, named, iced])).toEqual([CANNOT]);
    expect(why([landing, named, iced, strike(named)])).toEqual([]);
  });
  const pack = (facts: object, more: Partial<Entry> = {}) => of('pack.stored', facts, more);
  test('of a beginning: the one before it holds; alone there is no state', () => {
    const good = pack({ number: 1, fish: [fish], species: 'pollack', what: 'x', massG: 5 }, { at: at('13:00') });
    const bad = pack({ number: 2 }, { at: at('14:00') });
    expect(foldSubject(fish, [bad, good])).toMatchObject({ state: { kind: 'pack', number: 1 }, apart: [{ now: bad }] });
    expect(foldSubject(fish, [bad])).toMatchObject({ state: null, apart: [{ now: bad, apart: { why: CANNOT } }] });
    expect(foldSubject(fish, [bad, strike(bad)])).toEqual({ state: null, apart: [] });
  });
  test('a struck beginning that can be read stays readable, and says that it was struck', () => {
    const struck = strike(landing);
    expect(foldSubject(fish, [landing, iced, struck]).state).toMatchObject({
      kind: 'fish',
      struck,
      iced: { how: 'slurry' },
    });
    const odd = { ...landing, at: '2026-02-31T12:00:00Z' };
    expect(foldSubject(fish, [odd, strike(odd)]).state).toBeNull();
    expect(foldSubject(fish, [odd]).apart).toHaveLength(1);
  });
});

test('a book says what is set apart of all it is about, in the order of making, and forgets what was struck', () => {
  const [a, b] = [
    { ...anEntry('trip.noted', TRIP, { text: 'x' }), at: '2026-13-01T00:00:00Z', id: late(2) },
    { ...anEntry('fish.noted', fish, { text: 'x' }), at: 'soon', id: early(3) },
  ];
  const book = Book.EMPTY.withEntries([landing, a, b]);
  expect(book.apart().map((x) => [x.subject, x.line.first.id])).toEqual([
    [fish, b.id],
    [TRIP, a.id],
  ]);
  expect(
    book
      .withEntries([strike(b)])
      .apart()
      .map((x) => x.subject),
  ).toEqual([TRIP]);
  expect(
    book
      .without(a)
      .apart()
      .map((x) => x.subject),
  ).toEqual([fish]);
});
