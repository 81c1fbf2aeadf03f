import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, TOMAS, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, hurtOnTrip, isHurtOn, type Names } from '../../index.ts';

const NAMES = { member: () => 'Ilse', species: () => 'Lesser weever' } as unknown as Names;
const hurt = idOf('hurt');
const begun = anEntry('incident.begun', hurt, { card: 'sting', who: ILSE, trip: TRIP }, { at: at('10:12') });
const book = Book.EMPTY.withEntries([
  tripStarted(),
  anEntry('trip.harm', TRIP, { who: TOMAS, text: 'hook in the thumb' }, { at: at('11:00') }),
  begun,
  anEntry('incident.soaked', hurt, {}, { at: at('10:16') }),
  anEntry('incident.noted', hurt, { text: 'Swollen.' }, { at: at('10:30') }),
]);

test('a trip tells who was hurt, by the trip’s own lines and by its incidents, in the order of time', () => {
  const trip = book.get('trip', TRIP)!;
  expect(isHurtOn(book, trip)).toBe(true);
  expect(hurtOnTrip(book, trip, NAMES)).toEqual([
    { id: hurt, at: at('10:12'), who: ILSE, text: 'Sting of a spine: Ilse. Swollen.', incident: hurt },
    { id: `${TRIP} 0`, at: at('11:00'), who: TOMAS, text: 'hook in the thumb', incident: null },
  ]);
});

test('nothing of a struck incident, nor of another trip', () => {
  const struck = Book.EMPTY.withEntries([
    tripStarted(),
    begun,
    anEntry('log.struck', hurt, {}, { strikes: begun.id }),
    anEntry('incident.begun', idOf('other'), { card: 'cut', trip: idOf('another trip') }),
  ]);
  const trip = struck.get('trip', TRIP)!;
  expect(isHurtOn(struck, trip)).toBe(false);
  expect(hurtOnTrip(struck, trip, NAMES)).toEqual([]);
});
