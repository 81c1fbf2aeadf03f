import type { Recipe } from '../recipe.ts';
import { alone, cook, fishDish, forDish, forFish, forPlate, hand, rest, taste } from './write.ts';

const OVEN_HOT = (to: string) => alone('hot', 'Oven hot', 20, to, { place: 'oven', after: [] });
const DRY = hand('dry', 'Dry and salt', 4, 'Dry it well, skin above all; salt it just before it goes in.', {
  perPlate: 0.5,
  after: [],
});

/** Dishes of several fires, one after the other. */
export const TWO_FIRES: readonly Recipe[] = [
  fishDish({
    id: 'sear-and-roast',
    name: 'Seared on its skin, finished in the oven',
    method: 'roast',
    cuts: ['fillet', 'portion', 'steak'],
    says: 'A crust from the pan, an even middle from the oven.',
    ingredients: [forFish('oil', 4, 'ml'), forFish('rosemary', 0.5), forPlate('lemon', 0.25, 'piece'), taste('salt')],
    steps: [
      OVEN_HOT('200°, a tray in it.'),
      DRY,
      cook('oven', false, 'From the pan onto the hot tray, skin up; the probe in the thickest.', {
        after: ['hot', 'dry'],
        waits: 15,
      }),
      rest('On a board, covered.'),
    ],
    stages: [{ id: 'seared first', minutes: 2 }],
  }),
  fishDish({
    id: 'roast-butter',
    name: 'Roasted, basted in butter at the end',
    method: 'roast',
    cuts: ['portion', 'steak'],
    says: 'Seared, roasted until almost done, then a minute in foaming butter.',
    ingredients: [
      forFish('butter', 10, 'g', 'milk'),
      forFish('oil', 3, 'ml'),
      forFish('garlic', 1.5),
      forFish('thyme', 0.5),
      taste('salt'),
    ],
    steps: [
      OVEN_HOT('200°, a tray in it.'),
      DRY,
      cook('oven', false, 'From the pan onto the hot tray. Out some degrees early: the butter does the rest.', {
        after: ['hot', 'dry'],
        waits: 15,
      }),
      rest('On a warm plate, its butter over it.'),
    ],
    stages: [
      { id: 'seared first', minutes: 2 },
      { id: 'basted last', minutes: 1 },
    ],
  }),
  fishDish({
    id: 'whole-hot-then-slow',
    name: 'Whole, hot first and then slow',
    method: 'roast',
    cuts: ['whole'],
    says: 'Colour in the first minutes, then a gentle oven that dries nothing.',
    ingredients: [forFish('oil', 4, 'ml'), forFish('fennel', 30), forFish('lemon', 0.1, 'piece'), taste('salt')],
    steps: [
      OVEN_HOT('240°.'),
      hand('dress', 'Slash, oil and salt', 6, 'Fennel and lemon in the belly; salt inside too.', {
        perPlate: 0.5,
        after: [],
      }),
      cook('oven', false, 'Turn the oven down, and leave the door shut. The back fin tells.', {
        after: ['hot', 'dress'],
        waits: 15,
      }),
      rest('Covered, on its tray.'),
    ],
    stages: [{ id: 'hot first', minutes: 6 }],
    stands: 10,
    spoils: 2,
  }),
  fishDish({
    id: 'grill-two-zones',
    name: 'Strong heat for the crust, then the gentle side',
    method: 'grill',
    cuts: ['fillet', 'portion', 'steak'],
    fat: 'oily',
    says: 'Embers on one half of the grill only.',
    ingredients: [forFish('oil', 3, 'ml'), forFish('fennel seed', 0.4), taste('salt')],
    steps: [
      hand('light', 'Light the grill', 5, 'All embers to one side. Outdoors only.', { place: 'grill', after: [] }),
      alone('hot', 'Down to embers', 25, 'Grey all over.', { place: 'grill' }),
      hand('oil', 'Oil and salt', 3, 'Oil the fish, not the grate.', { perPlate: 0.5, after: [] }),
      cook('grill', true, 'On the side without embers, lid on if there is one.', { after: ['oil', 'hot'], waits: 10 }),
      rest('On a board.'),
    ],
    stages: [{ id: 'hot side first', minutes: 3 }],
  }),
  fishDish({
    id: 'simmer-then-off',
    name: 'Three minutes at a simmer, then the lid',
    method: 'poach, heat off',
    cuts: ['steak', 'portion', 'whole'],
    says: 'The flame does a part, the hot liquid the rest.',
    ingredients: [
      forDish('water', 4000, 'ml'),
      forDish('salt', 72),
      forDish('onion', 150),
      forDish('bay', 3, 'piece'),
      forDish('vinegar', 50, 'ml'),
    ],
    steps: [
      hand('cut', 'Onion and bay', 3, 'Into the pot with water, salt and vinegar.', { after: [] }),
      alone('boil', 'To the boil', 22, 'Then down until it only shivers.', { place: 'ring' }),
      cook(null, false, 'Flame off, lid on. Measure its middle before it comes out.', { waits: 10 }),
      rest('Out of the liquid, covered.'),
    ],
    stages: [{ id: 'simmered first', minutes: 3 }],
    stands: 15,
    spoils: 1,
  }),
  fishDish({
    id: 'gratin',
    name: 'In cream, browned with crumbs',
    method: 'simmer',
    cuts: ['fillet', 'portion'],
    says: 'Simmered in its sauce, then browned under strong heat.',
    ingredients: [
      forFish('cream', 40, 'ml', 'milk'),
      forFish('leek', 30),
      forFish('breadcrumbs', 8, 'g', 'gluten'),
      forFish('butter', 4, 'g', 'milk'),
      forDish('mustard', 6, 'g', 'mustard'),
      taste('salt'),
    ],
    steps: [
      hand('leek', 'Soften the leek', 6, 'In the butter, in a pan that may go into the oven.', {
        place: 'ring',
        perPlate: 0.5,
        after: [],
      }),
      alone('cream', 'Cream and mustard', 4, 'At a simmer, until it coats a spoon.', { place: 'ring', waits: 10 }),
      cook('ring', false, 'Laid in, spooned over. It is not done yet when the crumbs go on.', { waits: 5 }),
      rest('In its pan. The handle is as hot as the oven was: leave a cloth on it.'),
    ],
    stages: [{ id: 'browned last', minutes: 3 }],
    stands: 10,
    spoils: 1.5,
  }),
];
