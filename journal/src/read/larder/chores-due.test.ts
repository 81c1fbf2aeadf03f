import { expect, test } from '@jest/globals';
import { anEntry, idOf, packStored } from '../../builders.test-support.ts';
import { Book, choresDue, dayId, type Entry, packsHeld } from '../../index.ts';

const day = (iso: string): string => iso.slice(0, 10);
const on = (date: string, time = '07:00'): string => `${date}T${time}:00Z`;
const TRAY = idOf('tray');
const CHEST = idOf('chest');
const store = (id: string, is: string, more: object = {}): Entry =>
  anEntry('store.added', id, { name: is, is, ...more } as never, { at: on('2026-08-01') });
const pack = (word: string, date: string, more: object): Entry => packStored(word, more, on(date, '18:00'));
const asked = (b: Book, date: string, time = '09:00', ahead = 0) => {
  const nowMs = Date.parse(on(date, time));
  const held = packsHeld({ book: b, species: () => null, day, nowMs });
  return choresDue({ book: b, nowMs, zone: 'UTC' }, held, ahead).map(
    (c) => `${c.of} ${c.day.slice(8)} ${c.slot} ${c.state}`,
  );
};

test('towels by the pack, ice by the tray, each done with its own line', () => {
  const b = Book.EMPTY.withEntries([store(TRAY, 'ice tray'), pack('a', '2026-09-11', { store: TRAY })]);
  expect(asked(b, '2026-09-12')).toEqual([
    'ice 12 morning due',
    'towel 12 morning due',
    'ice 12 evening to come',
    'towel 12 evening to come',
  ]);
  const done = b.withEntries([
    anEntry('pack.tended', idOf('a'), { did: 'towel' }, { at: on('2026-09-12', '08:30') }),
    anEntry('store.tended', TRAY, { did: 'ice' }, { at: on('2026-09-12', '08:31') }),
  ]);
  expect(asked(done, '2026-09-12').slice(0, 2)).toEqual(['ice 12 morning done', 'towel 12 morning done']);
});

test('a freezer is read once a week, each day while a young pack lies in one that is cold enough for raw; a plain one never', () => {
  const frozen = { place: 'freezer', wrapping: 'vacuum' };
  const read = (date: string, c: number): Entry =>
    anEntry('store.read', CHEST, { c }, { at: on(date, '08:00'), id: idOf(`read ${date}`) });
  const base = [
    store(CHEST, 'freezer', { standsFor: 'freezer' }),
    pack('old', '2026-08-20', frozen),
    read('2026-09-10', -22),
  ];
  expect(asked(Book.EMPTY.withEntries(base), '2026-09-12')).toEqual([]);
  expect(asked(Book.EMPTY.withEntries(base), '2026-09-18')).toEqual(['read 18 morning due']);
  const young = Book.EMPTY.withEntries([...base, pack('new', '2026-09-10', frozen)]);
  expect(asked(young, '2026-09-12')).toEqual(['read 11 morning missed', 'read 12 morning due']);
  expect(asked(young.withEntries([read('2026-09-11', -17), read('2026-09-12', -17)]), '2026-09-12', '10:00')).toEqual([
    'read 12 morning done',
  ]);
  expect(asked(Book.EMPTY.withEntries([pack('old', '2026-08-20', frozen)]), '2026-09-12')).toEqual([]);
});

test('a pack that is planned is taken out in time, and then no more; one that is eaten first is not asked for', () => {
  const planned = (date: string): Entry =>
    anEntry(
      'day.planned',
      dayId(date),
      { day: date, fish: 'either', packs: [{ pack: idOf('f') }] },
      { at: on('2026-09-11') },
    );
  const frozen = pack('f', '2026-09-01', { place: 'freezer', wrapping: 'vacuum' });
  const b = Book.EMPTY.withEntries([frozen, planned('2026-09-14')]);
  expect(asked(b, '2026-09-12', '09:00', 2)).toEqual(['thaw 13 evening to come']);
  expect(asked(b, '2026-09-13', '18:00')).toEqual(['thaw 13 evening due']);
  // Forgotten, it goes into cold water on the day itself.
  expect(asked(b, '2026-09-14', '13:00')).toEqual(['thaw 14 evening due']);
  expect(asked(b, '2026-09-12', '09:00', 0)).toEqual([]);
  const out = anEntry('pack.moved', idOf('f'), { place: 'fridge' }, { at: on('2026-09-13', '21:00') });
  expect(asked(b.withEntries([out]), '2026-09-13', '21:30').filter((c) => c.startsWith('thaw'))).toEqual([
    'thaw 13 evening done',
  ]);
  expect(asked(b.withEntries([out]), '2026-09-14', '12:00').filter((c) => c.startsWith('thaw'))).toEqual([]);
});
