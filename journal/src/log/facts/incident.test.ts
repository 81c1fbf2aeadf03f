import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, TRIP } from '../../builders.test-support.ts';
import { Book, sayEntry } from '../../index.ts';

const NAMES = {
  member: () => 'Ilse',
  species: () => 'Greater weever',
  zone: (z: string) => z,
  box: () => 'the box',
  store: () => 'the chest',
} as unknown as Parameters<typeof sayEntry>[1];
const id = idOf('hurt');
const lines = [
  anEntry('incident.begun', id, { card: 'sting', by: 'greater-weever', who: ILSE, trip: TRIP }, { at: at('10:12') }),
  anEntry('incident.soaked', id, { waterC: 43 }, { at: at('10:16') }),
  anEntry('incident.noted', id, { sign: 'easing', text: 'Pain is easing.' }, { at: at('10:40') }),
  anEntry('incident.soaked', id, {}, { at: at('10:27') }),
  anEntry('incident.ended', id, { how: 'eased; seen by a doctor at 15:00' }, { at: at('16:00') }),
];
const book = Book.EMPTY.withEntries(lines);

test('an incident is what happened, its soaks and notes in the order of time, and how it ended', () => {
  expect(book.get('incident', id)).toMatchObject({
    card: 'sting',
    by: 'greater-weever',
    who: ILSE,
    at: at('10:12'),
    soaks: [
      { waterC: 43, at: at('10:16') },
      { waterC: null, at: at('10:27') },
    ],
    notes: [{ sign: 'easing', text: 'Pain is easing.' }],
    ended: { how: 'eased; seen by a doctor at 15:00' },
  });
});

test('it stands without its trip, and is read as sentences', () => {
  expect(book.get('trip', TRIP)).toBeNull();
  expect(book.stands(book.get('incident', id)!)).toBe(true);
  expect(lines.map((e) => sayEntry(e, NAMES))).toEqual([
    'Sting of a spine, Greater weever: Ilse.',
    expect.stringMatching(/^In hot water of 43.*\.$/),
    'Pain is easing.',
    'In hot water.',
    'Over: eased; seen by a doctor at 15:00',
  ]);
});

test('a struck incident stays readable and counts nowhere', () => {
  const struck = book.withEntries([anEntry('log.struck', id, {}, { strikes: lines[0]!.id })]);
  expect(struck.all('incident')).toEqual([]);
  expect(struck.getAny('incident', id)?.notes).toHaveLength(1);
});
