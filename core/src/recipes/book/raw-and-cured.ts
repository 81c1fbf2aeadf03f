import type { Recipe } from '../recipe.ts';
import { alone, fishDish, forDish, forFish, forPlate, hand, taste } from './write.ts';

/** Raw, or raw in the middle: only where the verdict allows it. */
export const RAW_AND_CURED: readonly Recipe[] = [
  fishDish({
    id: 'slices-radish',
    name: 'Raw slices, radish and dulse',
    method: 'raw slices',
    says: 'Cold slices as thick as a pencil, something sharp and something of the shore.',
    ingredients: [
      forFish('radishes', 25),
      forFish('dried dulse', 1.5),
      forPlate('soy sauce', 8, 'ml', 'soya', 'gluten'),
      forPlate('horseradish', 3),
    ],
    steps: [
      hand(
        'look',
        'Look it through',
        2,
        'Hold each piece against the light. A worm is a coil as fine as a thread, clear, white or brown: one is enough to cook all of it. Most are not seen, so looking is no freezing.',
        { perPlate: 0.5 },
      ),
      hand('slice', 'Slice', 3, 'Across the grain, cold from the fridge, with one long draw of the knife.', {
        perPlate: 1.5,
        waits: 10,
      }),
      hand('lay', 'Lay out', 2, 'On cold plates with the radish; dulse and horseradish last.', { waits: 5 }),
    ],
    stands: 10,
    spoils: 6,
  }),
  fishDish({
    id: 'citrus-fennel',
    name: 'In lime with fennel and orange',
    method: 'in citrus',
    fat: 'lean',
    says: 'Small pieces of lean fish that lime turns white from the outside.',
    ingredients: [
      forFish('lime juice', 25, 'ml'),
      forFish('fennel', 30),
      forFish('orange', 30),
      forFish('red onion', 10),
      forFish('salt', 1),
      taste('green chilli'),
    ],
    steps: [
      hand('dice', 'Dice the fish', 4, 'In pieces of 10 mm, all alike; salt them, and wait five minutes.', {
        perPlate: 1,
      }),
      alone('salted', 'It lies in its salt', 5, 'In the fridge.'),
      hand('pour', 'Lime over it', 1, 'Juice to cover; turn it once.', { waits: 3 }),
      alone('lies', 'It turns white', 15, 'A quarter of an hour leaves a clear middle. It kills no worms.', {
        waits: 0,
      }),
      hand('mix', 'Fennel, orange, onion', 4, 'Sliced as thin as they go, drained, mixed in.', { waits: 0 }),
    ],
    stands: 10,
    spoils: 6,
  }),
  fishDish({
    id: 'salt-beet',
    name: 'Salted with beetroot',
    method: 'in salt',
    fat: 'oily',
    cuts: ['fillet'],
    says: 'A day and a half under salt, sugar and grated beetroot; then slices like paper.',
    ingredients: [
      forFish('salt', 5),
      forFish('sugar', 3),
      forFish('beetroot', 20),
      forFish('dill', 3),
      forDish('black pepper', 2),
    ],
    steps: [
      hand('rub', 'Salt it', 6, 'Salt, sugar and pepper on all sides, beetroot and dill over it, skin below.', {
        perPlate: 0.5,
      }),
      alone('lies', 'It lies in the fridge', 2160, 'A day and a half at 3° or colder; turn it and pour off nothing.'),
      hand(
        'wipe',
        'Wipe and slice',
        6,
        'Wipe it dry, slice it slantwise off the skin. Until then in the fridge; eaten the same day.',
        { perPlate: 1, waits: 600 },
      ),
    ],
    stands: 30,
    spoils: 0.5,
    leadsTo: [],
  }),
  fishDish({
    id: 'seared-sesame',
    name: 'Seared in sesame',
    method: 'seared',
    fat: 'oily',
    cuts: ['steak', 'portion'],
    says: 'A rim of crust, the middle as it came. It counts as raw.',
    ingredients: [
      forFish('sesame', 6, 'g', 'sesame'),
      forFish('oil', 3, 'ml'),
      forPlate('soy sauce', 8, 'ml', 'soya', 'gluten'),
      forPlate('spring onion', 10),
    ],
    steps: [
      hand('coat', 'Coat it', 3, 'Dry it well, press it into the sesame on all sides.', { perPlate: 0.5 }),
      alone('hot', 'Pan hot', 4, 'Until a drop of water dances.', { place: 'ring', after: [] }),
      {
        ...hand('cook', 'Sear', 0, 'By the clock on each side; no longer.', {
          place: 'ring',
          waits: 0,
          after: ['coat', 'hot'],
        }),
        takes: 'cook',
      },
      hand('slice', 'Slice', 2, 'Across, as thick as a finger.', { waits: 3 }),
    ],
    stands: 4,
    spoils: 6,
    leadsTo: [],
  }),
  fishDish({
    id: 'cold-smoked',
    name: 'Smoked cold over alder',
    method: 'cold smoke',
    fat: 'oily',
    cuts: ['fillet'],
    says: 'Salted for a day and a half, dried in the fridge, then four hours of cool smoke. It counts as raw.',
    ingredients: [forFish('salt', 4), forFish('sugar', 2), forFish('alder dust', 15)],
    steps: [
      hand('salt', 'Salt it', 4, 'On all sides, in the fridge.', { perPlate: 0.5 }),
      alone(
        'lies',
        'It lies in salt',
        2160,
        'A day and a half in the fridge, pieces no thicker than 20 mm: salt to the middle.',
      ),
      hand('wipe', 'Wipe and hang', 5, 'Wiped, not rinsed.', { perPlate: 0.5, waits: 120 }),
      alone('dry', 'It dries', 120, 'On a rack in the fridge, uncovered, until it shines.', { waits: 0 }),
      alone('smoke', 'Cool smoke', 240, 'Under 15° all of the time, outdoors: read it, and stop where it is warmer.', {
        waits: 30,
      }),
      alone('cold', 'It cools', 120, 'At once into the fridge, at 3° or colder.', { waits: 0 }),
      hand('slice', 'Slice', 4, 'Slantwise, like paper. Eaten within two days.', { perPlate: 0.5, waits: 1440 }),
    ],
    stands: 30,
    spoils: 0.5,
    leadsTo: [],
  }),
];
