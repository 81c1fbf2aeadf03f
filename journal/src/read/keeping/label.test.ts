import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, idOf, packStored, wholeLine } from '../../builders.test-support.ts';
import { Book, type Entry, heldPack, labelOf } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const day = (at: string): string => at.slice(0, 10);
const NOW = Date.parse('2026-09-12T21:00:00+01:00');
const of = (b: Book, id: string) => {
  const h = heldPack({ book: b, species: byId, day, nowMs: NOW }, b.get('pack', id)!)!;
  return labelOf({ book: b, species: byId, day, nowMs: NOW }, h, byId(h.pack.species)!.name);
};
const one = (more: object, ...also: Entry[]) =>
  of(Book.EMPTY.withEntries([packStored('p', more, '2026-09-12T18:00:00+01:00'), ...also]), idOf('p'));

test('number, kind, what, day and line of its first fish; no place', () => {
  // Without its meal: the pack is still there.
  const b = Book.EMPTY.withEntries(wholeLine().filter((e) => !e.kind.startsWith('meal')));
  const label = of(b, idOf('pack'));
  expect(label).toMatchObject({ number: '84', kind: 'Pollack', caught: '2026-09-12', plates: 1 });
  expect(label.what).toMatch(/^2 fillets, .*in a/);
  expect(label.by).toMatchObject({ word: 'Eat by' });
  expect(label.knots.map((k) => k.kind).slice(0, 4)).toEqual(['landed', 'dispatched', 'bled', 'iced']);
  expect(JSON.stringify(label)).not.toMatch(/skerries|zone/);
});

test('what to do with it, by what it is and what was found', () => {
  expect(one({ form: 'stock' })).toMatchObject({ does: 'Boil.', plates: null, by: { word: 'Use by' } });
  expect(one({ form: 'bait' })).toMatchObject({ does: 'Bait.', minds: 'Not for eating.' });
  expect(one({ form: 'cooked' }).does).toBe('Heat it through, once.');
  expect(one({ wrapping: 'vacuum' })).toMatchObject({ does: 'Cook it.', minds: 'Open the bag before thawing.' });
  expect(one({ species: 'greater-weever', form: 'whole' }).minds).toBe('Its spines stay venomous.');
});

test('whether it may be eaten raw is not on it: a label outlives the answer', () => {
  const cold = (date: string): Entry =>
    anEntry('store.read', idOf('chest'), { c: -24 }, { at: `${date}T08:00:00Z`, id: idOf(`read ${date}`) });
  const days = Array.from({ length: 20 }, (_, i) => cold(`2026-08-${String(10 + i).padStart(2, '0')}`));
  const chest = anEntry('store.added', idOf('chest'), { name: 'chest', is: 'freezer' }, { at: '2026-08-01T08:00:00Z' });
  const frozen = packStored('f', { place: 'freezer', store: idOf('chest') }, '2026-08-10T18:00:00+01:00');
  const label = of(Book.EMPTY.withEntries([chest, frozen, ...days]), idOf('f'));
  expect(label.does).toBe('Cook it.');
  expect(JSON.stringify(label)).not.toMatch(/raw/i);
  expect(one({ form: 'cured' })).toMatchObject({ does: 'Not for people at risk.' });
  expect(one({ species: 'carp' }).minds).toMatch(/^Fish of the carp family can carry flukes.*\.$/);
});
