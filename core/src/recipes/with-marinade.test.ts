import { expect, test } from '@jest/globals';
import { MARINADES, marinadesFor, methodOf } from '../cook/index.ts';
import { planDinner } from '../schedule/index.ts';
import {
  allergensOf,
  type Recipe,
  RECIPES,
  recipeTrouble,
  sayOfMarinade,
  tasksOf,
  withMarinade,
  withStages,
  writtenOut,
} from './index.ts';

const byId = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const FISH = { cookMin: 9, restMin: 3, rounds: 1, againMin: 0 };

test('each marinade before each recipe that it goes with: a recipe still, planned in time, laid in before all that is done to the fish', () => {
  let tried = 0;
  for (const recipe of RECIPES) {
    const method = methodOf(recipe.method ?? '');
    if (!method?.heat || recipe.cuts.length === 0) continue;
    for (const m of marinadesFor(method, recipe.cuts[0]!)) {
      const asked = { id: m.id, minutes: m.usualMin };
      const all = withMarinade(writtenOut(recipe), asked);
      expect([recipe.id, m.id, recipeTrouble(all)]).toEqual([recipe.id, m.id, null]);
      const tasks = tasksOf({ id: 'd', recipe: all, plates: 4, fish: FISH });
      const plan = planDinner({ tasks, means: { hands: 1, rings: 2, ovens: 1, grills: 1 }, within: 2880 }, 20_000);
      if (!plan.ok) throw new Error(`${recipe.id}, ${m.id}: ${plan.why}`);
      expect([recipe.id, m.id, plan.lateMin]).toEqual([recipe.id, m.id, 0]);
      const placed = (id: string) => plan.placed.find((p) => p.task.id === `d/${id}`)!;
      expect(placed('cook').startsBefore).toBeLessThanOrEqual(placed('marinade-out').endsBefore);
      const lay = placed('marinade-lies').startsBefore - placed('marinade-out').startsBefore;
      // As long as was asked, and never longer than does it good.
      expect(lay).toBeGreaterThanOrEqual(m.usualMin);
      expect(lay).toBeLessThanOrEqual(m.mostMin);
      tried++;
    }
  }
  expect(tried).toBeGreaterThan(60);
});

test('what it takes is bought and declared; salt to taste gives way to the salt it lies in', () => {
  const r = byId('dredged');
  const milk = withMarinade(r, { id: 'buttermilk', minutes: 45 });
  expect(milk.ingredients.map((i) => i.name)).toEqual([...r.ingredients.map((i) => i.name), 'buttermilk']);
  expect(allergensOf([r])).not.toContain('milk');
  expect(allergensOf([milk])).toContain('milk');
  const brined = withMarinade(byId('roast-thyme'), { id: 'brine', minutes: 30 });
  expect(brined.ingredients.filter((i) => i.name === 'salt').map((i) => i.amount)).toEqual([8]);
});

test('without one, of one that is not known, and of a dish without a fire nothing changes', () => {
  const r = byId('dredged');
  expect(withMarinade(r, null)).toBe(r);
  expect(withMarinade(r, { id: 'of another version', minutes: 30 })).toBe(r);
  expect(withMarinade(byId('rice'), { id: 'milk', minutes: 30 })).toEqual(byId('rice'));
});

test('its steps say what is done; flour comes after buttermilk, and a sear after that', () => {
  for (const m of MARINADES) {
    expect(sayOfMarinade('marinade-lay', m.id)).toBe(m.say);
    expect(sayOfMarinade('marinade-out', m.id)).toBe(m.after);
    expect(sayOfMarinade('marinade-lies', m.id)).toMatch(/fridge/);
  }
  expect(sayOfMarinade('cook', 'milk')).toBeNull();
  expect(sayOfMarinade('marinade-lay', null)).toBeNull();
  const floured = withMarinade(byId('dredged'), { id: 'buttermilk', minutes: 45 });
  expect(floured.steps.find((s) => s.id === 'coat')!.after).toEqual(['marinade-out']);
  const seared = withStages(withMarinade(byId('sear-and-roast'), { id: 'oil', minutes: 60 }), [
    { id: 'seared first', mediumC: 220, seconds: 120 },
  ]);
  expect(seared.steps.find((s) => s.id === 'stage-seared first')!.after).toContain('marinade-out');
});

test('a stage buys its butter and oil once, and only where the recipe has none', () => {
  const names = (r: Recipe): string[] => r.ingredients.map((i) => i.name);
  const basted = withStages(byId('roast-thyme'), [{ id: 'basted last', mediumC: 150, seconds: 60 }]);
  const had = names(byId('roast-thyme'));
  expect(names(basted)).toEqual(had.includes('butter') ? had : [...had, 'butter']);
  expect(names(writtenOut(byId('roast-butter')))).toEqual(names(byId('roast-butter')));
});
