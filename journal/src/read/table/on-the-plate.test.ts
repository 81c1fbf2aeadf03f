import { expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf } from '../../builders.test-support.ts';
import { Book, type DinnerDish, wholeOnPlate } from '../../index.ts';

const byId = (id: string | null) => (id === 'pollack' ? POLLACK : null);
const pack = (word: string, species: string) =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      ...{ number: 1, what: word, species, form: 'gutted', massG: 1700, pieces: 2 },
      ...{ wrapping: 'cloth', place: 'fridge', fish: [] },
    } as never,
    { at: at('18:00') },
  );
const book = Book.EMPTY.withEntries([pack('a', 'pollack'), pack('b', 'nobody knows')]);
const dish = (cut: string, of = 'a'): DinnerDish =>
  ({ id: 'fish', packs: [{ pack: idOf(of), massG: 1700 }], fire: { piece: { cut }, pieces: 2 } }) as never;
const plate = (d: DinnerDish, plates: number) =>
  wholeOnPlate({ book, species: byId }, { eaters: Array(plates).fill('x') as string[], guests: 0 }, d);

test('whole fish go round the plates by their cooked meat; pieces and the unnamed are not taken apart', () => {
  const two = plate(dish('whole'), 2)!;
  expect(two).toMatchObject({ species: POLLACK, fish: 2, plates: 2, shares: { perFish: 1, partsASide: 1 } });
  // Two gutted pollack of 1.7 kg hold some 760 g of meat; cooked it weighs 15 to 25 in 100 less, for two.
  expect(two.shares.plateG.high).toBeCloseTo(((1700 / 0.85) * 0.38 * 0.85) / 2, -1);
  expect(two.shares.plateG.low).toBeLessThan(two.shares.plateG.high);
  expect(plate(dish('whole'), 6)!.shares).toMatchObject({ perFish: 3, partsASide: 2 });
  expect(plate(dish('fillet'), 2)).toBeNull();
  expect(plate(dish('whole', 'b'), 2)).toBeNull();
  expect(plate(dish('whole'), 0)).toBeNull();
  expect(plate({ ...dish('whole'), fire: null }, 2)).toBeNull();
});
