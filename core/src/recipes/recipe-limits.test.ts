import { describe, expect, test } from '@jest/globals';
import { METHODS } from '../cook/index.ts';
import { isRecipe, NO_FISH, plainRecipe, type Recipe, RECIPES, recipesFor, recipeTrouble, tasksOf } from './index.ts';

const INGREDIENT = { name: 'butter', amount: 20, unit: 'g', per: 'plate', allergens: ['milk'] } as const;
const STEP = {
  id: 'cut',
  name: 'Cut it',
  say: 'In dice.',
  takes: 'minutes',
  minutes: 5,
  perPlate: 1,
  hands: true,
  place: null,
  after: null,
  waits: null,
} as const;
const WHOLE = {
  id: 'own-1',
  name: 'Soup',
  says: 'A soup.',
  course: 'fish',
  method: 'pan',
  from: 'fish',
  cuts: [],
  fat: 'either',
  ingredients: [INGREDIENT],
  steps: [STEP],
  stands: 10,
  spoils: 1,
  leadsTo: [],
};
const long = (n: number): string => 'x'.repeat(n);
const many = <T>(n: number, make: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => make(i));
const stepsOf = (n: number) => many(n, (i) => ({ ...STEP, id: `s${i}` }));
const withStep = (more: object) => ({ ...WHOLE, steps: [{ ...STEP, ...more }] });
const withIngredient = (more: object) => ({ ...WHOLE, ingredients: [{ ...INGREDIENT, ...more }] });

/** The last value that is taken and the first that is not, with what is said of the second. */
const LIMITS: readonly (readonly [name: string, taken: readonly object[], refused: readonly object[], says: RegExp])[] =
  [
    ['id', [{ ...WHOLE, id: long(60) }], ['', long(61), 7].map((id) => ({ ...WHOLE, id })), /no other recipe/],
    [
      'name',
      [{ ...WHOLE, name: long(80) }],
      ['', long(81), null].map((name) => ({ ...WHOLE, name })),
      /name for the dish/,
    ],
    [
      'says',
      [
        { ...WHOLE, says: '' },
        { ...WHOLE, says: long(600) },
      ],
      [long(601), 7].map((says) => ({ ...WHOLE, says })),
      /one sentence/,
    ],
    [
      'method',
      [
        { ...WHOLE, method: null },
        { ...WHOLE, method: long(60) },
      ],
      ['', long(61), 7].map((method) => ({ ...WHOLE, method })),
      /how its fish is cooked/,
    ],
    [
      'ingredients',
      [
        { ...WHOLE, ingredients: [] },
        { ...WHOLE, ingredients: many(40, () => INGREDIENT) },
      ],
      [many(41, () => INGREDIENT), null].map((ingredients) => ({ ...WHOLE, ingredients })),
      /Up to 40/,
    ],
    ['steps', [{ ...WHOLE, steps: stepsOf(30) }], [{ ...WHOLE, steps: stepsOf(31) }], /More than 30 steps/],
    [
      'stands',
      [null, 0, 2880].map((stands) => ({ ...WHOLE, stands })),
      [-1, 2881, '9', Number.NaN].map((stands) => ({ ...WHOLE, stands })),
      /may stand/,
    ],
    [
      'spoils',
      [0, 20].map((spoils) => ({ ...WHOLE, spoils })),
      [-0.1, 20.1, null].map((spoils) => ({ ...WHOLE, spoils })),
      /between 0 and 20/,
    ],
    [
      'declared',
      [{ ...WHOLE, declared: false }],
      ['yes', true, 0].map((declared) => ({ ...WHOLE, declared })),
      /declared/,
    ],
    [
      'name of an ingredient',
      [withIngredient({ name: long(80) })],
      ['', long(81), 7].map((name) => withIngredient({ name })),
      /ingredient needs a name/,
    ],
    [
      'amount',
      [null, 0, 100_000].map((amount) => withIngredient({ amount })),
      [-1, 100_001, '2'].map((amount) => withIngredient({ amount })),
      /enter an amount/,
    ],
    [
      'name of a step',
      [withStep({ name: long(80) })],
      ['', long(81), 7].map((name) => withStep({ name })),
      /step needs a name/,
    ],
    [
      'id of a step',
      [withStep({ id: long(60) })],
      ['', long(61), 7].map((id) => withStep({ id })),
      /step needs a name/,
    ],
    [
      'what is done',
      [withStep({ say: long(600) })],
      ['', long(601), 7].map((say) => withStep({ say })),
      /say what is done/,
    ],
    [
      'minutes',
      [0, 2880].map((minutes) => withStep({ minutes })),
      [-1, 2881, null].map((minutes) => withStep({ minutes })),
      /give minutes/,
    ],
    [
      'minutes a plate',
      [0, 60].map((perPlate) => withStep({ perPlate })),
      [-1, 61, null].map((perPlate) => withStep({ perPlate })),
      /give minutes/,
    ],
    [
      'waiting',
      [null, 0, 2880].map((waits) => withStep({ waits })),
      [-1, 2881, 'long'].map((waits) => withStep({ waits })),
      /waits/,
    ],
    ['hands', [withStep({ hands: false })], [withStep({ hands: 1 })], /by hand or not/],
  ];

