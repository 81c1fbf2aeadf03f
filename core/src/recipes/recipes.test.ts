import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { METHODS } from '../cook/index.ts';
import { planDinner } from '../schedule/index.ts';
import {
  allergensOf,
  sayAllergens,
  durationMinutes,
  fromJsonLd,
  isRecipe,
  NO_FISH,
  plainRecipe,
  type Recipe,
  RECIPES,
  recipesFor,
  recipeTrouble,
  sayPortion,
  scaled,
  sensible,
  shoppingList,
  tasksOf,
  toJsonLd,
  writtenOut,
} from './index.ts';

const byId = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const FOR_FOUR = { fishG: 640, plates: 4 };

describe('the recipes that come with it', () => {
  test('60 or more, each whole, of its own name, over every way with fire', () => {
    expect(RECIPES.length).toBeGreaterThanOrEqual(60);
    for (const r of RECIPES) expect([r.id, recipeTrouble(r)]).toEqual([r.id, null]);
    expect(new Set(RECIPES.map((r) => r.id)).size).toBe(RECIPES.length);
    const ways = new Set(RECIPES.map((r) => r.method));
    for (const m of METHODS) expect([m.id, ways.has(m.id)]).toEqual([m.id, true]);
    for (const r of RECIPES) if (r.method) expect(METHODS.some((m) => m.id === r.method)).toBe(true);
    for (const r of RECIPES) for (const id of r.leadsTo) expect(byId(id)).toBeDefined();
    for (const fat of ['lean', 'oily', 'either'])
      expect(RECIPES.filter((r) => r.from && r.fat === fat).length).toBeGreaterThan(4);
  });
  test('a dish with fire has one step that is the fish, where its way has a time', () => {
    for (const r of RECIPES) {
      const timed = METHODS.find((m) => m.id === r.method)?.heat != null;
      expect([r.id, r.steps.filter((s) => s.takes === 'cook').length]).toEqual([r.id, timed ? 1 : 0]);
    }
  });
  test('each can be planned by one cook with two rings, an oven and a grill', () => {
    for (const recipe of RECIPES) {
      const tasks = tasksOf({
        id: 'd',
        recipe: writtenOut(recipe),
        plates: 4,
        fish: { cookMin: 9, restMin: 3, rounds: 1, againMin: 0 },
      });
      const plan = planDinner({ tasks, means: { hands: 1, rings: 2, ovens: 1, grills: 1 }, within: 2880 });
      expect([recipe.id, plan.ok && plan.lateMin === 0 && plan.proven]).toEqual([recipe.id, true]);
    }
  });
  test('a dinner of three dishes for one cook', () => {
    const dishes = ['brown-butter', 'new-potatoes', 'peas-fennel'].map((id) => ({
      id,
      recipe: byId(id),
      plates: 4,
      fish: { cookMin: 8, restMin: 3, rounds: 1, againMin: 0 },
    }));
    const plan = planDinner(
      { tasks: dishes.flatMap(tasksOf), means: { hands: 1, rings: 3, ovens: 1, grills: 1 }, within: 180 },
      3000,
    );
    expect(plan).toMatchObject({ ok: true, lateMin: 0, proven: true });
    if (plan.ok) expect(plan.beginsBefore).toBeLessThan(60);
  });
  test('a way without a recipe is a recipe all the same', () => {
    for (const m of METHODS) expect([m.id, recipeTrouble(plainRecipe(m))]).toEqual([m.id, null]);
  });
  test('for a way the ones of the cut come first', () => {
    expect(recipesFor(RECIPES, { method: 'roast', cut: 'whole', fat: 'lean' })[0]!.id).toBe('roast-whole');
    expect(recipesFor(RECIPES, { method: 'pan', cut: 'fillet', fat: 'oily' })[0]!.id).toBe('oatmeal');
  });
  test('cheeks, collars, roe, liver and squid have their own, and fillets none of theirs', () => {
    const ids = (method: string, cut: string): string[] =>
      recipesFor(RECIPES, { method, cut, fat: 'lean' }).map((r) => r.id);
    expect(ids('pan', 'cheek')).toEqual(['cheeks-butter']);
    expect(ids('pan', 'roe')).toEqual([]);
    expect(ids('poach, from hot', 'roe')).toEqual(['roe-fried']);
    expect(ids('poach, from hot', 'liver')).toEqual(['liver-toast']);
    expect(ids('grill', 'collar')).toEqual(['collars-grilled']);
    expect(ids('grill', 'fillet')).not.toContain('collars-grilled');
    expect(ids('dredge', 'tube')[0]).toBe('squid-rings');
    expect(ids('dredge', 'fillet')).toEqual(['dredged']);
    // A recipe that names no cut is for each of them.
    expect(recipesFor([{ ...byId('dredged'), cuts: [] }], { method: 'dredge', cut: 'cheek', fat: null }).length).toBe(
      1,
    );
  });
});

