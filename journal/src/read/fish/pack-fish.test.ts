import { describe, expect, test } from '@jest/globals';
import type { SpeciesFacts } from '@dagboek/core/species';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, ILSE, TRIP, wholeLine } from '../../builders.test-support.ts';
import { Book, custodyOf, earlierLengths, type Entry, fishInPack, freshnessOfPack, massOf } from '../../index.ts';

const A = idOf('a');
const frozen = idOf('frozen');
const stored = (id: string, more: object): Entry =>
  anEntry(
    'pack.stored',
    id,
    {
      number: 85,
      what: 'x',
      species: 'pollack',
      form: 'fillets',
      massG: 200,
      wrapping: 'vacuum',
      place: 'freezer',
      fish: [A],
      ...more,
    } as never,
    { at: at('19:40') },
  );
const BOOK = Book.EMPTY.withEntries([...wholeLine(), stored(frozen, {})]);
const SPECIES = {
  ...POLLACK,
  id: 'pollack',
  lengthKinds: ['total', 'fork'],
  conversions: [{ from: 'fork', to: 'total', slope: 1.1, sdShare: 0.01 }],
  weight: { a: 0.0078, b: 3.04, sdLog: 0.1 },
  keeping: 'lean white',
  iceDays: 11,
  histamine: true,
  hazards: [],
} as SpeciesFacts;
const ms = (day: string): number => Date.parse(`${day}T12:00:00Z`);

describe('one pack of a fish', () => {
  test('shows its own strand: its sister was eaten, it was not', () => {
    expect(custodyOf(BOOK, A)).toMatchObject({ where: 'eaten' });
    const own = custodyOf(BOOK, A, BOOK.get('pack', frozen))!;
    expect(own.eatenAt).toBeNull();
    expect(own.knots.map((k) => k.kind)).not.toContain('cooked');
    expect(own.knots.map((k) => k.kind)).toContain('frozen');
  });
  test('is as fresh as by where it lay itself: in the freezer it stands still, in the fridge it does not', () => {
    const of = (id: string, day: string) =>
      freshnessOfPack({ book: BOOK, species: () => SPECIES }, BOOK.get('pack', id)!, ms(day))!.used;
    expect(of(frozen, '2026-10-12') - of(frozen, '2026-09-14')).toBeLessThan(0.001);
    expect(of(idOf('pack'), '2026-09-16')).toBeGreaterThan(of(frozen, '2026-09-16'));
  });
  test('of leftovers the fish are those of the meal’s packs; a tangle of packs and meals ends', () => {
    const left = stored(idOf('left'), { form: 'cooked', fish: [], meal: idOf('meal') });
    const b = BOOK.withEntries([left]);
    expect(fishInPack(b, b.get('pack', idOf('left'))!)).toEqual([A]);
    const loop = anEntry(
      'meal.served',
      idOf('loop'),
      { name: 'x', cook: ILSE, method: 'grilled', packs: [{ pack: idOf('knot'), massG: 5 }], eaters: [ILSE] },
      { at: at('21:00') },
    );
    const knot = stored(idOf('knot'), { form: 'cooked', fish: [], meal: idOf('loop') });
    const tangled = BOOK.withEntries([loop, knot]);
    expect(fishInPack(tangled, tangled.getAny('pack', idOf('knot'))!)).toEqual([]);
  });
});

describe('weight and lengths of a fish', () => {
  const measured = (lengthKind: string, lengthMm = 400, more: Partial<Entry> = {}): Entry =>
    anEntry('fish.measured', idOf('m'), { lengthMm, lengthKind, method: 'board' } as never, {
      at: at('12:10'),
      ...more,
    });
  const fishOf = (...list: Entry[]) =>
    Book.EMPTY.withEntries([
      anEntry('fish.landed', idOf('m'), { trip: TRIP, angler: ILSE, count: 1 }, { at: at('12:00') }),
      ...list,
    ]).get('fish', idOf('m'))!;

  test('the estimate takes a length as the kind that it is, and says nothing where that is not known', () => {
    const total = massOf(fishOf(measured('total')), SPECIES)!.g;
    expect(massOf(fishOf(measured('fork')), SPECIES)!.g).toBeCloseTo(total * 1.1 ** 3.04, 6);
    expect(massOf(fishOf(measured('discWidth')), SPECIES)).toBeNull();
  });
  test('earlier lengths: measured again, corrected and struck ones, oldest first', () => {
    const [first, second] = [measured('total', 321), measured('total', 330, { at: at('12:12') })];
    expect(earlierLengths(fishOf(first))).toEqual([]);
    expect(earlierLengths(fishOf(first, second))).toEqual([321]);
    const amended = measured('total', 335, { at: at('12:12'), amends: second.id, written: at('12:20') });
    expect(earlierLengths(fishOf(first, second, amended))).toEqual([321, 330]);
    const struck = anEntry('log.struck', idOf('m'), {}, { strikes: second.id, at: at('12:30') });
    expect(earlierLengths(fishOf(first, second, struck))).toEqual([330]);
  });
});
