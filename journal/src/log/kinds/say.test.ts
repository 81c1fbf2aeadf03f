import { expect, test } from '@jest/globals';
import { METRIC } from '@dagboek/core/units';
import { RECIPES } from '@dagboek/core/recipes';
import { aDish } from '../../any-history.test-support.ts';
import { anEntry, idOf, ILSE, landed, TOMAS, TRIP, wholeLine } from '../../builders.test-support.ts';
import { sayEntry } from '../../index.ts';

const fish = idOf('a');

test('every entry of a line can be said in a sentence', () => {
  const names = {
    units: METRIC,
    member: (id: string) => ({ [ILSE]: 'Ilse', [TOMAS]: 'Tomas' })[id] ?? 'someone',
    species: () => 'Pollack',
    box: () => 'the blue box',
    store: () => 'the chest',
    zone: () => 'North Skerries',
  };
  expect(wholeLine().map((e) => sayEntry(e, names))).toEqual([
    'Left for North Skerries: Ilse and Tomas. 9 kg of ice.',
    'Landed: Pollack, rod. Caught by Ilse.',
    'Length 44.0 cm, on the board.',
    'Weight 790 g, by the scale.',
    'Killed, brain spike; signs of a clean kill seen.',
    'Bled, both gills cut, sea-water bucket.',
    'Onto ice: slurry, the blue box.',
    'Onto the board: fillet from the tail, by Tomas.',
    'Whole: 790 g.',
    'Gutted: 668 g.',
    'Fillets: 322 g.',
    'Trimmed: 276 g.',
    'Pack 84: Pollack, 2 fillets, 276 g, cloth, into the fridge.',
    'Pollack on thyme, roasted, cooked by Tomas for Ilse and Tomas.',
  ]);
  const say = (kind: Parameters<typeof anEntry>[0], facts: never): string =>
    sayEntry(anEntry(kind, fish, facts), names);
  expect(say('fish.landed', { trip: TRIP, angler: ILSE, count: 8 } as never)).toBe('8 landed. Caught by Ilse.');
  expect(say('fish.bled', { cut: 'none' } as never)).toBe('Not bled.');
  expect(say('fish.released', { reason: 'too short', state: 'swam off' } as never)).toBe(
    'Let go: too short; swam off.',
  );
  expect(say('meal.rated', { eater: ILSE, mark: 4.5 } as never)).toBe('Ilse gave it 4.5 of 5.');
  expect(say('book.opened', { name: 'Log', waters: 'w', from: 'shore' } as never)).toBe('Log, from the shore.');
  expect(say('member.joined', { name: 'Ilse', role: 'skipper' } as never)).toBe('Ilse: skipper.');
  expect(say('box.added', { name: 'the deck tub', litres: 20 } as never)).toBe('The deck tub, 20 l.');
  expect(say('pack.moved', { place: 'fridge' } as never)).toContain('thaw');
  expect(sayEntry({ ...landed('a', '12:00'), kind: 'fish.sung' }, names)).toContain('fish.sung');
});

