import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, predatorsAbout, runningTimers, soakOf, type TripState } from '../../index.ts';

const hurt = idOf('hurt');
const book = Book.EMPTY.withEntries([
  tripStarted(),
  landed('a', '12:00'),
  anEntry('fish.bled', idOf('a'), { cut: 'throat' }, { at: at('12:02') }),
  landed('b', '12:00'),
  anEntry('incident.begun', hurt, { card: 'sting' }, { at: at('12:00') }),
  anEntry('incident.soaked', hurt, {}, { at: at('12:04') }),
  anEntry('incident.soaked', hurt, {}, { at: at('12:20') }),
]);
const due = (when: string, of = book) =>
  runningTimers({ book: of, species: () => null, nowMs: Date.parse(at(when)) }).map((t) => [t.of, t.due]);

test.each([
  ['12:03', null, null],
  ['12:05', 'onto ice', null],
  ['12:31', 'onto ice', 'top up'],
  ['12:34', 'warm too long', 'long enough'],
])('at %s the bleeding asks for %s, the soak for %s', (when, bleeding, soak) =>
  expect(due(when)).toEqual([
    ['bleeding', bleeding],
    ['soak', soak],
  ]),
);

test('what is over runs no more', () => {
  const over = book.withEntries([
    anEntry('incident.ended', hurt, { how: 'eased' }, { at: at('12:40') }),
    anEntry('fish.iced', idOf('a'), { box: idOf('box'), how: 'slurry' }, { at: at('12:40') }),
  ]);
  expect(due('12:41', over)).toEqual([]);
  expect(due('12:41', Book.EMPTY)).toEqual([]);
});

test('a soak is reckoned from the first time in and the last topping up; a thermometer is believed before the clock', () => {
  const incident = book.get('incident', hurt)!;
  const now = Date.parse(at('12:31'));
  expect(soakOf(incident, now, null)).toMatchObject({ goneMs: 27 * 60_000, water: 'top up' });
  expect(soakOf(incident, now, 43)).toMatchObject({ water: 'right' });
  expect(soakOf({ ...incident, soaks: [] }, now, null)).toBeNull();
});

test('a fish left bleeding when its trip ended rings on, for some hours; not that of a trip before', () => {
  const ended = book.withEntries([
    anEntry('trip.ended', TRIP, {}, { at: at('12:03') }),
    anEntry('incident.ended', hurt, { how: 'eased' }, { at: at('12:40') }),
  ]);
  expect(due('12:34', ended)[0]).toEqual(['bleeding', 'warm too long']);
  expect(due('15:02', ended)).toEqual([['bleeding', 'warm too long']]);
  expect(due('15:03', ended)).toEqual([]);
  const next = { ...tripStarted('12:50'), id: idOf('line of next'), subject: idOf('next') };
  expect(due('13:00', ended.withEntries([next]))).toEqual([]);
});

test('large predators are about when one was noted in the last three hours', () => {
  const trip = (text: string, topic: 'sighting' | 'lost fish' = 'sighting') =>
    Book.EMPTY.withEntries([tripStarted(), anEntry('trip.noted', TRIP, { topic, text }, { at: at('10:00') })]).get(
      'trip',
      TRIP,
    )!;
  const about = (t: TripState, when = '11:00') => predatorsAbout(t, Date.parse(at(when)));
  expect(['large predator about', 'two Seals', 'a shark'].map((t) => about(trip(t)))).toEqual([true, true, true]);
  expect(['gannets diving', 'sealed lunch'].map((t) => about(trip(t)))).toEqual([false, false]);
  expect(about(trip('seal', 'lost fish'))).toBe(false);
  expect(['09:59', '10:00', '13:00', '13:01'].map((t) => about(trip('seal'), t))).toEqual([false, true, true, false]);
});
