import { expect, test } from '@jest/globals';
import { TRIP, anEntry, at, tripStarted } from '../../builders.test-support.ts';
import { Book } from '../../log/book/book.ts';
import { costsOf } from '../diary/costs-of.ts';
import { sayTripNote } from '../../log/facts/words.ts';
import { depthAt } from './depth-at.ts';

const noted = (time: string, facts: { text: string; depthM?: number; cost?: number }) =>
  anEntry('trip.noted', TRIP, { topic: 'ground', ...facts }, { at: at(time) });
const tripOf = (...list: ReturnType<typeof noted>[]) =>
  Book.EMPTY.withEntries([tripStarted(), ...list]).get('trip', TRIP)!;

test('the depth of a fish is the last that was noted before it, in whatever order the lines came', () => {
  const trip = tripOf(
    noted('09:00', { text: 'drifting', depthM: 31 }),
    noted('08:00', { text: 'anchored', depthM: 0 }),
    noted('10:00', { text: 'snagged' }),
  );
  expect(['07:59', '08:00', '08:59', '09:00', '23:00'].map((t) => depthAt(trip, at(t)))).toEqual([null, 0, 0, 31, 31]);
});

test('costs are summed to the hundredth, by what they were for', () => {
  const cost = (text: string, c: number) => noted('09:00', { text, cost: c });
  expect(costsOf(tripOf(cost('bait', 0.1), cost('fuel', 20), cost('bait', 0.2)))).toEqual({
    total: 20.3,
    of: [
      { text: 'fuel', cost: 20 },
      { text: 'bait', cost: 0.3 },
    ],
  });
  expect(costsOf(tripOf(noted('09:00', { text: 'drifting' })))).toBeNull();
});

test('a remark says its depth and its cost', () => {
  const note = { topic: 'ground', text: 'anchored', depthM: 24, cost: null } as const;
  expect(sayTripNote(note)).toBe('Ground: anchored, 24 m.');
  expect(sayTripNote({ topic: 'cost', text: 'fuel', depthM: null, cost: 28.4 })).toBe('Cost: fuel, 28.40.');
  expect(sayTripNote({ topic: null, text: 'Fog!', depthM: null, cost: null })).toBe('Fog!');
});