test.each<[Parameters<typeof anEntry>[0], object, string]>([
  ['trip.moved', { zone: 'outer-bank', by: 'by hand' }, 'Moved to outer-bank.'],
  ['trip.moved', { zone: 'outer-bank', by: 'position source' }, 'Moved to outer-bank, by the position source.'],
  ['fish.pictured', { photo: 'a'.repeat(64), width: 4, height: 3 }, 'Picture taken.'],
  [
    'fish.pictured',
    { photo: 'a'.repeat(64), width: 4, height: 3, reading: {} },
    'Picture taken, with a board to measure by.',
  ],
  [
    'fish.measured',
    { lengthMm: 407, lengthKind: 'total', method: 'photo', sdMm: 9 },
    'Length 40.7 cm, from a picture, good to 0.9 cm.',
  ],
  [
    'fish.measured',
    { lengthMm: 300, longestMm: 360, lengthKind: 'fork', method: 'mat' },
    'Length 30.0 to 36.0 cm fork length, on the mat.',
  ],
  ['fish.reported', { rule: 'r', to: 'the warden' }, 'Reported to the warden.'],
  [
    'fish.landed',
    { trip: TRIP, angler: ILSE, count: 1, gear: 'rod', origin: 'stocked' },
    'Landed, rod, stocked. Caught by ilse.',
  ],
  ['box.filled', { kg: 2.27, typed: { kg: '5 lb' } }, '2.27 kg of ice added (typed 5 lb).'],
  ['box.looked', { ice: 'half' }, 'Under the lid: half the ice.'],
  ['box.filled', { kg: 6, seaL: 3 }, '6 kg of ice added, with 3 l of sea water.'],
  ['box.weighed', { kg: 4.5 }, 'Ice weighed: 4.5 kg.'],
  ['box.drained', {}, 'Water drained.'],
  ['box.drained', { kg: 2 }, 'Water drained: 2 kg.'],
  ['box.read', { c: 3.5 }, 'Thermometer in the box: 3.5°.'],
  ['box.stands', { where: 'sun' }, 'Stands in the sun.'],
  ['box.tested', { iceKg: 4, leftKg: 2.2, hours: 12, airC: 20 }, 'Melt test: 2.2 kg of 4 kg left after 12 h in 20°.'],
  ['fish.moved', { box: 'blue', layer: 'top', how: 'slurry' }, 'Moved to blue, the top, slurry.'],
  ['fish.read', { c: 6 }, 'Thermometer in its middle: 6°.'],
  [
    'store.added',
    { name: 'the chest', is: 'freezer', setC: -22, litres: 180, standsFor: 'freezer' },
    'The chest: freezer, set to −22°, 180 l. What was in the freezer lies here.',
  ],
  ['store.added', { name: 'rail', is: 'ageing rack' }, 'Rail: ageing rack.'],
  ['store.read', { c: -15 }, 'Read: −15°.'],
  ['store.read', { c: 1.2, damp: 84 }, 'Read: 1.2°, 84 % damp.'],
  ['store.read', { c: -15, by: 'thermometer' }, 'Read by the thermometer: −15°.'],
  ['store.power', { is: 'off' }, 'Without current.'],
  ['store.power', { is: 'on' }, 'Power is back.'],
  ['store.retired', {}, 'No longer used.'],
  ['store.counted', { there: 3, missing: 0 }, 'Counted: 3 there, as in the book.'],
  ['store.counted', { there: 3, missing: 1 }, 'Counted: 3 there, 1 not found.'],
  ['store.tended', { did: 'ice' }, 'Drained, and ice added.'],
  [
    'day.planned',
    { day: '2026-09-12', fish: 'yes', home: [ILSE], guests: 2, packs: [{ pack: 'p' }], method: 'grilled' },
    'Saturday 12 September: fish. ilse at home, and 2 more. 1 pack for its meal, grilled.',
  ],
  ['day.planned', { day: '2026-09-12', fish: 'no' }, 'Saturday 12 September: no fish.'],
  ['day.planned', { day: '2026-09-12', fish: 'either' }, 'Saturday 12 September: nothing planned.'],
  ['day.planned', { day: '2026-09-12', fish: 'either', home: [] }, 'Saturday 12 September: Nobody at home.'],
  [
    'dinner.set',
    {
      serveAtMs: 1_789_236_000_000,
      dishes: [aDish(), aDish({ id: 'e', name: 'New potatoes' })],
      tasks: [],
      means: { hands: 1, rings: 2, ovens: 1, grills: 0 },
      cook: ILSE,
      eaters: [ILSE, TOMAS],
      guests: 1,
    },
    'Dinner planned: Pollack on thyme and New potatoes, for 3, cooked by ilse.',
  ],
  ['dinner.dishes', { dishes: [aDish({ name: 'Raw slices' })], tasks: [] }, 'Dishes of the dinner: Raw slices.'],
  ['dinner.without', { dish: 'd' }, 'A dish of the dinner is left out.'],
  ['dinner.put', { task: 'd/dry', startMs: 1_789_236_000_000 }, 'Step moved by hand: dry.'],
  ['dinner.put', { task: 'd/dry' }, 'Step dropped: dry.'],
  ['dinner.step', { task: 'd/dry', did: 'begun' }, 'Begun: dry.'],
  ['dinner.step', { task: 'd/dry', did: 'done' }, 'Done: dry.'],
  ['dinner.lasts', { task: 'd/dry', minutes: 12 }, 'dry takes 12 min.'],
  ['dinner.moved', { serveAtMs: 1_789_236_000_000 }, 'Serving time changed.'],
  ['dinner.read', { dish: 'd', c: 54 }, 'Middle read: 54°.'],
  ['dinner.ended', {}, 'Dinner cancelled.'],
  ['dinner.ended', { meal: 'm' }, 'Served.'],
  ['recipe.written', { recipe: { ...RECIPES[0]! } }, `Recipe written: ${RECIPES[0]!.name}.`],
  ['recipe.retired', {}, 'Recipe hidden.'],
  [
    'book.kitchen',
    { means: { hands: 2, rings: 4, ovens: 1, grills: 1 }, vessels: [] },
    'The kitchen: 2 at work, 4 rings, 1 in the oven, 1 on the grill; 0 pans and pots.',
  ],
  ['book.pantry', { has: [] }, 'Nothing is always in the house.'],
  ['book.pantry', { has: ['salt', 'oil'] }, 'Always in the house: salt and oil.'],
  ['meal.pictured', { photo: 'a'.repeat(64) }, 'Pictured.'],
  ['member.eats', { plates: 1 }, 'Eats 1 plate at a meal.'],
  [
    'member.eats',
    { plates: 0.5, dislikes: ['Eel'], allergic: ['Squid', 'Crab'], atRisk: true },
    'Eats 0.5 plates at a meal. Rather no eel. Must not eat squid and crab. At risk.',
  ],
  ['book.room', { massG: 1500 }, '1.50 kg should come out of the freezer in the planned days.'],
  ['book.room', { massG: 0 }, 'No freezer space is needed.'],
  ['pack.tended', { did: 'towel' }, 'Towel changed.'],
  ['pack.tended', { did: 'turn' }, 'Turned.'],
  ['pack.weighed', { massG: 380, pieces: 1 }, 'Weighed again: 380 g, 1 piece.'],
  ['pack.taken', { massG: 90, is: 'bait' }, 'Taken out: 90 g, for bait.'],
  ['pack.moved', { place: 'freezer', store: 's' }, 'Into the chest.'],
  [
    'trip.noted',
    { topic: 'ground', text: 'anchored', depthM: 36.58, typed: { depthM: '20 fathom' } },
    'Ground: anchored, 37 m (typed 20 fathom).',
  ],
  ['trip.noted', { topic: 'cost', text: 'fuel', cost: 28.4 }, 'Cost: fuel, 28.40.'],
  ['fish.named', { species: 'turbot', orElse: ['brill'] }, 'Named: turbot or brill.'],
  ['book.error', { method: 'tape', sdMm: 4 }, 'Lengths with the tape are good to 0.4 cm from now on.'],
  ['rule.set', { waters: 'w', rule: { sentence: 'No more than two.' } }, 'Rule written: No more than two.'],
  [
    'rules.added',
    { pack: { name: 'Far Lakes', version: '3' }, from: '2026-09-12' },
    'Rules read from a file: Far Lakes, 3, from 2026-09-12 on.',
  ],
  [
    'species.added',
    { pack: 'p', packName: 'Isles', species: { name: 'Bay eel' } },
    'Species added: Bay eel, with the pack Isles.',
  ],
  ['member.joined', { name: 'Wren', bornOn: '2012-05-31', licences: [] }, 'Wren. Born 2012-05-31. No licence.'],
  [
    'member.joined',
    { name: 'Ilse', licences: [{ name: 'lake permit', until: '2026-12-31' }] },
    'Ilse. Lake permit to 2026-12-31.',
  ],
  [
    'fish.measured',
    { lengthMm: 438.15, lengthKind: 'fork', method: 'tape', typed: { lengthMm: '17.25 in' } },
    'Length 43.8 cm fork length (typed 17.25 in), with the tape.',
  ],
  [
    'meal.served',
    {
      name: 'Pollack',
      method: 'steamed',
      cook: ILSE,
      eaters: [ILSE],
      packs: [
        { pack: fish, massG: 300.5, typed: { massG: '10.6 oz' } },
        { pack: fish, massG: 200 },
      ],
      coreC: 51.67,
      typed: { coreC: '125 °F' },
    },
    'Pollack, steamed, cooked by ilse for ilse; 51.7° in the middle (typed 125 °F); taken as 10.6 oz.',
  ],
])('%s %j is said as a person would say it', (kind, facts, says) => {
  const plain = (id: string): string => (id === ILSE ? 'ilse' : id);
  const names = { units: METRIC, member: plain, species: plain, box: plain, store: () => 'the chest', zone: plain };
  expect(sayEntry(anEntry(kind, fish, facts as never), names)).toBe(says);
});
