import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, cutKinds, type Entry, sidesOfCut, whatMovedYields } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null | undefined) => SPECIES.find((s) => s.id === id) ?? null;
const weighed = (cut: string, stage: 'round' | 'fillets' | 'trimmed', massG: number, pieces?: number[]): Entry =>
  anEntry('cut.weighed', idOf(cut), { stage, massG, ...(pieces ? { pieces } : {}) }, { at: at('18:10') });
const cutOf = (
  key: string,
  trimmedG: number,
  more: { stiff?: 'not yet' | 'passing'; route?: 'gutted whole' } = {},
): Entry[] => [
  landed(key, '12:00'),
  anEntry(
    'cut.started',
    idOf(`cut ${key}`),
    {
      fish: [idOf(key)],
      route: more.route ?? 'fillet from the tail',
      by: TOMAS,
      ...(more.stiff ? { stiff: more.stiff } : {}),
    },
    { at: at('18:00') },
  ),
  weighed(`cut ${key}`, 'round', 1000),
  weighed(`cut ${key}`, 'trimmed', trimmedG),
];
const book = (...more: Entry[]): Book => Book.EMPTY.withEntries([tripStarted(), ...more]);
const twenty = Array.from({ length: 10 }, (_, i) => [
  ...cutOf(`soft${i}`, 400 + i, { stiff: 'not yet' }),
  ...cutOf(`stiff${i}`, 360 + i, { stiff: 'passing' }),
]).flat();

test('stiffness as it was written down with the cut; what was not counts for none; other forms are left out', () => {
  const b = book(...twenty, ...cutOf('unknown', 380), ...cutOf('whole', 800, { route: 'gutted whole' }));
  const m = whatMovedYields({ book: b, species: byId }, 'pollack')!;
  expect([m.form, m.own, m.all]).toEqual(['fillets', 21, 21]);
  const stiffness = m.moved.filter((x) => x.of === 'stiffness');
  expect(stiffness.map((x) => [x.is, x.n, x.verdict])).toEqual([
    ['not stiff yet', 10, 'more'],
    ['stiff', 10, 'less'],
  ]);
  expect(m.tooFew.map((t) => t.of)).toEqual(['season', 'size']);
});

test('kinds come by how often they were weighed; one that never was has nothing to tell', () => {
  const b = book(...twenty);
  expect(cutKinds(b)).toEqual(['pollack']);
  expect(whatMovedYields({ book: b, species: byId }, 'cod')).toBeNull();
  expect(cutKinds(Book.EMPTY)).toEqual([]);
});

test('two sides weighed apart are compared, on one fish only, and not after the weight was corrected', () => {
  const sides = (b: Book) => sidesOfCut(b, b.get('cut', idOf('cut a'))!);
  const line = weighed('cut a', 'fillets', 380, [200, 180]);
  const b = book(...cutOf('a', 350), line);
  expect(sides(b)).toMatchObject({ firstG: 200, secondG: 180, lighter: 'second' });
  expect(sides(book(...cutOf('a', 350)))).toBeNull();
  const corrected = anEntry(
    'cut.weighed',
    idOf('cut a'),
    { stage: 'fillets', massG: 390 },
    { amends: line.id, at: at('18:20') },
  );
  expect(sides(b.withEntries([corrected]))).toBeNull();
});
