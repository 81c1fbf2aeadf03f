import { expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, TRIP, tripStarted, BOX } from '../../builders.test-support.ts';
import {
  bestWeightOf,
  Book,
  type Entry,
  fishForTheBoard,
  partOfLot,
  validateEntry,
  type Writing,
} from '../../index.ts';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';

const LOT = idOf('lot');
const PART = idOf('part');
const on = (kind: Parameters<typeof anEntry>[0], facts: object, time: string): Entry =>
  anEntry(kind, LOT, facts as never, { at: at(time) });
const BOOK = Book.EMPTY.withEntries([
  tripStarted(),
  on('fish.landed', { trip: TRIP, angler: ILSE, count: 20, gear: 'rod', number: 1 }, '12:00'),
  on('fish.named', { species: 'mackerel' }, '12:01'),
  on('fish.measured', { lengthMm: 280, lengthKind: 'fork', method: 'board', longestMm: 320 }, '12:02'),
  on('fish.weighed', { massG: 5003, how: 'scale' }, '12:03'),
  on('fish.dispatched', { how: 'blow to the head', signsSeen: true }, '12:04'),
  on('fish.bled', { cut: 'both gills', medium: 'sea-water bucket' }, '12:05'),
  on('fish.iced', { box: BOX, how: 'slurry' }, '12:30'),
]);
/** Writings as entries of now; each must be one that the log takes. */
const entries = (list: readonly Writing[]): Entry[] =>
  list.map((w) => {
    const { atMs, ...more } = w.more ?? {};
    const e = anEntry(w.kind, w.subject, w.facts as never, {
      at: atMs ? new Date(atMs).toISOString().replace('.000Z', '+00:00') : at('18:00'),
      ...more,
    });
    expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('19:00')))).toMatchObject({ ok: true });
    return e;
  });

test('part of a lot goes onto the board with all that befell it; the others stay, and nothing is lost', () => {
  const b = BOOK.withEntries(entries(partOfLot(BOOK.get('fish', LOT)!, 6, PART, 2)));
  const [rest, part] = [b.get('fish', LOT)!, b.get('fish', PART)!];
  expect([rest.count, part.count, part.species]).toEqual([14, 6, 'mackerel']);
  expect(part).toMatchObject({
    length: { mm: 280, longestMm: 320 },
    dispatched: { how: 'blow to the head' },
    iced: { box: BOX },
  });
  expect(Date.parse(part.landed.at)).toBe(Date.parse(rest.landed.at));
  expect(Date.parse(part.iced!.at)).toBe(Date.parse(rest.iced!.at));
  // The weight is shared by count, to the gram.
  expect([part.mass?.g, rest.mass?.g]).toEqual([1501, 3502]);
  expect(fishForTheBoard(b)).toHaveLength(2);
  // What was written before stays readable.
  expect(rest.log[0]?.was.map((e) => e.facts['count'])).toEqual([20]);
});

test.each([0, 20, 21, 1.5, -1, Number.NaN])('%d of 20 is no part', (n) =>
  expect(() => partOfLot(BOOK.get('fish', LOT)!, n, PART, 2)).toThrow(RangeError),
);

test('a struck landing has no part', () => {
  const landing = BOOK.get('fish', LOT)!.log[0]!;
  const b = BOOK.withEntries([anEntry('log.struck', LOT, {}, { strikes: landing.first.id, at: at('17:00') })]);
  expect(partOfLot(b.getAny('fish', LOT)!, 2, PART, 2)).toEqual([]);
});

test('several fish weighed together: each has its part by what it was known to weigh, and the parts make the whole', () => {
  const species = aSpecies({ id: 'pollack', name: 'Pollack' });
  const land = (word: string, mm: number): Entry[] => [
    anEntry(
      'fish.landed',
      idOf(word),
      { trip: TRIP, angler: ILSE, count: 1, species: 'pollack', gear: 'rod' },
      { at: at('12:00') },
    ),
    anEntry('fish.measured', idOf(word), { lengthMm: mm, lengthKind: 'total', method: 'board' }, { at: at('12:01') }),
  ];
  const cut = (fish: string[]): Entry[] => [
    anEntry(
      'cut.started',
      idOf('c'),
      { fish: fish.map(idOf), route: 'fillet from the tail', by: ILSE },
      { at: at('18:00') },
    ),
    anEntry('cut.weighed', idOf('c'), { stage: 'round', massG: 3001 }, { at: at('18:01') }),
  ];
  const b = Book.EMPTY.withEntries([
    tripStarted(),
    ...land('x', 400),
    ...land('y', 500),
    ...land('z', 450),
    ...cut(['x', 'y', 'z']),
  ]);
  const best = ['x', 'y', 'z'].map((w) => bestWeightOf(b, b.get('fish', idOf(w))!, species)!);
  expect(best.map((m) => m.how)).toEqual(['board', 'board', 'board']);
  expect(best.reduce((g, m) => g + m.g, 0)).toBe(3001);
  expect(best[1]!.g).toBeGreaterThan(best[2]!.g);
  expect(best[2]!.g).toBeGreaterThan(best[0]!.g);
  // With one that nothing is known of, each keeps what its length says.
  const c = Book.EMPTY.withEntries([
    tripStarted(),
    ...land('x', 400),
    anEntry(
      'fish.landed',
      idOf('u'),
      { trip: TRIP, angler: ILSE, count: 1, species: 'pollack', gear: 'rod' },
      { at: at('12:00') },
    ),
    ...cut(['x', 'u']),
  ]);
  expect(bestWeightOf(c, c.get('fish', idOf('x'))!, species)!.how).toBe('estimated');
});
