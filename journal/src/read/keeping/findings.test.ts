import { describe, expect, test } from '@jest/globals';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import {
  Book,
  custodyOf,
  type Entry,
  foundInPack,
  foundOnCuts,
  freshnessOfFish,
  heldPack,
  isNotToEat,
  stomachsOf,
  whyNotToEat,
} from '../../index.ts';

const CUT = idOf('cut');
const PACK = idOf('pack');
const byId = (id: string | null | undefined) =>
  id ? aSpecies({ id, name: id, fat: 'lean', keeping: 'lean white', iceDays: 10 }) : null;
const finding = (of: 'worms' | 'gut' | 'smell' | 'stomach', is: string, time = '18:10', cut = CUT): Entry =>
  anEntry('cut.finding', cut, { of, is }, { at: at(time) });
const begin: Entry[] = [
  tripStarted(),
  landed('a', '12:00'),
  anEntry('fish.dispatched', idOf('a'), { how: 'brain spike', signsSeen: true }, { at: at('12:01') }),
  anEntry('fish.bled', idOf('a'), { cut: 'both gills', medium: 'sea-water bucket' }, { at: at('12:02') }),
  anEntry('fish.iced', idOf('a'), { box: idOf('box'), how: 'slurry' }, { at: at('12:20') }),
  anEntry('cut.started', CUT, { fish: [idOf('a')], route: 'fillet from the tail', by: TOMAS }, { at: at('18:00') }),
];
const pack = anEntry(
  'pack.stored',
  PACK,
  {
    number: 1,
    what: 'Pollack',
    species: 'pollack',
    form: 'fillets',
    massG: 300,
    wrapping: 'cloth',
    place: 'fridge',
    fish: [idOf('a')],
    cut: CUT,
  },
  { at: at('18:30') },
);
const book = (...more: Entry[]): Book => Book.EMPTY.withEntries([...begin, ...more]);
const used = (b: Book, time: string): number =>
  freshnessOfFish({ book: b, species: byId, nowMs: Date.parse(at(time)) }, idOf('a'))!.used;

describe('what was found on the board follows the fish', () => {
  test('a pierced gut shortens its time from then on, and the past is not rewritten', () => {
    const [clean, pierced] = [book(), book(finding('gut', 'pierced'))];
    expect(used(pierced, '18:05')).toBeCloseTo(used(clean, '18:05'), 12);
    expect(used(pierced, '20:00')).toBeCloseTo(used(clean, '20:00') / 0.6, 6);
  });

  test('noted at sea and on the board it counts once; a rinse in fresh water counts a little', () => {
    const atSea = anEntry(
      'fish.dispatched',
      idOf('a'),
      { how: 'brain spike', signsSeen: true, gutPierced: true },
      { at: at('12:01') },
    );
    const twice = Book.EMPTY.withEntries([
      ...begin.filter((e) => e.kind !== 'fish.dispatched'),
      atSea,
      finding('gut', 'pierced'),
    ]);
    expect(used(twice, '20:00')).toBeCloseTo(used(book(), '20:00') / 0.6, 6);
    const rinsed = book(anEntry('cut.stepped', CUT, { step: 'rinsed in fresh water' }, { at: at('18:03') }));
    expect(used(rinsed, '20:00')).toBeCloseTo(used(book(), '20:00') / 0.9, 6);
  });

  test('it goes with the pack: worms say cook through, a rotten smell that it is not eaten', () => {
    const day = (iso: string): string => iso.slice(0, 10);
    const held = (...more: Entry[]) => {
      const b = book(pack, ...more);
      return heldPack({ book: b, species: byId, day, nowMs: Date.parse(at('20:00')) }, b.get('pack', PACK)!)!;
    };
    expect(held(finding('worms', 'round worms')).found).toMatchObject({ cook: true, bin: [] });
    expect(isNotToEat(held(finding('worms', 'round worms')))).toBe(false);
    const bad = held(finding('smell', 'sour or rotten'));
    expect(isNotToEat(bad)).toBe(true);
    expect(whyNotToEat(bad)).toMatch(/smells spoilt/);
    expect(whyNotToEat(held())).toBeNull();
  });

  test('of a struck cut, or a struck find, nothing follows', () => {
    const find = finding('worms', 'tapeworm');
    const strike = (e: Entry) => anEntry('log.struck', e.subject, {}, { strikes: e.id, at: at('19:00') });
    const pierced = finding('gut', 'pierced');
    expect(foundInPack(book(pack, find, strike(find)), book(pack).get('pack', PACK)!).finds).toEqual([]);
    const gone = book(pierced, strike(begin.at(-1)!));
    expect(foundOnCuts(custodyOf(gone, idOf('a'))!.cuts).finds).toEqual([]);
    expect(used(gone, '20:00')).toBeCloseTo(used(book(strike(begin.at(-1)!)), '20:00'), 9);
  });
});

test('what they had eaten: a cut counts once, by place and month; what was not looked into counts nowhere', () => {
  const other = idOf('other cut');
  const b = book(
    finding('stomach', 'sand eels'),
    finding('stomach', 'sand eels', '18:11'),
    finding('stomach', 'crabs', '18:12'),
    landed('b', '13:00'),
    anEntry('cut.started', other, { fish: [idOf('b')], route: 'gutted whole', by: TOMAS }, { at: at('18:20') }),
    finding('stomach', 'sand eels', '18:21', other),
    landed('c', '13:30'),
    anEntry('cut.started', idOf('third'), { fish: [idOf('c')], route: 'gutted whole', by: TOMAS }, { at: at('18:30') }),
  );
  expect(stomachsOf(b, 'pollack')).toEqual({
    looked: 2,
    prey: [
      { is: 'sand eels', n: 2, zones: [['north-skerries', 2]], months: [9] },
      { is: 'crabs', n: 1, zones: [['north-skerries', 1]], months: [9] },
    ],
  });
  expect(stomachsOf(b, 'cod')).toEqual({ looked: 0, prey: [] });
});
