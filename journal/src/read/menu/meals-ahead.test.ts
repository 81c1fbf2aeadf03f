import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, idOf, packStored } from '../../builders.test-support.ts';
import { Book, changeDay, type Entry, mealsAhead, packsHeld } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const NOW = Date.parse('2026-09-12T12:00:00+01:00');
const base = Book.EMPTY.withEntries([
  packStored('a', { number: 1, place: 'freezer' }, '2026-09-10T12:00:00+01:00'),
  packStored('b', { number: 2, place: 'freezer' }, '2026-09-10T12:00:00+01:00'),
]);
let n = 0;
const on = (book: Book, day: string, packs: string[]): Entry => {
  const w = changeDay(book, day, { packs: packs.map((p) => ({ pack: idOf(p) })) });
  n += 1;
  return anEntry(w.kind, w.subject, w.facts as never, { at: `2026-09-12T12:00:0${n}+01:00` });
};
const told = (book: Book, today: string) => {
  const { ahead, missed } = mealsAhead(
    book,
    packsHeld({ book, species: byId, day: (at) => at.slice(0, 10), nowMs: NOW }),
    today,
  );
  const say = (list: typeof ahead) => list.map((m) => `${m.day.day}: ${m.packs.map((h) => h.number).join(' ')}`);
  return [say(ahead), say(missed)];
};

test('what was planned for yesterday and is still there was missed, until it is on another day', () => {
  const book = base.withEntries([on(base, '2026-09-12', ['a']), on(base, '2026-09-14', ['b'])]);
  expect(told(book, '2026-09-12')).toEqual([['2026-09-12: 1', '2026-09-14: 2'], []]);
  expect(told(book, '2026-09-13')).toEqual([['2026-09-14: 2'], ['2026-09-12: 1']]);
  const again = book.withEntries([on(book, '2026-09-15', ['a'])]);
  expect(told(again, '2026-09-13')).toEqual([['2026-09-14: 2', '2026-09-15: 1'], []]);
  // After some days it is no news any more.
  expect(told(book, '2026-09-17')).toEqual([[], ['2026-09-14: 2']]);
});
