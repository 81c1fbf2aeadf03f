import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, meatOf, usedOf } from '../../index.ts';

const cut = (
  word: string,
  by: string,
  species: string,
  route: 'fillet from the tail' | 'gutted whole',
  ...weighed: [string, number][]
): Entry[] => [
  landed(word, '12:00', { species }),
  anEntry('cut.started', idOf(`c${word}`), { fish: [idOf(word)], route, by }, { at: at('18:00') }),
  ...weighed.map(([stage, massG]) =>
    anEntry('cut.weighed', idOf(`c${word}`), { stage: stage as 'round', massG }, { at: at('18:01') }),
  ),
];
const BOOK = Book.EMPTY.withEntries([
  tripStarted(),
  ...cut('a', TOMAS, 'pollack', 'fillet from the tail', ['round', 1000], ['trimmed', 400]),
  anEntry('cut.byproduct', idOf('ca'), { what: 'frame', massG: 300, use: 'stock' }, { at: at('18:05') }),
  anEntry('cut.byproduct', idOf('ca'), { what: 'guts', massG: 100, use: 'the water' }, { at: at('18:06') }),
  ...cut('b', ILSE, 'mackerel', 'gutted whole', ['round', 500], ['gutted', 430]),
  // Begun and not weighed: nothing is known of it.
  ...cut('c', ILSE, 'cod', 'fillet from the tail', ['round', 900]),
]);

test('what a cut gave to eat: trimmed, else fillets; gutted where it stays whole', () => {
  expect(['ca', 'cb', 'cc'].map((c) => meatOf(BOOK.get('cut', idOf(c))!))).toEqual([400, 430, null]);
});

test('how much was used, together and by person, kind and quarter; a cut that was not weighed counts nowhere', () => {
  const used = usedOf(BOOK);
  expect(used.all).toMatchObject({ n: 2, roundG: 1500 });
  expect(used.all!.meat).toBeCloseTo(830 / 1500, 9);
  expect(used.by.person.map(([who, s]) => [who, s.n])).toEqual([
    [TOMAS, 1],
    [ILSE, 1],
  ]);
  expect(used.by.species.map(([id]) => id)).toEqual(['pollack', 'mackerel']);
  expect(used.by.species[0]![1]).toMatchObject({ kitchen: 0.3, waste: 0.1 });
  expect(used.by.season).toHaveLength(1);
  expect(used.by.season[0]![0]).toBe('2026 3');
  expect(usedOf(Book.EMPTY).all).toBeNull();
});
