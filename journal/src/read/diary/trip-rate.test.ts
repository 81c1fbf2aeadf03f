import { expect, test } from '@jest/globals';
import { anEntry, at, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, fishOfTrip, tripRate } from '../../index.ts';

const rate = (now: string, ...more: Entry[]) => {
  const book = Book.EMPTY.withEntries([
    tripStarted('08:00'),
    landed('a', '08:10'),
    landed('b', '08:20', { count: 3 }),
    ...more,
  ]);
  return tripRate(book.get('trip', TRIP)!, fishOfTrip(book, TRIP), Date.parse(at(now)));
};
const crew = Book.EMPTY.withEntries([tripStarted('08:00')]).get('trip', TRIP)!.crew.length;

test('everyone aboard fishes for as long as the trip goes on; a lot counts its fish', () => {
  expect(rate('12:00')).toMatchObject({ n: 4, hours: 4 * crew, perHour: 1 / crew });
});

test('after its end by its end, and by the rod hours that were noted', () => {
  expect(rate('20:00', anEntry('trip.ended', TRIP, {}, { at: at('10:00') }))).toMatchObject({ hours: 2 * crew });
  const noted = anEntry('trip.ended', TRIP, { rodHours: 2.5 }, { at: at('10:00') });
  expect(rate('20:00', noted)).toMatchObject({ hours: 2.5, perHour: 1.6 });
});

test('under one rod hour there is no rate: one fish in a minute is not sixty an hour', () => {
  const minutes = 60 / crew;
  const clock = (min: number): string => `08:${String(Math.floor(min)).padStart(2, '0')}`;
  expect(rate(clock(Math.min(59, minutes - 1)))).toBeNull();
  const short = anEntry('trip.ended', TRIP, { rodHours: 0.5 }, { at: at('10:00') });
  expect(rate('20:00', short)).toBeNull();
});