describe('scaled', () => {
  test('by the fish, the plate and the dish', () => {
    const list = scaled(byId('batter-beer'), FOR_FOUR).map(sayPortion);
    expect(list).toContain('150 g flour');
    expect(list).toContain('2000 ml oil to fry');
    expect(list).toContain('salt, to taste');
    expect(scaled(byId('brown-butter'), FOR_FOUR).map(sayPortion)).toContain('1 lemon');
  });
  test('round, never to nothing, never off by more than a tenth or half a gram', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 20_000, noNaN: true }), (n) => {
        const r = sensible(n, 'g');
        expect(r).toBeGreaterThan(0);
        expect(Math.abs(r - n)).toBeLessThanOrEqual(Math.max(n * 0.1, 0.5) + 1e-9);
      }),
    );
    expect(sensible(0, 'g')).toBe(0);
    expect(sensible(1.02, 'piece')).toBe(1);
    expect(sensible(0.1, 'piece')).toBe(0.5);
    expect(sensible(1.2, 'piece')).toBe(1.5);
  });
  test('a list for the shop: each thing once, what the house has left out', () => {
    const dishes = [
      { recipe: byId('brown-butter'), amounts: FOR_FOUR },
      { recipe: byId('new-potatoes'), amounts: FOR_FOUR },
    ];
    const { buy, have } = shoppingList(dishes, ['Salt', 'oil']);
    expect(buy.filter((p) => p.name === 'butter')).toEqual([{ name: 'butter', unit: 'g', amount: 90 }]);
    expect(have.map((p) => p.name)).toEqual(['oil', 'salt']);
    expect(buy.some((p) => p.name === 'salt')).toBe(false);
    // Water comes from the tap, whatever it is called.
    const soup = {
      ...byId('rice'),
      ingredients: ['water', 'Cold water', 'water cress'].map((name) => ({ ...byId('rice').ingredients[0]!, name })),
    };
    const list = shoppingList([{ recipe: soup, amounts: FOR_FOUR }], []);
    expect(list.buy.map((p) => p.name)).toEqual(['water cress']);
    expect(list.have).toEqual([]);
  });
  test('what must be declared', () => {
    expect(allergensOf([byId('batter-beer')])).toEqual(['fish', 'gluten']);
    expect(allergensOf([byId('green-salad')])).toEqual(['mustard', 'sulphites']);
    expect(sayAllergens([byId('batter-beer')])).toBe('Contains fish and gluten.');
  });
  test('of a recipe that came from elsewhere nothing is declared until somebody has read it', () => {
    const doc = {
      '@type': 'Recipe',
      name: 'Fish pie',
      recipeIngredient: ['100 g butter', '2 eggs', '200 g flour'],
      recipeInstructions: ['Bake it.'],
    };
    const deep = fromJsonLd(`${'{"@graph":['.repeat(20_000)}`, 'x');
    expect(deep.ok ? '' : deep.why).toContain('too complicated');
    const read = fromJsonLd(JSON.stringify(doc), 'own-9');
    if (!read.ok) throw new Error(read.why);
    expect(read.recipe.declared).toBe(false);
    expect(sayAllergens([read.recipe])).toBe('Allergens are not declared: read what goes in.');
    // Beside one of ours it is said which of them nobody declared.
    expect(sayAllergens([byId('batter-beer'), read.recipe])).toBe(
      'Allergens are not declared (Fish pie): read what goes in. Known so far: fish and gluten.',
    );
    const { declared: _, ...told } = read.recipe;
    expect(sayAllergens([told])).toBeNull();
    expect(recipeTrouble({ ...read.recipe, declared: 'yes' })).toMatch(/declared/);
  });
});

describe('as work', () => {
  test('minutes grow with the plates; the fish takes what it takes, round after round', () => {
    const t = (plates: number, rounds = 1) =>
      tasksOf({
        id: 'x',
        recipe: byId('brown-butter'),
        plates,
        fish: { cookMin: 7.2, restMin: 2.6, rounds, againMin: 0.6 },
      });
    expect(t(4).map((x) => [x.name, x.minutes])).toEqual([
      ['Dry and salt the fish', 5],
      ['The salt draws water', 12],
      ['Pan hot', 4],
      ['Cook the fish', 8],
      ['Rest', 3],
    ]);
    expect(t(8)[0]!.minutes).toBe(7);
    const three = t(8, 3);
    expect(three.slice(3).map((x) => [x.id, x.name, x.minutes])).toEqual([
      ['x/cook', 'Cook the fish, round 1 of 3', 8],
      ['x/cook-2', 'Cook the fish, round 2 of 3', 8],
      ['x/cook-3', 'Cook the fish, round 3 of 3', 8],
      ['x/rest', 'Rest', 3],
    ]);
    // The bath is hot again first; what waited for the fish waits for the last of it.
    expect(three[4]!.after).toEqual([{ task: 'x/cook', from: 'end', least: 1, most: null }]);
    expect(three[6]!.after).toEqual([{ task: 'x/cook-3', from: 'end', least: 0, most: 0 }]);
    expect(t(4).at(-1)!.mayStand).toBe(5);
    expect(t(4)[0]!.mayStand).toBeNull();
    expect(tasksOf({ id: 'x', recipe: byId('rice'), plates: 2, fish: NO_FISH }).at(-1)!.mayStand).toBe(25);
  });
});

