import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, at, idOf, ILSE, landed, TRIP, tripStarted, wholeLine } from '../../builders.test-support.ts';
import {
  Book,
  caughtHere,
  type Entry,
  fishOfTrip,
  speciesLanded,
  speciesMet,
  stationStates,
  tripCatch,
} from '../../index.ts';

const byId = () => null;
const other = idOf('other');
const secondTrip = anEntry(
  'trip.started',
  other,
  { waters: 'w', zone: 'outer-bank', from: 'boat', crew: [ILSE] },
  { at: at('06:00') },
);
const named = (word: string, species: string, orElse: string[] = []): Entry =>
  anEntry('fish.named', idOf(word), { species, orElse }, { at: at('12:30') });

describe('species met', () => {
  test('each name with its entries, settled or not, and when it was landed last under it', () => {
    const book = Book.EMPTY.withEntries([
      tripStarted(),
      secondTrip,
      landed('a', '12:00', { species: 'pollack' }),
      landed('b', '13:00', { species: 'pollack', trip: other }),
      named('b', 'pollack', ['saithe']),
      landed('c', '14:00', { species: 'cod' }),
    ]);
    const met = speciesMet(book);
    expect(met.get('pollack')).toEqual({ entries: 2, last: at('13:00') });
    expect(met.get('saithe')).toEqual({ entries: 1, last: null });
    expect([...met.keys()].sort()).toEqual(['cod', 'pollack', 'saithe']);
    expect([...speciesLanded(book)].sort()).toEqual(['cod', 'pollack']);
    const struck = book.withEntries([anEntry('log.struck', other, {}, { strikes: secondTrip.id, at: at('15:00') })]);
    expect(speciesMet(struck).get('pollack')).toEqual({ entries: 1, last: at('12:00') });
    expect(speciesMet(struck).has('saithe')).toBe(false);
  });
});

describe('what the book has met here', () => {
  const trip = tripStarted();
  const zone = String(trip.facts['zone']);
  const list = [
    trip,
    landed('a', '12:00', { species: 'pollack', gear: 'rod' }),
    landed('b', '12:10', { species: 'pollack', gear: 'spear' }),
    landed('c', '12:20', { species: 'cod' }),
    landed('hand', '12:40', { species: 'pollack', gear: 'rod' }),
    anEntry('trip.moved', TRIP, { zone: 'outer-bank', by: 'by hand' }, { at: at('12:15') }),
  ];
  const book = Book.EMPTY.withEntries(list);
  const inHand = book.get('fish', idOf('hand'))!;

  test('in the zone where the boat was then; other gear says half as much; the fish in hand counts nowhere', () => {
    expect(caughtHere({ book, zone }, inHand)).toEqual({ entries: { pollack: 2 }, weighed: { pollack: 1.5 } });
    const there = caughtHere({ book, zone: 'outer-bank' }, inHand);
    expect(there.entries).toEqual({ cod: 1, pollack: 0 });
    expect(there.weighed['cod']).toBe(1);
  });
});

test('what is kept of a trip is what looking at it anew gives, whatever is written meanwhile', () => {
  const act = fc.record({
    what: fc.constantFrom('land', 'release', 'measure', 'strike', 'let stand'),
    one: fc.constantFrom('a', 'b', 'c'),
    trip: fc.constantFrom(TRIP, other),
  });
  fc.assert(
    fc.property(fc.array(act, { maxLength: 15 }), (acts) => {
      let book = Book.EMPTY.withEntries([tripStarted(), secondTrip]);
      const all: Entry[] = [];
      for (const a of acts) {
        const strike = all.findLast((e) => e.kind === 'log.struck' && e.subject === idOf(a.one));
        const land = all.findLast((e) => e.kind === 'fish.landed' && e.subject === idOf(a.one));
        const made: Entry | null =
          a.what === 'land'
            ? landed(a.one, '12:00', { trip: a.trip, species: 'pollack' })
            : a.what === 'release'
              ? anEntry('fish.released', idOf(a.one), { reason: 'too short' }, { at: at('12:10') })
              : a.what === 'measure'
                ? anEntry('fish.weighed', idOf(a.one), { massG: 500, how: 'scale' }, { at: at('12:05') })
                : a.what === 'strike'
                  ? land
                    ? anEntry('log.struck', land.subject, {}, { strikes: land.id, at: at('13:00') })
                    : null
                  : strike
                    ? anEntry('log.struck', strike.subject, {}, { strikes: strike.id, at: at('13:10') })
                    : null;
        if (!made) continue;
        all.push(made);
        book = book.withEntries([made]);
        for (const id of [TRIP, other]) {
          const fish = fishOfTrip(book, id);
          const kept = fish.filter((f) => !f.released);
          expect(tripCatch({ book, species: byId }, id)).toEqual({
            keptKg: kept.reduce((kg, f) => kg + (f.mass?.g ?? 0) / 1000, 0),
            back: fish.length - kept.length,
            empty: fish.length === 0,
          });
        }
      }
    }),
  );
});

test('how the stations stand', () => {
  expect(stationStates(Book.EMPTY)).toEqual({
    trips: 0,
    openTrip: null,
    toDo: 0,
    onIce: 0,
    cutsBegun: 0,
    packs: 0,
    meals: 0,
    dinners: 0,
    cooking: 0,
  });
  const line = wholeLine();
  const until = (kind: string): Book =>
    Book.EMPTY.withEntries(
      line.slice(
        0,
        line.findIndex((e) => e.kind === kind),
      ),
    );
  expect(stationStates(until('fish.dispatched'))).toMatchObject({ trips: 1, openTrip: 1, toDo: 1, onIce: 0 });
  expect(stationStates(until('cut.started'))).toMatchObject({ toDo: 0, onIce: 1, cutsBegun: 0 });
  expect(stationStates(until('pack.stored'))).toMatchObject({ onIce: 0, cutsBegun: 1, packs: 0 });
  expect(stationStates(Book.EMPTY.withEntries(line))).toMatchObject({ cutsBegun: 0, meals: 1 });
});
