import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  anEntry,
  at,
  BOX,
  idOf,
  ILSE,
  landed,
  TOMAS,
  TRIP,
  tripStarted,
  wholeLine,
} from '../../builders.test-support.ts';
import {
  Book,
  custodyOf,
  type Entry,
  fishNumbers,
  fishOfTrip,
  hangingOn,
  isBeginning,
  nextFishNumber,
  openTrip,
  sayHanging,
  timeTrouble,
} from '../../index.ts';

const A = idOf('a');
const LINE = wholeLine();
const entryOf = (kind: string): Entry => LINE.find((e) => e.kind === kind)!;
const strike = (e: Entry, time = '20:00'): Entry =>
  anEntry('log.struck', e.subject, {}, { at: at(time), strikes: e.id, because: 'a mistake' });
const book = (...more: Entry[]): Book => Book.EMPTY.withEntries([...LINE, ...more]);

describe('a struck beginning', () => {
  test('counts nowhere, stays readable with all its lines, and stands again when the strike is struck', () => {
    const taken = strike(entryOf('fish.landed'));
    const b = book(taken);
    expect(b.get('fish', A)).toBeNull();
    expect(b.all('fish')).toEqual([]);
    expect(fishOfTrip(b, TRIP)).toEqual([]);
    expect(b.getAny('fish', A)).toMatchObject({ species: 'pollack', struck: { because: 'a mistake' } });
    expect(b.getAny('fish', A)?.log).toHaveLength(6);
    expect(custodyOf(b, A)).toMatchObject({ where: 'struck', cuts: [{}], packs: [{}], meals: [{}] });
    const back = anEntry('log.struck', A, {}, { at: at('20:05'), strikes: taken.id });
    expect(book(taken, back).get('fish', A)?.struck).toBeNull();
    expect(book(taken, back).all('meal')).toHaveLength(1);
  });

  test('takes what hangs on it out of the counts too, down to the meal; each of them is still there to be read', () => {
    for (const kind of ['trip.started', 'fish.landed', 'cut.started', 'pack.stored'] as const) {
      const b = book(strike(entryOf(kind)));
      expect([kind, b.all('meal').length]).toEqual([kind, 0]);
      expect([kind, b.getAny('meal', idOf('meal'))?.name]).toEqual([kind, 'Pollack on thyme']);
    }
    expect(book(strike(entryOf('trip.started'))).all('fish')).toEqual([]);
    expect(openTrip(book(strike(entryOf('trip.started'))))).toBeNull();
    expect(book(strike(entryOf('cut.started'))).all('fish')).toHaveLength(1);
  });

  test('what hangs on several falls only with the last of them', () => {
    const two = [
      ...LINE,
      landed('b', '12:30'),
      anEntry('cut.started', idOf('both'), { fish: [A, idOf('b')], route: 'steaks', by: TOMAS }, { at: at('18:00') }),
    ];
    const b = Book.EMPTY.withEntries([...two, strike(entryOf('fish.landed'))]);
    expect(b.get('cut', idOf('both'))).not.toBeNull();
    const none = b.withEntries([strike(two.find((e) => e.subject === idOf('b'))!)]);
    expect(none.get('cut', idOf('both'))).toBeNull();
  });

  test('is asked about first: what would fall with it, by name and as fish, not lines', () => {
    const lot = landed('lot', '13:00', { count: 8, species: 'mackerel' });
    const b = book(lot);
    expect(sayHanging(hangingOn(b, TRIP))).toBe('9 fish, 1 cut, 1 pack and 1 meal');
    expect(sayHanging(hangingOn(b, A))).toBe('1 cut, 1 pack and 1 meal');
    expect(sayHanging(hangingOn(b, lot.subject))).toBe('');
    const joined = anEntry('member.joined', TOMAS, { name: 'Tomas' }, { at: at('05:00') });
    expect(sayHanging(hangingOn(book(joined), TOMAS))).toBe('1 trip, 1 cut and 1 meal');
    const box = anEntry('box.added', BOX, { name: 'the box', litres: 40 }, { at: at('05:00') });
    expect(sayHanging(hangingOn(book(box), BOX))).toBe('1 trip and 1 fish');
    expect(b.get('fish', A)?.log.filter(isBeginning)).toHaveLength(1);
  });

  test('what falls with a strike is what was said beforehand, whatever is struck', () => {
    const kinds = ['trip.started', 'fish.landed', 'cut.started', 'pack.stored', 'meal.served'] as const;
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.boolean(), (kind, second) => {
        const before = second ? book(landed('b', '12:40')) : book();
        const e = entryOf(kind);
        const said = new Set(hangingOn(before, e.subject).map((s) => s.id));
        const after = before.withEntries([strike(e)]);
        const all = (b: Book) =>
          new Set((['fish', 'cut', 'pack', 'meal'] as const).flatMap((k) => b.all(k).map((s) => s.id)));
        const fallen = [...all(before)].filter((id) => !all(after).has(id) && id !== e.subject);
        expect(new Set(fallen)).toEqual(said);
      }),
    );
  });
});

