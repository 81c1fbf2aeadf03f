import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, dinnerOf } from '../../index.ts';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';

const puffer = { ...POLLACK, id: 'puffer', raw: { verdict: 'never' as const, why: 'x' } };
const byId = (id: string | null) => (id === 'pollack' ? POLLACK : id === 'puffer' ? puffer : null);
const weighed = (name: string, massG: number) =>
  anEntry('fish.weighed', idOf(name), { massG, how: 'scale' }, { at: at('12:30') });
const book = Book.EMPTY.withEntries([
  tripStarted(),
  landed('a', '12:00'),
  weighed('a', 1000),
  landed('b', '12:05'),
  weighed('b', 2000),
  landed('back', '12:06'),
  weighed('back', 900),
  anEntry('fish.released', idOf('back'), { reason: 'not needed' }, { at: at('12:07') }),
  landed('never', '12:08', { species: 'puffer' }),
  weighed('never', 900),
  landed('unmeasured', '12:09'),
]);

test('dinner is what is kept and can be eaten; the fish in hand would add to it', () => {
  const all = dinnerOf({ book, species: byId }, TRIP, null);
  expect(all.kept.meatG).toBeCloseTo(3000 * 0.38, 6);
  expect(all.withThis).toBeNull();
  const deciding = dinnerOf({ book, species: byId }, TRIP, book.get('fish', idOf('b'))!);
  expect(deciding.kept.meatG).toBeCloseTo(1000 * 0.38, 6);
  expect(deciding.withThis?.meatG).toBeCloseTo(3000 * 0.38, 6);
});

test('what is never eaten, may be such a fish, went back or has no weight feeds nobody', () => {
  for (const name of ['never', 'back', 'unmeasured'])
    expect(dinnerOf({ book, species: byId }, TRIP, book.get('fish', idOf(name))!).withThis).toBeNull();
  const doubted = book.withEntries([
    anEntry('fish.named', idOf('b'), { species: 'pollack', orElse: ['puffer'] }, { at: at('12:10') }),
  ]);
  expect(dinnerOf({ book: doubted, species: byId }, TRIP, null).kept.meatG).toBeCloseTo(1000 * 0.38, 6);
});
