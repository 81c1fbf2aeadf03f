import { expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import { Book, type Entry, plateCost, waysLiked } from '../../index.ts';

const byId = (id: string | null) => (id === 'pollack' ? POLLACK : null);
const pack = (word: string, species = 'pollack'): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      ...{ number: 1, what: word, species, form: 'fillets', massG: 900, pieces: 2 },
      ...{ wrapping: 'cloth', place: 'fridge', fish: [] },
    } as never,
    { at: at('09:00') },
  );
let minute = 0;
const meal = (word: string, method: string, mark: number | null, more: object = {}): Entry[] => {
  const when = at(`1${Math.floor(minute / 60)}:${String(minute++ % 60).padStart(2, '0')}`);
  return [
    anEntry(
      'meal.served',
      idOf(word),
      {
        ...{ name: word, cook: TOMAS, method, eaters: [ILSE, TOMAS] },
        ...{ packs: [{ pack: idOf('a'), massG: 100 }], ...more },
      } as never,
      { at: when },
    ),
    ...(mark === null ? [] : [anEntry('meal.rated', idOf(word), { eater: ILSE, mark }, { at: when })]),
  ];
};

test('a way of many good meals stands before one great one; what was not marked does not count; each kind by itself', () => {
  const book = Book.EMPTY.withEntries([
    pack('a'),
    pack('b', 'ling'),
    ...['r1', 'r2', 'r3', 'r4', 'r5', 'r6'].flatMap((m) => meal(m, 'roasted', 4.5)),
    ...meal('once', 'raw', 5),
    ...meal('f1', 'pan-fried', 3),
    ...meal('f2', 'pan-fried', 3),
    ...meal('unmarked', 'steamed', null),
    ...meal('other', 'poached', 2, { packs: [{ pack: idOf('b'), massG: 100 }] }),
  ]);
  const liked = waysLiked(book);
  expect([...liked.keys()]).toEqual(['pollack', 'ling']);
  const { ways, n } = liked.get('pollack')!;
  expect(n).toBe(9);
  expect(ways.map((w) => [w.method, w.mean, w.n])).toEqual([
    ['roasted', 4.5, 6],
    ['raw', 5, 1],
    ['pan-fried', 3, 2],
  ]);
  // Of equals the latest.
  expect(ways[0]!.best.name).toBe('r6');
  expect(liked.get('ling')!.ways.map((w) => w.method)).toEqual(['poached']);
  expect(waysLiked(book)).toBe(liked);
  expect(waysLiked(Book.EMPTY).size).toBe(0);
});

test('what a plate cost: of the latest meals of the way, where it was noted', () => {
  const book = Book.EMPTY.withEntries([
    pack('a'),
    ...meal('c1', 'roasted', 4, { cost: 8 }),
    ...meal('c2', 'roasted', 4, { cost: 4 }),
    ...meal('c3', 'roasted', 4),
    ...meal('c4', 'raw', 4),
  ]);
  const [roasted, raw] = waysLiked(book).get('pollack')!.ways;
  expect(plateCost({ book, species: byId }, roasted!)).toBe(3);
  expect(plateCost({ book, species: byId }, raw!)).toBeNull();
});
