import { describe, expect, test } from '@jest/globals';
import type { SpeciesFacts } from '@dagboek/core/species';
import { anEntry, at, idOf, ILSE, landed, TRIP, tripStarted, wholeLine } from '../../builders.test-support.ts';
import { Book, custodyOf, fishOfTrip, freshnessOf, massOf, openTrip, packLeft, tripsInOrder } from '../../index.ts';

const fish = idOf('a');
const POLLACK: SpeciesFacts = {
  id: 'pollack',
  name: 'Pollack',
  lengthKinds: ['total'],
  usualMm: [350, 650],
  maxMm: 1300,
  weight: { a: 0.01, b: 3, sdLog: 0.1 },
  grounds: {},
  months: [1, 12],
  keeping: 'lean white',
  fat: 'lean',
  shape: { depth: [0.2, 0.24], widthToDepth: 0.5 },
  iceDays: 11,
  hazards: [],
  yields: {},
};
const lineOf = (b: Book) => custodyOf(b, fish)!;

describe('the line of custody', () => {
  const b = Book.EMPTY.withEntries(wholeLine());

  test('every event in the order of the stations, with its time', () => {
    expect(lineOf(b).knots.map((k) => [k.kind, k.at.slice(11, 16), k.state])).toEqual([
      ['landed', '12:18', 'done'],
      ['dispatched', '12:19', 'done'],
      ['bled', '12:20', 'done'],
      ['iced', '12:31', 'done'],
      ['gutted', '18:52', 'done'],
      ['filleted', '19:21', 'done'],
      ['packed', '19:34', 'done'],
      ['cooked', '19:12', 'done'],
    ]);
    expect(lineOf(b).eatenAt).toBe('2026-09-13T19:12:00+01:00');
  });

  test('where it is, entry by entry', () => {
    const where: string[] = [];
    let book = Book.EMPTY;
    for (const e of wholeLine()) {
      book = book.withEntries([e]);
      const w = custodyOf(book, fish)?.where;
      if (w && w !== where.at(-1)) where.push(w);
    }
    expect(where).toEqual(['in hand', 'bleeding', 'box', 'board', 'larder', 'eaten']);
  });

  test('bleeding runs until it is iced; left out is said', () => {
    const bled = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.bled', fish, { cut: 'throat' }, { at: at('12:20') }),
    ]);
    expect(lineOf(bled).knots.at(-1)).toMatchObject({ kind: 'bled', state: 'running' });
    const not = Book.EMPTY.withEntries([landed('a', '12:18'), anEntry('fish.bled', fish, { cut: 'none' })]);
    expect(lineOf(not).knots.at(-1)?.state).toBe('leftOut');
    expect(lineOf(not).where).toBe('in hand');
  });

  test('a fish let go ends there', () => {
    const back = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.released', fish, { reason: 'too short' }),
    ]);
    expect(lineOf(back).where).toBe('let go');
  });

  test('frozen, thrown away, and stock beside it', () => {
    const entries = wholeLine().filter((e) => !e.kind.startsWith('meal'));
    const frozen = Book.EMPTY.withEntries([
      ...entries,
      anEntry('pack.moved', idOf('pack'), { place: 'freezer' }, { at: at('20:05') }),
    ]);
    expect(lineOf(frozen).knots.at(-1)).toMatchObject({ kind: 'frozen', at: at('20:05') });
    const gone = frozen.withEntries([anEntry('pack.discarded', idOf('pack'), { why: 'thawed' }, { at: at('23:00') })]);
    expect(lineOf(gone).where).toBe('gone');
    const stock = Book.EMPTY.withEntries([
      ...entries.filter((e) => e.kind !== 'pack.stored'),
      anEntry('pack.stored', idOf('s'), {
        number: 9,
        what: 'frames',
        species: 'pollack',
        form: 'stock',
        massG: 430,
        wrapping: 'bag',
        place: 'freezer',
        fish: [fish],
      }),
    ]);
    expect(lineOf(stock).where).toBe('board');
  });

  test('an unknown fish has no line', () => {
    expect(custodyOf(b, idOf('nobody'))).toBeNull();
  });
});

