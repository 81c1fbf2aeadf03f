import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import { anyHistory, arrivalsOf } from '../../any-history.test-support.ts';
import { anEntry, at, BOX, idOf } from '../../builders.test-support.ts';
import {
  Book,
  boxAdvice,
  boxAt,
  coreTemperature,
  currentFilling,
  custodyOf,
  type Entry,
  fillingOf,
  fishInBoxAt,
  freshnessOf,
  handlingCost,
  icePlan,
  stiffnessOf,
  usedParts,
} from '../../index.ts';

const KINDS = new Map(
  [
    aSpecies({ id: 'pollack', name: 'Pollack' }),
    aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily', histamine: true }),
  ].map((s) => [s.id, s]),
);
const byId = (id: string | null) => KINDS.get(id ?? '') ?? null;
const START = Date.parse('2026-09-12T06:00:00Z');
const HOURS = [0, 1, 5, 11, 30, 200].map((h) => START + h * 3_600_000);

/** Every number in what was answered. */
function numbers(x: unknown): number[] {
  if (typeof x === 'number') return [x];
  return x && typeof x === 'object' ? Object.values(x).flatMap(numbers) : [];
}

/** All that is reckoned of the boxes and the fish of a book, at several hours. */
function reckoned(book: Book): unknown[] {
  const boxes = book.allAny('box').flatMap((b) => {
    const fillings = [
      currentFilling({ book, species: byId }, b.id),
      ...book.allAny('trip').map((t) => fillingOf({ book, species: byId }, b.id, t.id)),
    ];
    return [
      icePlan({ book, zone: 'outer-bank', nowMs: START, species: byId }, b),
      ...fillings.flatMap((f) =>
        f
          ? HOURS.map((ms) => [
              boxAt(f, ms),
              boxAdvice({ book, species: byId, nowMs: ms }, f),
              fishInBoxAt(book, f, ms).length,
            ])
          : [],
      ),
    ];
  });
  const fish = book.allAny('fish').flatMap((f) => {
    const line = custodyOf(book, f.id);
    if (!line) return [];
    return HOURS.map((ms) => [
      freshnessOf({ book, species: byId, nowMs: ms }, line),
      coreTemperature({ book, species: byId, nowMs: ms }, line),
      usedParts({ book, species: byId, nowMs: ms }, line),
      handlingCost({ book, species: byId, nowMs: ms }, line),
      stiffnessOf({ book, species: byId, nowMs: ms }, line),
    ]);
  });
  return [boxes, fish];
}

/** Fish that lay in a box which is reckoned. */
const fishReckoned = (book: Book): number =>
  book
    .allAny('trip')
    .reduce(
      (n, t) =>
        n +
        book.allAny('box').reduce((m, b) => m + (fillingOf({ book, species: byId }, b.id, t.id)?.fish.length ?? 0), 0),
      0,
    );

test('whatever was written, in whatever order, struck or mended, is reckoned to numbers that can be', () => {
  // Things of the first minutes, so that there is something to reckon with; some of their lines are struck.
  const [trip, box] = [idOf('trip 1'), idOf('box 1')];
  const lines = (word: string, min: number, species: string): Entry[] => {
    const when = (m: number): string => new Date(START + (min + m) * 60_000).toISOString().replace('.000Z', 'Z');
    const fish = idOf(word);
    return [
      anEntry('fish.landed', fish, { trip, angler: 'a', count: 1, species }, { at: when(0) }),
      anEntry('fish.weighed', fish, { massG: 600 + min, how: 'scale' }, { at: when(1) }),
      anEntry('fish.dispatched', fish, { how: 'brain spike' }, { at: when(2) }),
      anEntry('fish.iced', fish, { box: min > 40 ? BOX : box, how: 'layered ice' }, { at: when(9) }),
    ];
  };
  const begun: Entry[] = [
    anEntry('box.added', BOX, { name: 'b', litres: 30 }, { at: at('05:00') }),
    anEntry('box.added', box, { name: 'c', litres: 12 }, { at: at('05:00') }),
    anEntry(
      'trip.started',
      trip,
      { waters: 'bay', zone: 'outer-bank', from: 'boat', crew: ['a'], box, iceKg: 5, waterC: 12 },
      { at: at('07:00') },
    ),
    ...lines('fish 1', 20, 'mackerel'),
    ...lines('fish 2', 50, 'pollack'),
    anEntry('box.looked', box, { ice: 'half' }, { at: at('12:00') }),
    anEntry('box.filled', box, { kg: 2 }, { at: at('13:00') }),
    anEntry('box.drained', box, { kg: 1 }, { at: at('14:00') }),
  ];
  const struck = fc
    .subarray(begun, { maxLength: 3 })
    .map((list) => list.map((e) => anEntry('log.struck', e.subject, {}, { at: e.at, strikes: e.id })));
  let [seen, inBoxes] = [0, 0];
  fc.assert(
    fc.property(
      fc.tuple(anyHistory(60), struck).chain(([list, strikes]) => {
        const all = [...strikes, ...list];
        return fc.tuple(fc.constant(all), arrivalsOf(all));
      }),
      ([all, batches]) => {
        const book = Book.EMPTY.withEntries([...begun, ...all]);
        const told = reckoned(book);
        seen += numbers(told).length;
        inBoxes += fishReckoned(book);
        expect(numbers(told).filter((n) => Number.isNaN(n))).toEqual([]);
        // Infinite only where something never ends.
        const other = batches.reduce((b, list) => b.withEntries(list), Book.EMPTY.withEntries(begun));
        expect(JSON.stringify(reckoned(other))).toBe(JSON.stringify(told));
      },
    ),
    { numRuns: 40 },
  );
  expect(seen).toBeGreaterThan(10_000);
  expect(inBoxes).toBeGreaterThan(40);
});

test('impossible sizes are reckoned all the same: two tonnes in one litre, a gram, five hundred fish', () => {
  const trip = anEntry(
    'trip.started',
    idOf('trip 1'),
    { waters: 'bay', zone: 'z', from: 'boat', crew: [], box: BOX, iceKg: 500 } as never,
    { at: at('06:00') },
  );
  const one = (word: string, massG: number, count: number): Entry[] => [
    anEntry(
      'fish.landed',
      idOf(word),
      { trip: idOf('trip 1'), angler: 'a', count, species: 'mackerel' },
      { at: at('07:00') },
    ),
    anEntry('fish.weighed', idOf(word), { massG, how: 'scale' }, { at: at('07:01') }),
    anEntry('fish.iced', idOf(word), { box: BOX, how: 'slurry' }, { at: at('07:05') }),
  ];
  const book = Book.EMPTY.withEntries([
    anEntry('box.added', BOX, { name: 'b', litres: 1 }, { at: at('05:00') }),
    trip,
    ...one('tonnes', 2_000_000, 1),
    ...one('gram', 1, 1),
    ...one('many', 90_000, 500),
  ]);
  expect(numbers(reckoned(book)).every((n) => !Number.isNaN(n))).toBe(true);
  expect(
    boxAdvice(
      { book, species: byId, nowMs: Date.parse(at('08:00')) },
      currentFilling({ book, species: byId }, BOX)!,
    ).map((a) => a.kind),
  ).toContain('too full');
});
