import { expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, boxRoom } from '../../index.ts';

const inTheBox = (fish: string, massG: number | null, count = 1) => [
  landed(fish, '12:00', { count }),
  ...(massG === null ? [] : [anEntry('fish.weighed', idOf(fish), { massG, how: 'scale' }, { at: at('12:01') })]),
  anEntry('fish.dispatched', idOf(fish), { how: 'blow to the head' }, { at: at('12:02') }),
  anEntry('fish.bled', idOf(fish), { cut: 'none' }, { at: at('12:03') }),
  anEntry('fish.iced', idOf(fish), { box: BOX, how: 'layered ice' }, { at: at('12:10') }),
];
const room = (litres: number, ...fish: ReturnType<typeof inTheBox>[]) => {
  const box = anEntry('box.added', BOX, { name: 'the box', litres }, { at: at('05:00') });
  const filled = (time: string) => anEntry('box.filled', BOX, { kg: 3 }, { at: at(time) });
  // What was put in before this trip has melted or was poured out.
  const book = Book.EMPTY.withEntries([
    box,
    filled('05:10'),
    tripStarted('06:40', { iceKg: 9 }),
    filled('13:00'),
    ...fish.flat(),
  ]);
  return boxRoom({ book, species: () => POLLACK }, book.get('box', BOX)!, book.get('trip', TRIP)!);
};

test('fish take their room as they lie, ice as it was poured; what was not weighed is said', () => {
  const r = room(52, inTheBox('a', 6300, 5), inTheBox('b', null, 2));
  expect(r.fishL).toBeCloseTo(6.3 / 1.05 / 0.6, 6);
  expect(r).toMatchObject({ iceL: 24, litres: 52, unweighed: 2, tooFull: false });
});

test('fifty fish do not go into forty litres', () => {
  expect(room(40, inTheBox('a', 25_000, 50))).toMatchObject({ tooFull: true });
  // At the very edge: fish, and a third of their weight in ice.
  const edge = 10 / 1.05 / 0.6 + 10 / 3 / 0.5;
  expect([room(edge + 0.01, inTheBox('a', 10_000)).tooFull, room(edge - 0.01, inTheBox('a', 10_000)).tooFull]).toEqual([
    false,
    true,
  ]);
});