describe('freshness of a line', () => {
  const b = Book.EMPTY.withEntries(wholeLine());
  const fresh = (book: Book, ms: number, byId: (id: string | null) => SpeciesFacts | null = () => POLLACK) =>
    freshnessOf({ book, species: byId, nowMs: ms }, custodyOf(book, fish)!);
  const evening = Date.parse(at('18:30'));

  test('six hours on ice use a few hundredths of eleven days', () => {
    const f = fresh(b, evening);
    expect(f?.used).toBeGreaterThan(0.02);
    expect(f?.used).toBeLessThan(0.06);
    expect(f?.tone).toBe('fresh');
  });

  test('it stops when it is eaten', () => {
    const eaten = Date.parse('2026-09-13T19:12:00+01:00');
    expect(fresh(b, eaten + 9e8)?.used).toBe(fresh(b, eaten)?.used);
  });

  test('nothing is said of a fish let go, without a name, or alive', () => {
    const alive = Book.EMPTY.withEntries([landed('a', '12:18')]);
    expect(fresh(alive, evening)).toBeNull();
    expect(fresh(b, evening, () => null)).toBeNull();
    const back = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.released', fish, { reason: 'too short' }),
    ]);
    expect(fresh(back, evening)).toBeNull();
  });

  test('left warm it goes faster', () => {
    const late = Book.EMPTY.withEntries(
      wholeLine().map((e) => (e.kind === 'fish.iced' ? { ...e, at: at('16:00') } : e)),
    );
    expect(fresh(late, evening)!.used).toBeGreaterThan(2 * fresh(b, evening)!.used);
  });

  test('weight: by the scale, else from the length, a lot shared among its fish', () => {
    expect(massOf(b.get('fish', fish)!, POLLACK)).toEqual({ g: 790, how: 'scale' });
    const lot = Book.EMPTY.withEntries([
      landed('a', '12:18', { count: 8 }),
      anEntry('fish.weighed', fish, { massG: 2440, how: 'scale' }),
    ]).get('fish', fish)!;
    expect(massOf(lot, POLLACK)?.g).toBe(305);
    const measured = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.measured', fish, { lengthMm: 400, lengthKind: 'total', method: 'board' }),
    ]).get('fish', fish)!;
    expect(massOf(measured, POLLACK)).toEqual({ g: 640, how: 'estimated' });
    expect(massOf(measured, null)).toBeNull();
  });
});

describe('order and what is left', () => {
  test('trips and fish are numbered by when they began', () => {
    const earlier = anEntry(
      'trip.started',
      idOf('t0'),
      { waters: 'w', zone: 'z', from: 'shore', crew: [ILSE] },
      { at: '2026-09-01T08:00:00+01:00' },
    );
    const b = Book.EMPTY.withEntries([tripStarted(), earlier, landed('b', '13:00'), landed('a', '12:18')]);
    expect(tripsInOrder(b).map((t) => t.id)).toEqual([idOf('t0'), TRIP]);
    expect(fishOfTrip(b, TRIP).map((f) => f.id)).toEqual([idOf('a'), idOf('b')]);
    expect(openTrip(b)?.id).toBe(TRIP);
    expect(openTrip(b.withEntries([anEntry('trip.ended', TRIP, {}, { at: at('17:00') })]))?.id).toBe(idOf('t0'));
  });

  test('a pack holds what has not been eaten', () => {
    const b = Book.EMPTY.withEntries(wholeLine());
    const pack = b.get('pack', idOf('pack'))!;
    expect(packLeft(b, pack)).toMatchObject({ eatenG: 276, leftG: 0, takenG: 0, splitG: 0 });
    const half = Book.EMPTY.withEntries(
      wholeLine().map((e) =>
        e.kind === 'meal.served' ? { ...e, facts: { ...e.facts, packs: [{ pack: idOf('pack'), massG: 100 }] } } : e,
      ),
    );
    expect(packLeft(half, half.get('pack', idOf('pack'))!)).toMatchObject({ eatenG: 100, leftG: 176 });
  });
});
