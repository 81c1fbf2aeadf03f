import { expect, test } from '@jest/globals';
import { anEntry, at, BOX, TRIP, tripStarted } from '../../builders.test-support.ts';
import { airsOf, Book } from '../../index.ts';
import { airAt } from './air-about.ts';

const ms = (time: string): number => Date.parse(at(time));
const noted = (time: string, airC: number) =>
  anEntry('trip.noted', TRIP, { topic: 'weather', text: 'grey', airC }, { at: at(time) });
const airs = (...list: ReturnType<typeof noted>[]) =>
  airsOf(Book.EMPTY.withEntries([tripStarted('06:40', { box: BOX, waterC: 17 }), ...list]).get('trip', TRIP));

test('the air of a trip is what was said last, for twelve hours; else typical, above a warm sea', () => {
  expect(airAt(airs(), ms('09:00'))).toBe(20);
  expect(airAt(airsOf(null), ms('09:00'))).toBe(18);
  const said = airs(noted('11:00', 22), noted('08:00', 12));
  expect(['07:00', '08:00', '10:59', '11:00', '22:59'].map((t) => airAt(said, ms(t)))).toEqual([20, 12, 12, 22, 22]);
  expect(airAt(said, ms('23:00'))).toBe(20);
});

test('what was read at the start counts from there', () => {
  const trip = Book.EMPTY.withEntries([tripStarted('06:40', { airC: 9 })]).get('trip', TRIP);
  expect([airAt(airsOf(trip), ms('06:39')), airAt(airsOf(trip), ms('06:41'))]).toEqual([18, 9]);
});
