import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, idOf, ILSE, packStored, TOMAS } from '../../builders.test-support.ts';
import { Book, menuWishes, packsHeld, whoMustNot } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const day = (at: string): string => at.slice(0, 10);
const NOW = Date.parse('2026-09-12T20:00:00+01:00');
const WREN = idOf('wren');
const eats = (id: string, facts: object) => anEntry('member.eats', id, { plates: 1, ...facts } as never);
const book = Book.EMPTY.withEntries([
  anEntry('member.joined', ILSE, { name: 'Ilse' }),
  anEntry('member.joined', TOMAS, { name: 'Tomas' }),
  // Three years old: at risk by age, though nobody ticked it.
  anEntry('member.joined', WREN, { name: 'Wren', bornOn: '2023-04-01' }),
  packStored('tope', { species: 'tope', place: 'freezer', wrapping: 'bag' }),
  packStored('cured', { species: 'pollack', form: 'cured' }),
  packStored('pollack', { species: 'pollack' }),
]);
const says = (b: Book, eaters: readonly string[], ...words: string[]) =>
  whoMustNot(
    { book: b, species: byId, nowMs: NOW },
    packsHeld({ book: b, species: byId, day, nowMs: NOW }).filter((h) => words.some((w) => h.pack.id === idOf(w))),
    eaters,
    '2026-09-12',
  );

test('much mercury is not for who is at risk by age; no fish, and a species, are said by name, each once', () => {
  expect(says(book, [ILSE, WREN], 'tope', 'pollack')).toEqual([
    'Wren is at risk, and Tope is high in mercury: not for Wren.',
  ]);
  expect(says(book, [ILSE], 'tope')).toEqual([]);
  const allergic = book.withEntries([eats(TOMAS, { allergic: ['pollack'] }), eats(ILSE, { noFish: true })]);
  expect(says(allergic, [ILSE, TOMAS], 'pollack', 'cured')).toEqual([
    'Ilse eats no fish.',
    'Tomas must not eat Pollack.',
  ]);
});

test('the plan knows the same of them: who eats no fish, who is at risk, what counts as raw', () => {
  const b = book.withEntries([eats(ILSE, { noFish: true })]);
  const { wishes } = menuWishes(
    { book: b, species: byId, nowMs: NOW, zone: 'Atlantic/Faroe' },
    packsHeld({ book: b, species: byId, day, nowMs: NOW }),
    3,
  );
  const of = (name: string) => wishes.days[0]!.eaters.find((e) => e.name === name)!;
  expect([of('Ilse').noFish, of('Tomas').noFish, of('Wren').atRisk, of('Tomas').atRisk]).toEqual([
    true,
    false,
    true,
    false,
  ]);
  expect(Object.fromEntries(wishes.packs.map((p) => [p.id, [p.countsAsRaw, p.mercury, p.rawMet]]))).toEqual({
    [idOf('tope')]: [false, 'high', false],
    [idOf('cured')]: [true, 'low', false],
    [idOf('pollack')]: [false, 'low', false],
  });
});
