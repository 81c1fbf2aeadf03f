import type { Recipe } from '../recipe.ts';
import { alone, cook, fishDish, forDish, forFish, forPlate, hand, rest, taste } from './write.ts';

/** Salted water for what is soft and falls apart in a boil. */
const SALT_WATER = [forDish('water', 2000, 'ml'), forDish('salt', 36)];
const WATER_HOT = alone('hot', 'Water hot', 12, 'To 80°: it steams, and does not bubble.', {
  place: 'ring',
  after: [],
});
/** Dishes of what lies beside the fillets: cheeks, collars, roe, liver; and of squid. */
export const PARTS_OF_FISH: readonly Recipe[] = [
  fishDish({
    id: 'cheeks-butter',
    name: 'Cheeks in butter and parsley',
    method: 'pan',
    cuts: ['cheek'],
    says: 'The firmest bite of a large fish, two of them in each head.',
    ingredients: [
      forFish('butter', 12, 'g', 'milk'),
      forFish('flour', 4, 'g', 'gluten'),
      forFish('parsley', 4),
      forPlate('lemon', 0.25, 'piece'),
      taste('salt'),
    ],
    steps: [
      hand('dust', 'Trim, salt and dust', 4, 'Pull off the tough skin, feel for a splinter of bone; flour and shake.', {
        perPlate: 0.5,
        after: [],
      }),
      alone('hot', 'Butter foams', 4, 'Wait until the foam falls.', { place: 'ring', after: [] }),
      cook('ring', true, 'Not touching each other. Turn them once; parsley and lemon at the end.', {
        after: ['dust', 'hot'],
        waits: 5,
      }),
      rest('On a warm plate, its butter over it.'),
    ],
    leadsTo: [],
  }),
  fishDish({
    id: 'cheeks-cider',
    name: 'Cheeks and throat in cider and cream',
    method: 'simmer',
    cuts: ['cheek', 'collar'],
    says: 'Small pieces with gelatine in them, in a short sauce.',
    ingredients: [
      forFish('shallot', 10),
      forFish('butter', 6, 'g', 'milk'),
      forFish('dry cider', 40, 'ml', 'sulphites'),
      forFish('cream', 25, 'ml', 'milk'),
      forFish('chives', 2),
      taste('salt'),
    ],
    steps: [
      hand('shallot', 'Soften the shallot', 6, 'In butter, without colour.', {
        place: 'ring',
        perPlate: 0.5,
        after: [],
      }),
      alone('sauce', 'Cider and cream', 8, 'Boil the cider down by half, then the cream.', {
        place: 'ring',
        waits: 10,
      }),
      cook('ring', true, 'At a bare simmer, turned in the sauce.', { waits: 5 }),
      rest('In the sauce, off the heat; chives over it.'),
    ],
    stands: 10,
    spoils: 1.5,
    leadsTo: [],
  }),
  fishDish({
    id: 'collars-grilled',
    name: 'Collars on the grill, with salt and lemon',
    method: 'grill',
    cuts: ['collar'],
    says: 'The fattest flesh of the fish, eaten off the bone with fingers.',
    ingredients: [forFish('oil', 3, 'ml'), forFish('coarse salt', 1.2), forPlate('lemon', 0.5, 'piece')],
    steps: [
      hand('light', 'Light the grill', 5, 'Outdoors only, out of the wind.', { place: 'grill', after: [] }),
      alone('hot', 'Down to embers', 25, 'Grey all over.', { place: 'grill' }),
      hand('salt', 'Scale, dry and salt', 4, 'Scale the skin, cut off spines, dry it, salt both sides.', {
        perPlate: 1,
        after: [],
      }),
      cook('grill', true, 'Skin side down until it lets go by itself; then turn it. Fat drips: keep the flames down.', {
        after: ['salt', 'hot'],
        waits: 15,
      }),
      rest('On a board. Bones are left in it: say so at the table.'),
    ],
    stands: 8,
    spoils: 3,
    leadsTo: [],
  }),
  fishDish({
    id: 'roe-fried',
    name: 'Roe, poached and fried in slices',
    method: 'poach, from hot',
    cuts: ['roe'],
    says: 'Poached in its skin until firm, cooled, then browned in slices.',
    ingredients: [
      ...SALT_WATER,
      forFish('flour', 6, 'g', 'gluten'),
      forFish('butter', 10, 'g', 'milk'),
      forPlate('lemon', 0.25, 'piece'),
    ],
    steps: [
      hand(
        'wrap',
        'Rinse and wrap the roe',
        4,
        'Skin whole, each in paper tied at its ends, so that it does not burst.',
        {
          perPlate: 0.5,
          after: [],
        },
      ),
      WATER_HOT,
      cook('ring', false, 'Under the surface; the water never boils. Firm all through before it comes out.', {
        after: ['wrap', 'hot'],
        waits: 15,
      }),
      rest('In its paper.'),
      alone('cool', 'It cools', 15, 'Until it can be sliced. What is kept for another day goes into the fridge.'),
      hand('fry', 'Slice, flour and fry', 6, 'As thick as a finger, in butter, until both sides are brown.', {
        place: 'ring',
        in: 'pan',
        perPlate: 1,
        waits: 60,
      }),
    ],
    stands: 5,
    spoils: 3,
    leadsTo: [],
  }),
  fishDish({
    id: 'liver-toast',
    name: 'Liver on toast, with lemon and onion',
    method: 'poach, from hot',
    cuts: ['liver'],
    says: 'A little of it, rich as butter, mashed with lemon.',
    ingredients: [
      ...SALT_WATER,
      forFish('milk', 60, 'ml', 'milk'),
      forFish('onion', 12),
      forFish('lemon', 0.2, 'piece'),
      forPlate('bread', 60, 'g', 'gluten'),
      taste('pepper'),
    ],
    steps: [
      hand('look', 'Look it over', 4, 'Against the light: cut worms out, cut away what is green from the gall.', {
        perPlate: 0.5,
        after: [],
      }),
      alone('milk', 'It lies in milk', 30, 'In the fridge. Throw the milk away.'),
      WATER_HOT,
      cook('ring', false, 'Just under the surface, until it is firm and one colour where it is cut.', {
        after: ['milk', 'hot'],
        waits: 20,
      }),
      rest('On a cloth, drained.'),
      hand(
        'mash',
        'Mash, and toast the bread',
        6,
        'With lemon, raw onion and pepper. A spoonful for each slice is enough.',
        {
          perPlate: 0.5,
          waits: 20,
        },
      ),
    ],
    stands: 10,
    spoils: 2,
    leadsTo: [],
  }),
  fishDish({
    id: 'squid-rings',
    name: 'Squid rings, dredged and fried',
    method: 'dredge',
    cuts: ['tube'],
    says: 'In hot oil for less time than it takes to set the table.',
    ingredients: [
      forFish('flour', 8, 'g', 'gluten'),
      forFish('maize flour', 6),
      forFish('egg', 0.3, 'piece', 'eggs'),
      forDish('oil to fry', 1500, 'ml'),
      forPlate('lemon', 0.5, 'piece'),
      taste('salt'),
    ],
    steps: [
      hand('cut', 'Cut and dredge', 6, 'Rings of a finger’s width, arms whole, dry; flour, egg, flour.', {
        perPlate: 1,
        after: [],
      }),
      alone('hot', 'Oil hot', 12, 'No more than half up the pot. Read it before the first piece and between them.', {
        place: 'ring',
        after: [],
      }),
      cook('ring', true, 'Few at a time, and out as soon as they are gold. Arms spit: keep your face away.', {
        after: ['cut', 'hot'],
        waits: 12,
      }),
      rest('On a rack, salted at once.'),
    ],
    stands: 3,
    keepsWarm: 10,
    spoils: 8,
    leadsTo: [],
  }),
  fishDish({
    id: 'squid-slow',
    name: 'Squid in tomato, slowly',
    method: 'simmer',
    cuts: ['tube'],
    says: 'Past tough and on to tender: forty minutes in its sauce.',
    ingredients: [
      forFish('tinned tomato', 80),
      forFish('onion', 25),
      forFish('garlic', 2),
      forFish('oil', 6, 'ml'),
      forFish('red wine', 20, 'ml', 'sulphites'),
      forFish('bay', 0.3, 'piece'),
      taste('salt'),
    ],
    steps: [
      hand('soften', 'Onion and garlic', 8, 'In oil, until soft.', { place: 'ring', perPlate: 0.5, after: [] }),
      alone('sauce', 'Wine and tomato', 10, 'Boil the wine down, then the tomato and bay.', {
        place: 'ring',
        waits: 10,
      }),
      cook('ring', false, 'In rings, stirred in. When they have turned white they are done, and tough for a while.', {
        waits: 10,
      }),
      alone('on', 'On until tender', 40, 'Lid on, at a bare simmer. A fork tells.', { place: 'ring', waits: 0 }),
    ],
    stands: 30,
    spoils: 0.5,
    leadsTo: [],
  }),
];
