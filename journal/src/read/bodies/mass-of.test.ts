import { expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { bestWeightOf, Book, type Entry } from '../../index.ts';

const fish = idOf('a');
const measured = anEntry(
  'fish.measured',
  fish,
  { lengthMm: 450, lengthKind: 'total', method: 'board' },
  { at: at('12:05') },
);
const scale = anEntry('fish.weighed', fish, { massG: 900, how: 'scale' }, { at: at('12:06') });
const cut = (of: string[]): Entry =>
  anEntry('cut.started', idOf('cut'), { fish: of, route: 'steaks', by: TOMAS }, { at: at('18:00') });
const round = anEntry('cut.weighed', idOf('cut'), { stage: 'round', massG: 860 }, { at: at('18:02') });
const best = (count: number, ...more: Entry[]) => {
  const book = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00', { count }), landed('b', '12:01'), ...more]);
  return bestWeightOf(book, book.get('fish', fish)!, POLLACK);
};

test('the scale on deck, else the board where it lay alone, else the length', () => {
  expect(best(1)).toBeNull();
  expect(best(1, measured)?.how).toBe('estimated');
  expect(best(1, measured, cut([fish]), round)).toEqual({ g: 860, how: 'board' });
  expect(best(4, measured, cut([fish]), round)).toEqual({ g: 215, how: 'board' });
  expect(best(1, scale, cut([fish]), round)).toEqual({ g: 900, how: 'scale' });
  // Cut together with another: nobody knows which weighed what.
  expect(best(1, measured, cut([fish, idOf('b')]), round)?.how).toBe('estimated');
});
