import type { Recipe } from '../recipe.ts';
import { alone, besideIt, forDish, forPlate, hand, taste } from './write.ts';

/** More that stands beside it: grains, potatoes, greens, bread, and sauces for lean and for oily fish. */
export const MORE_BESIDE: readonly Recipe[] = [
  besideIt('side', {
    id: 'couscous',
    name: 'Couscous with lemon',
    says: 'Hot water over it, a lid, a fork.',
    ingredients: [
      forPlate('couscous', 65, 'g', 'gluten'),
      forPlate('water', 80, 'ml'),
      forPlate('lemon', 0.2, 'piece'),
      forPlate('oil', 6, 'ml'),
      taste('salt'),
    ],
    steps: [
      alone('boil', 'Water boils', 6, 'Salted.', { place: 'ring', in: 'pot' }),
      alone('swell', 'It swells', 6, 'Poured over, lid on, beside the heat.', { waits: 2 }),
      hand('fork', 'Loosen it', 2, 'With a fork; oil, lemon.', { waits: 15 }),
    ],
    stands: 20,
    spoils: 0.5,
  }),
  besideIt('side', {
    id: 'mashed-potatoes',
    name: 'Mashed potatoes',
    says: 'Floury potatoes, hot milk, butter.',
    ingredients: [
      forPlate('floury potatoes', 240),
      forPlate('milk', 40, 'ml', 'milk'),
      forPlate('butter', 12, 'g', 'milk'),
      taste('salt'),
    ],
    steps: [
      hand('peel', 'Peel and quarter', 3, 'All pieces alike.', { perPlate: 1, after: [] }),
      alone('boil', 'Potatoes', 22, 'From cold salted water, at a simmer until a knife goes in.', {
        place: 'ring',
        in: 'pot',
      }),
      hand('mash', 'Mash', 4, 'Steam them dry, mash them, then hot milk and butter.', {
        in: 'pot',
        perPlate: 0.5,
        waits: 3,
      }),
    ],
    stands: 20,
    spoils: 0.6,
  }),
  besideIt('side', {
    id: 'roast-potatoes',
    name: 'Potatoes from the oven',
    says: 'Boiled a little, roughed up, roasted in hot fat.',
    ingredients: [forPlate('floury potatoes', 240), forPlate('oil', 15, 'ml'), taste('salt')],
    steps: [
      hand('peel', 'Peel and quarter', 3, 'In pieces as large as an egg.', { perPlate: 1, after: [] }),
      alone('boil', 'Boil them a little', 12, 'From cold salted water, until their edges are soft.', {
        place: 'ring',
        in: 'pot',
      }),
      hand('shake', 'Drain and shake', 2, 'Until their edges are rough.', { in: 'pot', waits: 3 }),
      alone('hot', 'Oven hot', 20, '200°, the tray with its oil in it. Hot oil spits: lay them in away from you.', {
        place: 'oven',
        after: [],
      }),
      alone('roast', 'Potatoes', 40, 'Turned once.', {
        place: 'oven',
        in: 'tray',
        after: ['shake', 'hot'],
        waits: 15,
      }),
    ],
    stands: 20,
    spoils: 1,
  }),
  besideIt('side', {
    id: 'potato-salad',
    name: 'Warm potato salad',
    says: 'Sliced while hot, with vinegar and broth.',
    ingredients: [
      forPlate('waxy potatoes', 220),
      forPlate('vinegar', 8, 'ml', 'sulphites'),
      forPlate('oil', 10, 'ml'),
      forPlate('onion', 15),
      forDish('mustard', 6, 'g', 'mustard'),
      taste('salt'),
    ],
    steps: [
      alone('boil', 'Potatoes', 24, 'Skin on, in salted water, until a knife goes in.', { place: 'ring', in: 'pot' }),
      hand('slice', 'Peel and slice', 4, 'While they are hot; a cloth in the hand.', { perPlate: 1, waits: 10 }),
      hand('dress', 'Dress', 3, 'Vinegar and mustard first, oil last.', { waits: 5 }),
    ],
    stands: 90,
    spoils: 0.2,
  }),
  besideIt('side', {
    id: 'greens',
    name: 'Greens in garlic',
    says: 'Leaves that fall together in a minute.',
    ingredients: [forPlate('chard or spinach', 120), forPlate('oil', 6, 'ml'), forPlate('garlic', 1.5), taste('salt')],
    steps: [
      hand('wash', 'Wash the greens', 4, 'Twice, for the sand. Cut the stalks small.', { perPlate: 0.5, after: [] }),
      hand('wilt', 'Greens', 4, 'Garlic in oil until it smells, stalks, then leaves.', {
        place: 'ring',
        in: 'pot',
        perPlate: 0.25,
        waits: 120,
      }),
    ],
    stands: 6,
    spoils: 2,
  }),
  besideIt('side', {
    id: 'slaw',
    name: 'Cabbage and apple slaw',
    says: 'Sharp and crisp, for what is fried or smoked.',
    ingredients: [
      forPlate('white cabbage', 70),
      forPlate('apple', 0.25, 'piece'),
      forPlate('yoghurt', 20, 'g', 'milk'),
      forPlate('vinegar', 4, 'ml', 'sulphites'),
      taste('salt'),
    ],
    steps: [
      hand('cut', 'Cut the cabbage', 4, 'As thin as it can be cut; salt it.', { perPlate: 0.75 }),
      alone('draw', 'It softens', 15, 'In its salt.', {}),
      hand('dress', 'Dress', 3, 'Press it out; apple, yoghurt, vinegar.', { waits: 60 }),
    ],
    stands: 60,
    spoils: 0.3,
  }),
  besideIt('side', {
    id: 'soda-bread',
    name: 'Soda bread',
    says: 'No yeast, no waiting: into the oven as soon as it is mixed.',
    ingredients: [
      forPlate('flour', 90, 'g', 'gluten'),
      forPlate('buttermilk', 65, 'ml', 'milk'),
      forPlate('baking soda', 1),
      taste('salt'),
    ],
    steps: [
      alone('hot', 'Oven hot', 20, '220°.', { place: 'oven', after: [] }),
      hand('mix', 'Mix the dough', 6, 'Only until it holds. A cross cut deep into it.', { after: [] }),
      alone('bake', 'Bread', 30, 'Until it sounds hollow when it is tapped below.', {
        place: 'oven',
        in: 'tray',
        after: ['hot', 'mix'],
        waits: 5,
      }),
      alone('cool', 'It cools', 15, 'In a cloth, for a soft crust.'),
    ],
    stands: 240,
    spoils: 0.1,
  }),
  besideIt('sauce', {
    id: 'white-wine-sauce',
    name: 'White wine and shallot',
    says: 'For lean fish: wine boiled down, butter, chives.',
    ingredients: [
      forPlate('white wine', 40, 'ml', 'sulphites'),
      forPlate('shallot', 10),
      forPlate('butter', 15, 'g', 'milk'),
      forPlate('chives', 2),
    ],
    steps: [
      hand('cut', 'Cut shallot and chives', 3, 'Fine.', { perPlate: 0.25, after: [] }),
      alone('reduce', 'Wine boils down', 6, 'With the shallot, to a third.', { place: 'ring', in: 'pot' }),
      hand('beat', 'Beat in the butter', 3, 'Cold, off the boil; chives last.', {
        place: 'ring',
        in: 'pot',
        waits: 10,
      }),
    ],
    stands: 8,
    spoils: 3,
  }),
  besideIt('sauce', {
    id: 'gooseberry',
    name: 'Gooseberries, sharp',
    says: 'For oily fish: their acid cuts its fat.',
    ingredients: [forPlate('gooseberries', 50), forPlate('sugar', 5), forPlate('ginger', 1)],
    steps: [
      alone('soft', 'Gooseberries', 8, 'In a spoon of water, lid on, until they burst.', { place: 'ring', in: 'pot' }),
      hand('stir', 'Stir them', 2, 'Sugar only until it no longer bites.', { in: 'pot', waits: 30 }),
    ],
    stands: 120,
    spoils: 0.1,
  }),
  besideIt('sauce', {
    id: 'yoghurt-cucumber',
    name: 'Yoghurt and cucumber',
    says: 'Cold, for what comes from the grill or the oil.',
    ingredients: [
      forPlate('yoghurt', 50, 'g', 'milk'),
      forPlate('cucumber', 40),
      forPlate('mint', 2),
      forDish('garlic', 3),
      taste('salt'),
    ],
    steps: [
      hand('grate', 'Grate the cucumber', 3, 'Salt it and press it out.', { perPlate: 0.25 }),
      hand('stir', 'Stir it together', 2, 'In the fridge until it is served.', { waits: 60 }),
    ],
    stands: 120,
    spoils: 0.1,
  }),
];
