import { describe, expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, landed, TOMAS, TRIP, tripStarted, wholeLine } from '../../builders.test-support.ts';
import { Book, diary, type DiaryFilter } from '../../index.ts';

const day = (iso: string): string => iso.slice(0, 10);
const ALL: DiaryFilter = { who: null, species: null, zone: null };
const lake = idOf('lake');
const BOOK = Book.EMPTY.withEntries([
  ...wholeLine(),
  landed('b', '13:00', { angler: TOMAS, species: 'mackerel', count: 8 }),
  anEntry(
    'trip.started',
    lake,
    { waters: 'w', zone: 'mere-tarn', from: 'shore', crew: [TOMAS] },
    { at: '2026-09-01T08:00:00+01:00' },
  ),
  anEntry('trip.ended', lake, {}, { at: '2026-09-01T12:00:00+01:00' }),
]);
const said = (filter: Partial<DiaryFilter>): string[] =>
  diary({ book: BOOK, day }, { ...ALL, ...filter }).map((i) =>
    i.kind === 'trip'
      ? `trip ${i.number}: ${i
          .fish()
          .map((f) => f.species)
          .join(', ')}`
      : `meal ${i.meal.name}`,
  );

describe('the diary', () => {
  test('newest first, trips numbered by when they began', () => {
    expect(said({})).toEqual(['meal Pollack on thyme', 'trip 2: pollack, mackerel', 'trip 1: ']);
  });

  test('by person: their trips with their own fish, and meals that they ate or cooked', () => {
    expect(said({ who: TOMAS })).toEqual(['meal Pollack on thyme', 'trip 2: mackerel', 'trip 1: ']);
    expect(said({ who: ILSE })).toEqual(['meal Pollack on thyme', 'trip 2: pollack']);
    expect(said({ who: idOf('stranger') })).toEqual([]);
  });

  test('by species: only trips and meals with it', () => {
    expect(said({ species: 'mackerel' })).toEqual(['trip 2: mackerel']);
    expect(said({ species: 'pollack' })).toEqual(['meal Pollack on thyme', 'trip 2: pollack']);
  });

  test('by zone: trips alone, the empty ones too', () => {
    expect(said({ zone: 'mere-tarn' })).toEqual(['trip 1: ']);
    expect(said({ zone: 'outer-bank' })).toEqual([]);
  });

  test('by a word of a remark: of the trip, of a fish, of whoever was hurt, of a meal, whatever its letters', () => {
    const remarked = BOOK.withEntries([
      anEntry('trip.noted', lake, { topic: 'sighting', text: 'Gannets diving' }, { at: '2026-09-01T09:00:00+01:00' }),
      anEntry('fish.noted', idOf('b'), { text: 'sea lice' }, { at: at('13:05') }),
      anEntry('incident.begun', idOf('hurt'), { card: 'cut', trip: TRIP }, { at: at('13:10') }),
      anEntry('incident.noted', idOf('hurt'), { text: 'thumb bandaged' }, { at: at('13:12') }),
    ]);
    const found = (text: string) =>
      diary({ book: remarked, day }, { ...ALL, text }).map((i) =>
        i.kind === 'trip' ? `trip ${i.number}` : i.meal.name,
      );
    expect(found('gannets')).toEqual(['trip 1']);
    expect(found('SIGHTING: g')).toEqual(['trip 1']);
    expect(found('lice')).toEqual(['trip 2']);
    expect(found(' bandaged ')).toEqual(['trip 2']);
    expect(found('thyme')).toEqual(['Pollack on thyme']);
    expect(found('whale')).toEqual([]);
    expect(found('  ')).toHaveLength(3);
    const struck = remarked.withEntries([
      anEntry('log.struck', idOf('hurt'), {}, { strikes: remarked.get('incident', idOf('hurt'))!.log[0]!.first.id }),
    ]);
    expect(diary({ book: struck, day }, { ...ALL, text: 'bandaged' })).toEqual([]);
  });

  test('fish keep their number in the trip whatever is filtered away', () => {
    const [item] = diary({ book: BOOK, day }, { ...ALL, species: 'mackerel' });
    expect(item?.kind === 'trip' && item.numberOf(idOf('b'))).toBe('2');
    expect(item?.kind === 'trip' && item.trip.id).toBe(TRIP);
  });

  test('days are the waters’ own', () => {
    expect(diary({ book: BOOK, day }, ALL).map((i) => i.day)).toEqual(['2026-09-13', '2026-09-12', '2026-09-01']);
    expect(tripStarted().at).toBe(at('06:40'));
  });
});
