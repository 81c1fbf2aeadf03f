import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, landed, tripStarted } from '../builders.test-support.ts';
import { Book, runningTimers, soakOf } from '../index.ts';

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
const due = (when: string, of = book) => runningTimers(of, () => null, Date.parse(at(when))).map((t) => [t.of, t.due]);

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