describe('how long and how large a recipe may be', () => {
  test.each(LIMITS)('%s: to the limit, and not beyond', (_, taken, refused, says) => {
    for (const r of taken) expect([recipeTrouble(r), isRecipe(r)]).toEqual([null, true]);
    for (const r of refused) {
      expect(recipeTrouble(r)).toMatch(says);
      expect(isRecipe(r)).toBe(false);
    }
  });
  test('words that it does not know are said, though it can be read', () => {
    for (const [r, says] of [
      [{ ...WHOLE, course: 'sweet' }, /fish, a side or a sauce/],
      [{ ...WHOLE, from: 'meat' }, /made of fish/],
      [{ ...WHOLE, fat: 'fat' }, /for which fish/],
      [withIngredient({ unit: 'cup' }), /in g, ml or pieces/],
      [withIngredient({ per: 'guest' }), /in g, ml or pieces/],
      [withStep({ takes: 'long' }), /it takes minutes/],
      [withStep({ place: 'fire' }), /on a ring/],
      [withStep({ after: ['cut'] }), /comes later/],
    ] as const) {
      expect(recipeTrouble(r)).toMatch(says);
      expect(isRecipe(r)).toBe(true);
    }
    for (const r of [[], 'a text', 7, null])
      expect([recipeTrouble(r), isRecipe(r)]).toEqual(['This is not a recipe.', false]);
    for (const r of [
      { ...WHOLE, cuts: 'steaks' },
      { ...WHOLE, leadsTo: null },
    ])
      expect(recipeTrouble(r)).not.toBeNull();
  });
});

describe('the work of a dish', () => {
  const dish = (steps: readonly object[], more: object = {}) =>
    tasksOf({
      id: 'd',
      recipe: { ...WHOLE, stands: 15, spoils: 3, steps, ...more } as unknown as Recipe,
      plates: 4,
      fish: { cookMin: 7.2, restMin: 3.6, rounds: 1, againMin: 0 },
    });
  test('minutes: by the plate, by the fire, by the rest', () => {
    expect(
      dish([
        STEP,
        { ...STEP, id: 'b', takes: 'cook' },
        { ...STEP, id: 'c', takes: 'rest' },
        { ...STEP, id: 'd', minutes: 0.2, perPlate: 0 },
        { ...STEP, id: 'e', minutes: 0, perPlate: 0 },
      ]).map((t) => t.minutes),
    ).toEqual([9, 8, 4, 1, 0]);
    expect(
      tasksOf({
        id: 'd',
        recipe: { ...WHOLE, steps: [{ ...STEP, takes: 'cook' }] } as unknown as Recipe,
        plates: 1,
        fish: NO_FISH,
      })[0]!.minutes,
    ).toBe(1);
  });
  test('a step waits for the one before it, or for those it names, and only the last of them holds it', () => {
    const [a, b, c] = dish([
      { ...STEP, id: 'a' },
      { ...STEP, id: 'b' },
      { ...STEP, id: 'c', after: ['a', 'b'], waits: 6 },
    ]);
    expect(a!.after).toEqual([]);
    expect(b!.after).toEqual([{ task: 'd/a', from: 'end', least: 0, most: null }]);
    expect(c!.after.map((x) => x.most)).toEqual([null, 6]);
  });
  test('what nobody waits for may stand, and spoils as the dish does; work before it spoils less', () => {
    const [a, b] = dish([
      { ...STEP, id: 'a' },
      { ...STEP, id: 'b' },
    ]);
    expect([a!.mayStand, b!.mayStand]).toEqual([null, 15]);
    expect([a!.spoils, b!.spoils]).toEqual([0.2, 3]);
    expect(
      dish([
        { ...STEP, id: 'a', takes: 'rest' },
        { ...STEP, id: 'b' },
      ])[0]!.spoils,
    ).toBe(3);
    expect(dish([STEP], { spoils: 0 })[0]!.spoils).toBe(0.05);
  });
});

test('a way without a recipe: heated where it has a fire, and a hand stays by it where it is turned', () => {
  for (const m of METHODS) {
    const r = plainRecipe(m);
    expect([m.id, recipeTrouble(r)]).toEqual([m.id, null]);
    const [hot] = r.steps.filter((s) => s.id === 'hot');
    const fire = r.steps.find((s) => s.takes === 'cook');
    expect([m.id, hot !== undefined, fire !== undefined]).toEqual([m.id, m.heat?.place != null, m.heat?.place != null]);
    if (!m.heat?.place) continue;
    expect(hot!.minutes).toBe({ ring: 5, oven: 18, grill: 25, embers: 30 }[m.heat.place]);
    expect([hot!.place, fire!.place]).toEqual(
      m.heat.place === 'embers' ? ['grill', 'grill'] : [m.heat.place, m.heat.place],
    );
    expect([m.id, fire!.hands]).toEqual([m.id, Math.max(...m.heat.turns) > 0]);
  }
});

test('of a way: the recipes for the cut stand first, then those for the fat; neither asked, in their own order', () => {
  const make = (id: string, cuts: string[], fat: string) => ({ ...WHOLE, id, cuts, fat }) as unknown as Recipe;
  const all = [
    make('other', [], 'oily'),
    make('fat', [], 'lean'),
    make('cut', ['steak'], 'oily'),
    make('both', ['steak'], 'either'),
    { ...make('way', ['steak'], 'lean'), method: 'oven' },
  ];
  const ids = (cut: string | null, fat: 'lean' | 'oily' | null) =>
    recipesFor(all, { method: 'pan', cut, fat }).map((r) => r.id);
  expect(ids('steak', 'lean')).toEqual(['both', 'cut', 'fat', 'other']);
  expect(ids(null, 'lean')).toEqual(['fat', 'both', 'other', 'cut']);
  expect(ids('steak', null)).toEqual(['cut', 'both', 'other', 'fat']);
  expect(ids(null, null)).toEqual(['other', 'fat', 'cut', 'both']);
  expect(recipesFor(RECIPES, { method: 'nothing', cut: null, fat: null })).toEqual([]);
});
