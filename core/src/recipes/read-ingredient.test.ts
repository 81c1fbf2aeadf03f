import { describe, expect, test } from '@jest/globals';
import { readIngredient, sayPortion, scaled } from './index.ts';
import { RECIPES } from './index.ts';

/** What a line comes to for one plate: "7.5 ml salt"; "salt" where it is to taste. */
const read = (line: string): string => {
  const { amount, unit, name } = readIngredient(line, 1);
  return amount === null ? name : `${Math.round(amount * 100) / 100} ${unit} ${name}`;
};

describe('a line of a recipe', () => {
  test.each([
    ['200 g flour', '200 g flour'],
    ['1.5 kg potatoes', '1500 g potatoes'],
    ['0,5 l stock', '500 ml stock'],
    ['2 dl cream', '200 ml cream'],
    ['1 1/2 tsp salt', '7.5 ml salt'],
    ['1½ tsp salt', '7.5 ml salt'],
    ['1/2 lemon', '0.5 piece lemon'],
    ['½ lemon', '0.5 piece lemon'],
    ['1 ½ onions', '1.5 piece onions'],
    ['¼ cup of olive oil', '60 ml olive oil'],
    ['2 cups stock', '480 ml stock'],
    ['1 Tablespoon capers', '15 ml capers'],
    ['2 to 3 cloves garlic', '2.5 piece cloves garlic'],
    ['2-4 shallots', '3 piece shallots'],
    ['4 oz. butter', '113.4 g butter'],
    ['1 lb fillets', '453.6 g fillets'],
    ['8 fl oz milk', '240 ml milk'],
    ['3 eggs', '3 piece eggs'],
    ['1 pinch of saffron', 'saffron'],
    ['a pinch of salt', 'salt'],
    ['salt', 'salt'],
    ['7up for the batter', '7up for the batter'],
    ['0 g sugar', '0 g sugar'],
    ['2 large leeks', '2 piece large leeks'],
    ['3 lemons', '3 piece lemons'],
  ])('%s', (line, says) => expect(read(line)).toBe(says));

  test('for four plates a quarter each, and twice as many take twice as much', () => {
    const salt = readIngredient('1 1/2 tsp salt', 4);
    const recipe = { ...RECIPES[0]!, ingredients: [salt] };
    const said = (plates: number): string => sayPortion(scaled(recipe, { fishG: 600, plates })[0]!);
    expect(said(4)).toBe('8 ml salt (1½ tsp)');
    expect(said(8)).toBe('15 ml salt (1 tbsp)');
  });
});

describe('how much is said', () => {
  test.each([
    [0.5, 'piece', '½ lemon'],
    [1.5, 'piece', '1½ lemon'],
    [3, 'piece', '3 lemon'],
    [2, 'ml', '2 ml lemon (½ tsp)'],
    [1, 'ml', '1 ml lemon'],
    [5, 'ml', '5 ml lemon (1 tsp)'],
    [40, 'ml', '40 ml lemon (2½ tbsp)'],
    [60, 'ml', '60 ml lemon (4 tbsp)'],
    [65, 'ml', '65 ml lemon'],
    [480, 'ml', '480 ml lemon'],
    [15, 'g', '15 g lemon'],
  ] as const)('%s %s', (amount, unit, says) => expect(sayPortion({ name: 'lemon', amount, unit })).toBe(says));
  test('to taste', () => expect(sayPortion({ name: 'salt', amount: null, unit: 'g' })).toBe('salt, to taste'));
});