describe('numbers of fish within a trip', () => {
  const noted = (word: string, time: string, more: object, written = time): Entry => ({
    ...landed(word, time, more),
    written: at(written),
  });
  const numbers = (...list: Entry[]): string[] => {
    const b = Book.EMPTY.withEntries([tripStarted(), ...list]);
    const n = fishNumbers(b, TRIP);
    return ['a', 'b', 'c'].map((w) => n.get(idOf(w)) ?? '-');
  };
  const [a, b, c] = [
    noted('a', '10:00', { number: 1 }),
    noted('b', '11:00', { number: 2 }),
    noted('c', '12:00', { number: 3 }),
  ];

  test('are given once: back-dating, striking and syncing late change none', () => {
    expect(numbers(a, b, c)).toEqual(['1', '2', '3']);
    const early = {
      ...anEntry('fish.landed', c.subject, c.facts as never, { at: at('09:00'), amends: c.id }),
      written: at('13:00'),
    };
    expect(numbers(a, b, c, early)).toEqual(['1', '2', '3']);
    expect(numbers(a, b, c, strike(b))).toEqual(['1', '2', '3']);
    expect(numbers(c, a)).toEqual(['1', '-', '3']);
  });
  test('of two devices that gave the same, the later noted gets a letter', () => {
    expect(numbers(a, noted('b', '09:00', { number: 1 }, '11:00'))).toEqual(['1', '1b', '-']);
  });
  test('of books from before numbers were kept they follow the order in which they were noted, around those given', () => {
    expect(
      numbers(noted('a', '10:00', {}), noted('b', '09:00', {}, '11:00'), noted('c', '12:00', { number: 2 })),
    ).toEqual(['1', '3', '2']);
  });
  test('the next is above all that were ever given, struck ones too', () => {
    const all = Book.EMPTY.withEntries([tripStarted(), a, b, c, strike(c)]);
    expect(nextFishNumber(all, TRIP)).toBe(4);
    expect(nextFishNumber(Book.EMPTY.withEntries([tripStarted()]), TRIP)).toBe(1);
  });
});

describe('times that cannot be', () => {
  test('a trip does not end before its last fish was landed', () => {
    const b = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00'), landed('b', '14:10')]);
    const end = (time: string) => timeTrouble(b, { kind: 'trip.ended', subject: TRIP, at: at(time), facts: {} });
    expect(end('13:00')).toMatch(/last fish of this trip was caught at 14:10/);
    expect(end('14:30')).toBeNull();
    expect(end('14:09:30')).toBeNull();
  });
  test('a meal is not served before its fish was caught, nor before it was packed', () => {
    const served = (when: string) =>
      timeTrouble(book(), {
        kind: 'meal.served',
        subject: idOf('m2'),
        at: when,
        facts: { packs: [{ pack: idOf('pack'), massG: 10 }] },
      });
    expect(served(at('11:00'))).toMatch(/before pack 84 was packed/);
    expect(served(at('19:40'))).toBeNull();
    expect(ILSE).not.toBe(TOMAS);
  });
});