describe('JSON-LD', () => {
  test('every recipe comes back as it was', () => {
    for (const r of RECIPES) {
      const read = fromJsonLd(JSON.stringify(toJsonLd(r, FOR_FOUR)), r.id);
      expect(read).toEqual({ ok: true, recipe: r });
    }
  });
  test('others read it: name, yield, times, ingredients, steps', () => {
    const ld = toJsonLd(byId('new-potatoes'), FOR_FOUR) as Record<string, unknown>;
    expect(ld).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      recipeYield: '4',
      prepTime: 'PT7M',
    });
    expect(ld['recipeIngredient']).toContain('900 g new potatoes');
  });
  test('another’s is read as far as it says', () => {
    const doc = {
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': ['Recipe'],
          name: 'Gurnard in a pot',
          recipeYield: ['6 servings'],
          totalTime: 'PT1H',
          recipeIngredient: ['1.2 kg gurnard', '3 onions', 'a pinch of salt', '5 dl water'],
          recipeInstructions: [
            {
              '@type': 'HowToSection',
              itemListElement: [
                { '@type': 'HowToStep', text: 'Slice the onions.' },
                { '@type': 'HowToStep', text: 'Simmer all of it.' },
              ],
            },
          ],
        },
      ],
    };
    const read = fromJsonLd(JSON.stringify(doc), 'own-1');
    expect(read).toMatchObject({ ok: true, recipe: { id: 'own-1', name: 'Gurnard in a pot' } });
    if (!read.ok) throw new Error();
    expect(read.recipe.ingredients.map((i) => [i.name, i.amount, i.unit])).toEqual([
      ['gurnard', 200, 'g'],
      ['onions', 0.5, 'piece'],
      ['salt', null, 'g'],
      ['water', 500 / 6, 'ml'],
    ]);
    expect(read.recipe.steps.map((s) => [s.say, s.minutes])).toEqual([
      ['Slice the onions.', 30],
      ['Simmer all of it.', 30],
    ]);
  });
  test('what is none is told', () => {
    const why = (text: string): string => {
      const r = fromJsonLd(text, 'x');
      return r.ok ? '' : r.why;
    };
    expect(why('{')).toMatch(/not JSON/);
    expect(why('{"@type":"Thing"}')).toMatch(/no recipe in this file/);
    expect(why('{"@type":"Recipe","name":"x"}')).toMatch(/at least one step/);
    expect(why('{"@type":"Recipe","recipeInstructions":"Boil."}')).toMatch(/Enter a name for the dish/);
    expect([
      durationMinutes('PT1H30M'),
      durationMinutes('P1DT2H'),
      durationMinutes('PT90S'),
      durationMinutes('soon'),
    ]).toEqual([90, 1560, 1.5, null]);
  });
  test('the shape alone: every recipe has it, and what lacks anything has not', () => {
    for (const r of RECIPES) expect([r.id, isRecipe(r)]).toEqual([r.id, true]);
    const r = byId('rice');
    for (const k of Object.keys(r)) expect([k, isRecipe({ ...r, [k]: 7.5e9 })]).toEqual([k, false]);
    for (const k of Object.keys(r.steps[0]!))
      expect([k, isRecipe({ ...r, steps: [{ ...r.steps[0], [k]: {} }] })]).toEqual([k, false]);
    for (const k of Object.keys(r.ingredients[0]!))
      expect([k, isRecipe({ ...r, ingredients: [{ ...r.ingredients[0], [k]: {} }] })]).toEqual([k, false]);
    expect(isRecipe(null)).toBe(false);
  });
  test('a recipe that is wrong is refused with its reason', () => {
    const r = byId('rice');
    const bad = (more: object): string | null => recipeTrouble({ ...r, ...more });
    expect(bad({ name: ' ' })).toMatch(/Enter a name for the dish/);
    expect(bad({ steps: [{ ...r.steps[0]!, after: ['later'] }] })).toMatch(/comes later/);
    expect(bad({ steps: [r.steps[0]!, r.steps[0]!] })).toMatch(/Two steps/);
    expect(bad({ steps: [{ ...r.steps[0]!, minutes: -1 }] })).toMatch(/minutes/);
    expect(bad({ ingredients: [{ ...r.ingredients[0]!, amount: Number.NaN }] })).toMatch(/amount/);
    expect(bad({ ingredients: [{ ...r.ingredients[0]!, allergens: ['dust'] }] })).toMatch(/allergen/);
    expect(recipeTrouble(null)).toMatch(/not a recipe/);
  });
});
