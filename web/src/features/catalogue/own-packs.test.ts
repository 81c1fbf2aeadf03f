import { describe, expect, test } from '@jest/globals';
import { readPack, type Species, speciesLike, writeTraitMatrix } from '@dagboek/catalogue';
import { Book, type Entry, validateEntry } from '@dagboek/journal';
import { loadSpecies, loadTraits } from '@dagboek/packs';
import { anEntry, at, idOf, TRIP, tripStarted } from '../../../../journal/src/builders.test-support.ts';
import { idFrom, namesInUse, ownPacks, takeBack, writingsOf } from './own-packs.ts';

const SHIPPED = loadSpecies();
const TRAITS = loadTraits();
const model = (id: string): Species => SHIPPED.find((s) => s.id === id)!;
const LUMP = speciesLike(
  model('pollack'),
  { id: 'skerrow-ling', name: 'Skerrow ling', latin: 'Molva sp.' },
  { barbel: { yes: 1 } },
  'By hand',
);

/** The book after the entries that reading a file would write. */
function after(book: Book, text: string, name = 'mine.json'): { book: Book; faults: readonly string[] } {
  const packs = ownPacks(book);
  const own = packs.flatMap((p) => p.species.map((s) => ({ pack: p.id, file: s.file })));
  const preview = readPack(name, text.length, text, { traits: TRAITS, shipped: SHIPPED, own, inUse: namesInUse(book) });
  return { book: write(book, writingsOf(preview, packs)), faults: preview.faults.map((f) => f.say) };
}
let n = 0;
function write(book: Book, writings: ReturnType<typeof writingsOf>): Book {
  const entries = writings.map((w): Entry => {
    const e = anEntry(w.kind, w.subject, w.facts as never, {
      at: at(`13:${String(n++ % 60).padStart(2, '0')}`),
      ...(w.more?.strikes ? { strikes: w.more.strikes } : {}),
    });
    expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('23:00')))).toMatchObject({ ok: true });
    return e;
  });
  return book.withEntries(entries);
}
const EMPTY = Book.EMPTY;
const names = (book: Book): string[] => ownPacks(book).flatMap((p) => p.species.map((s) => s.file.name));
const pack = (...species: unknown[]): string => JSON.stringify({ id: 'isles', name: 'Isles', about: 'Ours.', species });

describe('packs of one’s own, as entries', () => {
  test('a species by hand is read, written, and stands in the catalogue; a second one does not push it out', () => {
    const one = after(EMPTY, JSON.stringify(LUMP)).book;
    expect(names(one)).toEqual(['Skerrow ling']);
    const two = after(
      one,
      JSON.stringify({ ...LUMP, id: 'other-ling', name: 'Other ling', figure: { ...LUMP.figure, id: 'other-ling' } }),
    ).book;
    expect(names(two).sort()).toEqual(['Other ling', 'Skerrow ling']);
  });

  test('a pack read anew changes what changed, and takes away what it no longer has', () => {
    const second = { ...LUMP, id: 'b-ling', name: 'B ling', figure: { ...LUMP.figure, id: 'b-ling' } };
    const one = after(EMPTY, pack(LUMP, second)).book;
    const two = after(one, pack({ ...LUMP, maxMm: 1500 })).book;
    expect(names(two)).toEqual(['Skerrow ling']);
    expect(ownPacks(two)[0]?.species[0]?.file.maxMm).toBe(1500);
    expect(after(two, pack({ ...LUMP, maxMm: 1500 })).book.all('species')[0]?.log).toHaveLength(2);
  });

  test('taken back whole, it is gone, and can be written anew', () => {
    const one = after(EMPTY, pack(LUMP)).book;
    const writings = takeBack(ownPacks(one)[0]!, {});
    const gone = write(one, writings as never);
    expect(ownPacks(gone)).toEqual([]);
    expect(names(after(gone, pack(LUMP)).book)).toEqual(['Skerrow ling']);
  });

  test('while fish carry its name it is not taken back, and a sentence says why', () => {
    const one = after(EMPTY, pack(LUMP)).book;
    const fish = idOf('fish');
    const used = one.withEntries([
      tripStarted(),
      anEntry('fish.landed', fish, { trip: TRIP, angler: idOf('ilse'), count: 1 }, { at: at('12:00') }),
      anEntry('fish.named', fish, { species: 'pollack', orElse: ['skerrow-ling'] }, { at: at('12:01') }),
    ]);
    expect(namesInUse(used)).toEqual({ pollack: 1, 'skerrow-ling': 1 });
    expect(takeBack(ownPacks(used)[0]!, namesInUse(used))).toBe(
      'A fish in the log carries the name Skerrow ling. Change the species first, then remove the pack.',
    );
    const left = after(used, pack({ ...LUMP, id: 'b-ling', figure: { ...LUMP.figure, id: 'b-ling' } }));
    expect(left.faults.join()).toContain('This file leaves out Skerrow ling');
    expect(names(left.book)).toEqual(['Skerrow ling']);
  });

  test('ids come from names, and are never taken twice', () => {
    expect(idFrom('Skerrow Ling (blue)', new Set())).toBe('skerrow-ling-blue');
    expect(idFrom('Ørred!', new Set())).toBe('rred');
    expect(idFrom('Pollack', new Set(['pollack', 'pollack-own']))).toBe('pollack-own-own');
    expect(idFrom('123', new Set())).toBe('fish');
  });
});

test('a trait matrix that was saved reads back as it was, under other ids', () => {
  const csv = writeTraitMatrix([model('brill')], TRAITS)
    .split('\n')
    .map((l) => l.replace(/^brill,/, 'isles-brill,'))
    .join('\n');
  const preview = readPack('isles.csv', csv.length, csv, { traits: TRAITS, shipped: SHIPPED, own: [], inUse: {} });
  expect(preview.faults).toEqual([]);
  expect(preview.changes[0]?.file.traits).toEqual(model('brill').traits);
});
