import { describe, expect, test } from '@jest/globals';
import { KITCHENS_LIKE, methodOf, METHODS, missingFor, missingForSteps, SOME_KITCHEN } from '@dagboek/core/cook';
import { RECIPES } from '@dagboek/core/recipes';
import { aDish } from '../../any-history.test-support.ts';
import { anEntry, at, idOf, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  dinnersAbout,
  kitchenOf,
  kitchensOf,
  recipesOfKitchen,
  stageChoices,
  validateEntry,
} from '../../index.ts';

const BOOK = idOf('book');
const like = (id: string) => KITCHENS_LIKE.find((k) => k.id === id)!.kitchen;
const factsOf = (id: string, more: object = {}) => {
  const { vessels, ...means } = like(id);
  return { means, vessels: [...vessels], ...more } as never;
};
const opened = anEntry('book.opened', BOOK, { name: 'Auk', waters: 'none', from: 'boat' } as never);
const line = (id: string, more: object, time: string) =>
  anEntry('book.kitchen', BOOK, factsOf(id, more), { at: at(time) });

describe('kitchens of a book', () => {
  const book = Book.EMPTY.withEntries([
    opened,
    line('galley', { name: 'on the boat' }, '10:00'),
    line('camp', { name: 'ashore' }, '10:05'),
  ]);
  test('that at home is a small one until somebody says; others by their names; a name that is gone is at home', () => {
    expect(kitchensOf(book).map((k) => [k.name, k.own])).toEqual([
      ['', false],
      ['ashore', true],
      ['on the boat', true],
    ]);
    expect(kitchenOf(book, 'on the boat').ovens).toBe(0);
    expect(kitchenOf(book)).toMatchObject({ ovens: SOME_KITCHEN.ovens, name: '' });
    expect(kitchenOf(book, 'in the tent').name).toBe('');
  });
  test('each by its last line; one that there is no more is gone, and can be said anew', () => {
    const { vessels, ...means } = like('galley');
    const more = { name: 'on the boat', means: { ...means, rings: 2 }, vessels };
    const changed = book.withEntries([line('galley', more, '11:00')]);
    expect(kitchenOf(changed, 'on the boat').rings).toBe(2);
    const gone = changed.withEntries([line('galley', { name: 'on the boat', gone: true }, '12:00')]);
    expect(kitchensOf(gone).map((k) => k.name)).toEqual(['', 'ashore']);
    const again = gone.withEntries([line('galley', { name: 'on the boat' }, '13:00')]);
    expect(kitchenOf(again, 'on the boat').rings).toBe(1);
    for (const k of KITCHENS_LIKE)
      expect(validateEntry(line(k.id, { name: 'x' }, '10:00'), Date.parse(at('20:00')))).toMatchObject({ ok: true });
  });
  test('dinners at one hour in two kitchens do not stand in each other’s way', () => {
    const dinner = (id: string, kitchen?: string) =>
      anEntry('dinner.set', idOf(id), {
        ...{ serveAtMs: Date.parse(at('19:30')), dishes: [aDish()], tasks: [], cook: TOMAS, eaters: [TOMAS] },
        means: { hands: 1, rings: 1, ovens: 0, grills: 0 },
        ...(kitchen ? { kitchen } : {}),
      });
    const two = book.withEntries([dinner('a'), dinner('b', 'on the boat')]);
    const about = (kitchen?: string) => dinnersAbout(two, Date.parse(at('19:00')), 'x', kitchen).map((d) => d.id);
    expect(about()).toEqual([idOf('a')]);
    expect(about('on the boat')).toEqual([idOf('b')]);
  });
});

describe('what a kitchen lacks', () => {
  const lacks = (kitchen: string, way: string) => missingFor(like(kitchen), methodOf(way)!);
  test('for a way: the place, or what it is cooked in; one of several will do', () => {
    expect(METHODS.filter((m) => missingFor(SOME_KITCHEN, m) !== null)).toEqual([]);
    expect(lacks('galley', 'roast')).toBe('an oven');
    expect(lacks('galley', 'grill')).toBe('a grill or an open fire');
    expect(lacks('galley', 'steam')).toBeNull();
    expect(lacks('camp', 'steam')).toBe('a steamer, a fish kettle, a pot or an oven tray');
    expect(lacks('camp', 'batter')).toBe('a pot');
    expect(lacks('camp', 'stick')).toBeNull();
    expect(lacks('camp', 'pan')).toBeNull();
    expect(lacks('galley', 'raw slices')).toBeNull();
  });
  test('for the steps of a recipe: none is offered that asks for an oven where there is none', () => {
    const galley = like('galley');
    const made = recipesOfKitchen(RECIPES, galley);
    expect(made.length).toBeGreaterThan(15);
    expect(made.length).toBeLessThan(RECIPES.length);
    expect(made.flatMap((r) => r.steps).filter((s) => s.place === 'oven' || s.place === 'grill')).toEqual([]);
    expect(recipesOfKitchen(RECIPES, SOME_KITCHEN)).toHaveLength(RECIPES.length);
    expect(missingForSteps(galley, [{ place: null, in: 'kettle' }])).toBe('a fish kettle');
  });
  test('no second fire is offered that it does not have', () => {
    const of = (kitchen: string) => stageChoices(methodOf('simmer')!, 'portion', like(kitchen)).map((c) => c.name);
    expect(of('house').some((n) => n.includes('oven'))).toBe(true);
    expect(of('camp').some((n) => n.includes('oven'))).toBe(false);
  });
});
