import type { Recipe } from '../recipe.ts';
import { alone, besideIt, forDish, forPlate, hand, taste } from './write.ts';

/** What stands beside it. */
export const BESIDE: readonly Recipe[] = [
  besideIt('side', {
    id: 'new-potatoes',
    name: 'New potatoes',
    says: 'In salted water, steamed dry, butter.',
    ingredients: [forPlate('new potatoes', 225), forPlate('butter', 8, 'g', 'milk'), forDish('salt', 20)],
    steps: [
      hand('scrub', 'Scrub the potatoes', 3, 'Skin on.', { perPlate: 0.75 }),
      alone('water', 'Salted water to the boil', 9, 'To cover them.', { place: 'ring', after: [] }),
      alone('boil', 'Potatoes', 20, 'At a simmer until a knife goes in.', {
        place: 'ring',
        after: ['scrub', 'water'],
        waits: 20,
      }),
      alone('dry', 'Steam dry', 4, 'Poured off, lid off, beside the heat.', { waits: 0 }),
      hand('butter', 'Butter', 1, 'Shake them in it.', { waits: 8 }),
    ],
    stands: 12,
  }),
  besideIt('side', {
    id: 'peas-fennel',
    name: 'Peas and fennel',
    says: 'Fennel soft, peas just hot.',
    ingredients: [
      forPlate('peas, podded', 70),
      forPlate('fennel', 60),
      forPlate('butter', 6, 'g', 'milk'),
      taste('salt'),
    ],
    steps: [
      hand('pod', 'Pod peas, slice fennel', 4, 'As thin as a coin.', { perPlate: 1 }),
      alone('soft', 'Fennel soft', 9, 'Low, lid on, in the butter.', { place: 'ring', waits: 60 }),
      alone('peas', 'Peas in', 3, 'With a spoon of water.', { place: 'ring', waits: 0 }),
    ],
    stands: 6,
    spoils: 2,
  }),
  besideIt('side', {
    id: 'oven-roots',
    name: 'Roots from the oven',
    says: 'They can wait in the oven.',
    ingredients: [forPlate('carrots', 90), forPlate('beetroot', 90), forPlate('oil', 10, 'ml'), taste('salt')],
    steps: [
      alone('hot', 'Oven hot', 15, '200°.', { place: 'oven', after: [] }),
      hand('cut', 'Cut the roots', 4, 'In fingers, all alike.', { perPlate: 1, after: [] }),
      alone('roast', 'Roots', 40, 'Turned once.', { place: 'oven', after: ['hot', 'cut'], waits: 20 }),
    ],
    stands: 40,
    spoils: 0.3,
  }),
  besideIt('side', {
    id: 'chips-twice',
    name: 'Potatoes fried twice',
    says: 'First at 140° soft, then at 180° crisp; an hour may lie between.',
    ingredients: [forPlate('floury potatoes', 250), forDish('oil to fry', 2000, 'ml'), taste('salt')],
    steps: [
      hand('cut', 'Cut and rinse', 5, 'As thick as a finger; rinse, and dry them well.', { perPlate: 1 }),
      alone('warm', 'Oil to 140°', 8, 'No more than half up the pot; lid at hand; never water on burning oil.', {
        place: 'ring',
        after: [],
      }),
      hand('first', 'Fry at 140°', 7, 'Until soft and still pale.', {
        place: 'ring',
        after: ['cut', 'warm'],
        perPlate: 1,
        waits: 15,
      }),
      alone('cool', 'They cool', 15, 'Spread out.', { waits: 0 }),
      alone('hot', 'Oil to 180°', 5, 'Read it.', { place: 'ring' }),
      hand('second', 'Fry at 180°', 3, 'Until gold; few at a time.', { place: 'ring', perPlate: 0.5, waits: 5 }),
    ],
    stands: 4,
    spoils: 6,
  }),
  besideIt('side', {
    id: 'rice',
    name: 'Rice',
    says: 'Washed, boiled in as much water as it absorbs, not stirred.',
    ingredients: [forPlate('rice', 75), forPlate('water', 115, 'ml'), taste('salt')],
    steps: [
      hand('wash', 'Wash the rice', 3, 'Until the water is clear.'),
      alone('boil', 'Rice', 12, 'Low, lid on; do not look.', { place: 'ring', waits: 60 }),
      alone('stand', 'It stands', 10, 'Off the heat, lid on.', { waits: 0 }),
    ],
    stands: 25,
    spoils: 0.4,
  }),
  besideIt('side', {
    id: 'green-salad',
    name: 'Green leaves, cider dressing',
    says: 'Dressed when the fish is on the plate.',
    ingredients: [
      forPlate('leaves', 40),
      forPlate('oil', 10, 'ml'),
      forPlate('cider vinegar', 4, 'ml', 'sulphites'),
      forDish('mustard', 4, 'g', 'mustard'),
    ],
    steps: [
      hand('wash', 'Wash the leaves', 4, 'And dry them.', { perPlate: 0.5 }),
      hand('dress', 'Dress', 2, 'At the last minute.', { waits: 120 }),
    ],
    stands: 4,
    spoils: 3,
  }),
  besideIt('side', {
    id: 'flatbread',
    name: 'Flatbread on the grill',
    says: 'Dough of a quarter of an hour, two minutes of fire.',
    ingredients: [
      forPlate('flour', 80, 'g', 'gluten'),
      forPlate('yoghurt', 60, 'g', 'milk'),
      forPlate('baking powder', 2),
      taste('salt'),
    ],
    steps: [
      hand('knead', 'Mix and knead', 6, 'Just until it holds.', { perPlate: 0.5 }),
      alone('rests', 'Dough rests', 15, 'Covered.'),
      hand('bake', 'Bake', 3, 'A minute a side. Outdoors only.', { place: 'grill', perPlate: 1, waits: 60 }),
    ],
    stands: 12,
    spoils: 2,
  }),
  besideIt('sauce', {
    id: 'sorrel-butter',
    name: 'Sorrel butter',
    says: 'Butter that holds together, sharp with sorrel.',
    ingredients: [
      forPlate('butter', 20, 'g', 'milk'),
      forPlate('sorrel', 12),
      forPlate('white wine', 10, 'ml', 'sulphites'),
    ],
    steps: [
      alone('reduce', 'Wine to a spoon', 4, 'Boiled down.', { place: 'ring' }),
      hand(
        'beat',
        'Beat in the butter',
        4,
        'Cold, piece by piece, off the boil; sorrel last. Only where you know the leaf; not for bad kidneys.',
        {
          place: 'ring',
          waits: 5,
        },
      ),
    ],
    stands: 6,
    spoils: 4,
  }),
  besideIt('sauce', {
    id: 'caper-mayonnaise',
    name: 'Caper mayonnaise',
    says: 'Of a hard-boiled yolk and a raw one: not for those at risk.',
    ingredients: [
      forDish('egg', 2, 'piece', 'eggs'),
      forPlate('oil', 35, 'ml'),
      forPlate('capers', 6),
      forDish('mustard', 5, 'g', 'mustard'),
      taste('lemon juice'),
    ],
    steps: [
      alone('boil', 'One egg hard', 9, 'From the boil, then in cold water.', { place: 'ring' }),
      hand(
        'beat',
        'Beat the mayonnaise',
        9,
        'The hard yolk crushed into the raw one; oil drop by drop, then in a thread; capers last. In the fridge until it is served, an hour on the table at most. A raw egg is not for the pregnant, the old, the small and the weak.',
      ),
    ],
    stands: 240,
    spoils: 0.1,
  }),
  besideIt('sauce', {
    id: 'green-sauce',
    name: 'Green sauce of the shore',
    says: 'Parsley, sea beet and vinegar, pounded.',
    ingredients: [
      forPlate('parsley', 8),
      forPlate('sea beet', 15),
      forPlate('oil', 15, 'ml'),
      forPlate('vinegar', 5, 'ml', 'sulphites'),
      forDish('garlic', 4),
    ],
    steps: [
      hand(
        'pound',
        'Pound the sauce',
        7,
        'Salt and garlic first, leaves, then oil. Sea beet only where you know the leaf: arum grows beside it, and is poison. Its oxalate is not for bad kidneys.',
      ),
    ],
    stands: 180,
    spoils: 0.1,
  }),
];
