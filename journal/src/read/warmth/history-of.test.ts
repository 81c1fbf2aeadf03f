import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, custodyOf, type Entry, historyOf, layStretches } from '../../index.ts';

const fish = idOf('a');
const pack = (word: string, time: string, place: 'fridge' | 'freezer', more: object = {}): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: word,
      species: 'pollack',
      form: 'fillets',
      massG: 200,
      wrapping: 'bag',
      place,
      fish: [fish],
      ...more,
    },
    { at: at(time) },
  );
const BASE = [
  tripStarted(),
  landed('a', '12:00'),
  anEntry('fish.dispatched', fish, { how: 'brain spike' }, { at: at('12:02') }),
  anEntry('fish.bled', fish, { cut: 'both gills', medium: 'hung' }, { at: at('12:03') }),
  anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, { at: at('12:20') }),
  anEntry('cut.started', idOf('cut'), { fish: [fish], route: 'steaks', by: TOMAS }, { at: at('18:00') }),
];
const said = (list: Entry[], until = '23:00') => {
  const book = Book.EMPTY.withEntries(list);
  const line = custodyOf(book, fish)!;
  const ms = (t: number): string => new Date(t + 3_600_000).toISOString().slice(11, 16);
  return layStretches({ book, species: () => POLLACK }, line, Date.parse(at(until))).map(
    (s) => `${s.keeping} ${ms(s.fromMs)}-${ms(s.toMs)}`,
  );
};

describe('a freezer that was read', () => {
  test('is followed as it was read, whatever freezers usually are', () => {
    const shelf = idOf('warm freezer');
    const store = [
      anEntry('store.added', shelf, { name: 'warm freezer', is: 'freezer', standsFor: 'freezer' } as never, {
        at: at('06:00'),
      }),
      anEntry('store.read', shelf, { c: -8 }, { at: at('06:10') }),
    ];
    const book = Book.EMPTY.withEntries([...BASE, ...store, pack('p', '18:40', 'freezer')]);
    const lays = historyOf({ book, species: () => POLLACK }, custodyOf(book, fish)!);
    expect(lays.at(-1)).toMatchObject({ keeping: 'freezer', boundary: { mediumC: -8 } });
  });
});

describe('where a fish lay', () => {
  test('from its death on, neighbours of one kind as one, without a gap up to now', () => {
    expect(said([...BASE, pack('p', '18:40', 'fridge')])).toEqual([
      'air 12:02-12:20',
      'box 12:20-18:00',
      'board 18:00-18:40',
      'fridge 18:40-23:00',
    ]);
    expect(said(BASE, '12:10')).toEqual(['air 12:02-12:10']);
    const bucket = BASE.map((e) =>
      e.kind === 'fish.bled' ? { ...e, facts: { cut: 'throat', medium: 'sea-water bucket' } } : e,
    );
    expect(said(bucket, '12:10')).toEqual(['air 12:02-12:03', 'bucket 12:03-12:10']);
  });

  test('the drawn hours follow the pack that freshness follows: the last that is not thrown away', () => {
    const early = pack('early', '18:30', 'fridge');
    const late = pack('late', '18:40', 'freezer');
    expect(said([...BASE, early, late]).at(-1)).toBe('freezer 18:40-23:00');
    const away = anEntry('pack.discarded', idOf('late'), { why: 'torn' }, { at: at('19:00') });
    expect(said([...BASE, early, late, away]).at(-1)).toBe('fridge 18:30-23:00');
    const stock = pack('stock', '19:00', 'freezer', { form: 'stock' });
    expect(said([...BASE, early, stock]).at(-1)).toBe('fridge 18:30-23:00');
  });

  test('says which box and how it is wrapped; asked for one pack it follows that one', () => {
    const book = Book.EMPTY.withEntries([...BASE, pack('one', '18:30', 'fridge'), pack('two', '18:40', 'freezer')]);
    const lays = historyOf({ book, species: () => POLLACK }, custodyOf(book, fish)!, book.get('pack', idOf('one')));
    expect(lays.find((l) => l.keeping === 'box')?.box).toBe(BOX);
    expect(lays.at(-1)).toMatchObject({ keeping: 'fridge', wrapping: 'bag', box: null });
    expect(lays.every((l, i) => i === 0 || lays[i - 1]!.atMs <= l.atMs)).toBe(true);
  });
});
