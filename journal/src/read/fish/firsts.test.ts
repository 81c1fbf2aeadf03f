import { aSpecies } from '../../documents.test-support.ts';
import { describe, expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, landed, tripStarted, TOMAS } from '../../builders.test-support.ts';
import { Book } from '../../log/book/book.ts';
import { firstsOf, isFirst } from './firsts.ts';

const named = (fish: string, species: string, orElse?: string[]) =>
  anEntry('fish.named', idOf(fish), { species, ...(orElse ? { orElse } : {}) }, { at: at('12:00') });
const book = (...entries: Parameters<typeof Book.EMPTY.withEntries>[0] extends Iterable<infer E> ? E[] : never) =>
  Book.EMPTY.withEntries([tripStarted()]).withEntries(entries);
const said = (b: Book) => firstsOf(b).map((f) => [f.angler === ILSE ? 'Ilse' : 'Tomas', f.species, f.fish.id]);

describe('a life list', () => {
  const three = [landed('second', '09:00'), landed('first', '08:00'), landed('his', '10:00', { angler: TOMAS })];

  test('marks the first of a species for each person, whatever order the lines came in', () => {
    const b = book(...three);
    expect(said(b)).toEqual([
      ['Ilse', 'pollack', idOf('first')],
      ['Tomas', 'pollack', idOf('his')],
    ]);
    expect(said(book(...[...three].reverse()))).toEqual(said(b));
    expect(
      b
        .all('fish')
        .map((f) => [f.id, isFirst(b, f)])
        .sort(),
    ).toEqual(
      [
        [idOf('first'), true],
        [idOf('second'), false],
        [idOf('his'), true],
      ].sort(),
    );
  });

  test('a fish of two names counts for none, and moves the mark once it is settled', () => {
    const open = book(...three, named('first', 'pollack', ['saithe']));
    expect(said(open)[0]).toEqual(['Ilse', 'pollack', idOf('second')]);
    const settled = book(...three, named('first', 'saithe'));
    expect(said(settled).slice(0, 2)).toEqual([
      ['Ilse', 'saithe', idOf('first')],
      ['Ilse', 'pollack', idOf('second')],
    ]);
    const first = settled.get('fish', idOf('first'))!;
    expect(isFirst(settled, first)).toBe(true);
    expect(isFirst(open, open.get('fish', idOf('first'))!)).toBe(false);
  });
});

test('a species of one’s own is a state; the later one stands; an older one that cannot be read any more gives way', () => {
  const add = (name: unknown, time: string) =>
    anEntry(
      'species.added',
      idOf('species'),
      { pack: 'mine', packName: 'Mine', species: aSpecies({ name }) },
      { at: at(time) },
    );
  const b = book(add('Bay eel', '09:00'), add('Eel of the bay', '10:00'));
  expect(b.all('species')).toMatchObject([{ pack: 'mine', species: { id: 'bay-eel', name: 'Eel of the bay' } }]);
  const odd = b.withEntries([add(7, '11:00')]);
  expect(odd.all('species')).toMatchObject([{ species: { name: 'Eel of the bay' } }]);
  expect(odd.apart().map((a) => a.line.apart?.why)).toEqual(['name: string, not number.']);
});
