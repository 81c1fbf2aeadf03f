import { describe, expect, test } from '@jest/globals';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import { Book, type Entry } from '../../index.ts';
import { anEntry, idOf, ILSE } from '../../builders.test-support.ts';
import { freezerRoom } from '../larder/freezer-room.ts';
import { isNotToEat, packsHeld, packTone } from './packs-held.ts';

const day = (iso: string): string => iso.slice(0, 10);
const stored = (word: string, number: number, on: string, more: Record<string, unknown> = {}): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number,
      what: word,
      species: 'mackerel',
      form: 'fillets',
      massG: 400,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [],
      ...more,
    } as never,
    { at: `${on}T18:00:00+01:00` },
  );
const held = (entries: Entry[]) =>
  packsHeld({
    book: Book.EMPTY.withEntries(entries),
    species: () => aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily' }),
    day,
    nowMs: Date.parse('2026-09-14T12:00:00Z'),
  });

describe('the room of the freezer', () => {
  const lies = (word: string, massG: number, place = 'freezer') => stored(word, 1, '2026-09-01', { place, massG });
  const chest = (litres?: number, word = 'chest', standsFor = true): Entry =>
    anEntry('store.added', idOf(word), {
      name: word,
      is: 'freezer',
      ...(litres ? { litres } : {}),
      ...(standsFor ? { standsFor: 'freezer' } : {}),
    });
  const of = (entries: Entry[], litres: number) => freezerRoom(Book.EMPTY.withEntries([...entries, chest(litres)]));
  test('what lies in it takes its place, what lies elsewhere or was eaten does not', () => {
    const eaten = anEntry('meal.served', idOf('m'), {
      name: 'x',
      cook: ILSE,
      method: 'roasted',
      packs: [{ pack: idOf('b'), massG: 400 }],
      eaters: [ILSE],
    });
    expect(of([lies('a', 500), lies('b', 900), lies('c', 300, 'fridge'), eaten], 10)).toEqual({
      litres: 10,
      packs: 2,
      heldG: 1000,
      freeG: 5300,
      plates: 33,
    });
  });
  test('two freezers: the room of both, and one that is overfull takes none from the other', () => {
    const both = [lies('a', 9000), chest(1), chest(10, 'drawer', false)];
    expect(freezerRoom(Book.EMPTY.withEntries(both))).toMatchObject({ litres: 11, packs: 1, freeG: 6300 });
  });
  test('while nobody said how large it is nothing is known', () => {
    expect(freezerRoom(Book.EMPTY)).toBeNull();
    expect(freezerRoom(Book.EMPTY.withEntries([chest()]))).toBeNull();
  });
  test('an overfull one has none', () => expect(of([lies('a', 900)], 1)).toMatchObject({ freeG: 0, plates: 0 }));
});

describe('what the larder holds', () => {
  test('eat first on top: by the day, then by number', () => {
    const list = held([
      stored('c', 3, '2026-09-12'),
      stored('a', 2, '2026-09-10'),
      stored('b', 1, '2026-09-10'),
      stored('frozen', 4, '2026-09-01', { place: 'freezer', wrapping: 'box' }),
    ]);
    expect(list.map((h) => [h.pack.number, h.keeps.eatBy])).toEqual([
      [1, '2026-09-12'],
      [2, '2026-09-12'],
      [3, '2026-09-14'],
      [4, '2026-10-20'],
    ]);
  });

  test('eaten and thrown away are not there; a half-eaten one holds the rest', () => {
    const list = held([
      stored('a', 1, '2026-09-10'),
      stored('b', 2, '2026-09-10'),
      stored('c', 3, '2026-09-10'),
      anEntry('meal.served', idOf('m'), {
        name: 'x',
        cook: ILSE,
        method: 'roasted',
        packs: [
          { pack: idOf('a'), massG: 400 },
          { pack: idOf('b'), massG: 150 },
        ],
        eaters: [ILSE],
      }),
      anEntry('pack.discarded', idOf('c'), { why: 'old' }),
    ]);
    expect(list.map((h) => [h.pack.number, h.leftG])).toEqual([[2, 250]]);
  });

  test('out of the freezer it is thawed, and the day counts from then', () => {
    const list = held([
      stored('a', 1, '2026-06-01', { place: 'freezer', wrapping: 'vacuum' }),
      anEntry('pack.moved', idOf('a'), { place: 'fridge' }, { at: '2026-09-11T20:00:00+01:00' }),
    ]);
    expect(list[0]).toMatchObject({ place: 'fridge', thawed: true, since: '2026-09-11' });
    expect(list[0]?.keeps.eatBy).toBe('2026-09-12');
  });

  test('fish over the clock of histamine is not to eat, whatever its day, and stays so as leftovers', () => {
    const fish = idOf('mackerel-warm');
    const late = (iced: string) => [
      anEntry(
        'fish.landed',
        fish,
        { trip: idOf('t'), angler: ILSE, count: 1, species: 'mackerel' },
        { at: '2026-09-10T06:00:00+01:00' },
      ),
      anEntry('fish.dispatched', fish, { how: 'brain spike' }, { at: '2026-09-10T06:01:00+01:00' }),
      anEntry('fish.iced', fish, { box: 'b', how: 'slurry' }, { at: `2026-09-10T${iced}:00+01:00` }),
      stored('warm', 1, '2026-09-10', { fish: [fish] }),
      anEntry(
        'meal.served',
        idOf('m2'),
        { name: 'x', cook: ILSE, method: 'grilled', packs: [{ pack: idOf('warm'), massG: 300 }], eaters: [ILSE] },
        { at: '2026-09-11T19:00:00+01:00' },
      ),
      stored('left', 2, '2026-09-11', { form: 'cooked', wrapping: 'box', meal: idOf('m2') }),
    ];
    const species = () =>
      aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily', keeping: 'oily small', iceDays: 6, histamine: true });
    const of = (iced: string) =>
      packsHeld({ book: Book.EMPTY.withEntries(late(iced)), species, day, nowMs: Date.parse('2026-09-12T12:00:00Z') });
    expect(of('16:30').map((h) => [h.pack.number, isNotToEat(h), packTone(h, '2026-09-11')])).toEqual([
      [1, true, 'past'],
      [2, true, 'past'],
    ]);
    // Iced in time it is over in a fridge that nobody read, which may be at 7 degC, and within in one that was read at 2.
    expect(of('07:00').map((h) => isNotToEat(h))).toEqual([true, true]);
    const fridge = idOf('cold fridge');
    const read = [
      anEntry(
        'store.added',
        fridge,
        { name: 'cold', is: 'fridge', standsFor: 'fridge' },
        { at: '2026-09-01T08:00:00Z' },
      ),
      anEntry('store.read', fridge, { c: 2 }, { at: '2026-09-10T08:00:00Z' }),
    ];
    const cold = packsHeld({
      book: Book.EMPTY.withEntries([...late('07:00'), ...read]),
      species,
      day,
      nowMs: Date.parse('2026-09-12T12:00:00Z'),
    });
    expect(cold.map((h) => isNotToEat(h))).toEqual([false, false]);
  });

  test('tones: fresh, half, use today, past', () => {
    const [h] = held([stored('a', 1, '2026-09-10')]);
    expect(['2026-09-10', '2026-09-11', '2026-09-12', '2026-09-13'].map((d) => packTone(h!, d))).toEqual([
      'fresh',
      'half',
      'use',
      'past',
    ]);
  });
});
