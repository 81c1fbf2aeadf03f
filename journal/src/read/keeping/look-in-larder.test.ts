import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { packStored } from '../../builders.test-support.ts';
import { Book, larderByKind, packsFound, packsHeld, packsPressing } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const day = (at: string): string => at.slice(0, 10);
const NOW = Date.parse('2026-09-12T12:00:00Z');
const on = '2026-09-11T18:00:00+01:00';
const book = Book.EMPTY.withEntries([
  packStored('a', { what: 'Pollack, 2 fillets', number: 84 }, on),
  packStored(
    'b',
    { what: 'Mackerel, 10 fillets', species: 'mackerel', number: 8, place: 'freezer', wrapping: 'vacuum' },
    on,
  ),
  packStored(
    'c',
    { what: 'Mackerel, whole', species: 'mackerel', form: 'whole', massG: 1000, number: 85, place: 'freezer' },
    on,
  ),
  packStored('d', { what: 'Pollack, frames for stock', form: 'stock', number: 86 }, on),
]);
const held = packsHeld({ book, species: byId, day, nowMs: NOW });
const found = (text: string) => packsFound(held, text, (id) => byId(id)?.name ?? id).map((h) => h.number);

test('by number, kind, form, wrapping and store; every word counts; accents and case do not', () => {
  expect(found('')).toHaveLength(4);
  expect(found('8').sort()).toEqual(['8', '84', '85', '86']);
  expect(found('84')).toEqual(['84']);
  expect(found('10')).toEqual(['8']);
  expect(found('MACKEREL').sort()).toEqual(['8', '85']);
  expect(found('mackerel vacuum')).toEqual(['8']);
  expect(found('freezer pollack')).toEqual([]);
  expect(found('stock')).toEqual(['86']);
});

test('by kind: packs, grams and plates; bodies by what they yield, stock in none; what presses first', () => {
  const kinds = larderByKind(held);
  expect(kinds.map((k) => [k.species, k.packs.length, k.massG, k.plates])).toEqual([
    ['pollack', 2, 800, 2],
    ['mackerel', 2, 1400, 5],
  ]);
  expect(
    packsPressing(held, '2026-09-12')
      .map((h) => h.number)
      .sort(),
  ).toEqual(['84', '86']);
});
