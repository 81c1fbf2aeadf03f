import { describe, expect, test } from '@jest/globals';
import { methodOf, stageOf, STAGES, usualStage } from '../cook/index.ts';
import { planDinner } from '../schedule/index.ts';
import {
  isRecipe,
  plainRecipe,
  type Recipe,
  RECIPES,
  recipeTrouble,
  sayOfStage,
  stagesOf,
  tasksOf,
  withStages,
} from './index.ts';

const byId = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const roast = byId('roast-thyme');
const usual = (...ids: string[]) => ids.map((id) => usualStage(stageOf(id)!));
const names = (r: Recipe): string[] => r.steps.map((s) => s.name);
const of = (r: Recipe, id: string) => r.steps.find((s) => s.id === id)!;

describe('fires before and after, as steps', () => {
  test('a sear stands before the oven, with a pan that was made hot for it; what waited for the fish waits for the last', () => {
    const r = withStages(roast, usual('seared first', 'basted last'));
    expect(names(r)).toEqual([
      'Oven hot',
      'Dry, salt, oil',
      'Heat the pan',
      'Sear the fish',
      'Cook the fish',
      'Heat the pan',
      'Baste with butter',
      'Rest',
    ]);
    expect(of(r, 'stage-seared first')).toMatchObject({ minutes: 2, hands: true, place: 'ring', in: 'pan' });
    expect(of(r, 'stage-seared first').after).toEqual(['stage-seared first-hot', 'hot', 'dry']);
    expect(of(r, 'cook')).toMatchObject({ after: ['hot', 'dry', 'stage-seared first'], waits: 2 });
    expect(of(r, 'stage-basted last')).toMatchObject({ after: ['stage-basted last-hot', 'cook'], waits: 1 });
    expect(of(r, 'rest').after).toEqual(['stage-basted last']);
    expect(recipeTrouble(r)).toBeNull();
  });
  test('the same fire hotter, or the same liquid, is not made hot a second time', () => {
    const whole = withStages(byId('roast-whole'), usual('hot first'));
    expect(names(whole).filter((n) => n.startsWith('Heat'))).toEqual([]);
    const off = withStages(byId('poach-whole-off'), usual('simmered first'));
    expect(names(off).slice(1, 4)).toEqual(['To the boil', 'Simmer the fish', 'Cook the fish']);
    expect(of(off, 'stage-simmered first')).not.toHaveProperty('in');
  });
  test('a vessel that does not hold all is used as often; nothing asked changes nothing', () => {
    const r = withStages(roast, usual('seared first'), () => 3);
    expect(of(r, 'stage-seared first').minutes).toBe(6);
    expect(withStages(roast, [])).toBe(roast);
    // What has no step in which fish gets done has nothing to stand around.
    expect(withStages(byId('rice'), usual('seared first'))).toBe(byId('rice'));
  });
  test('every stage around every way without a recipe can be planned, and says what is done', () => {
    for (const s of STAGES) {
      expect(sayOfStage(`stage-${s.id}`)).toBe(s.say);
      for (const way of s.with) {
        const r = withStages(plainRecipe(methodOf(way)!), usual(s.id));
        expect([s.id, way, recipeTrouble(r)]).toEqual([s.id, way, null]);
        const tasks = tasksOf({
          id: 'd',
          recipe: r,
          plates: 2,
          fish: { cookMin: 7, restMin: 2, rounds: 1, againMin: 0 },
        });
        const plan = planDinner({ tasks, means: { hands: 1, rings: 2, ovens: 1, grills: 1 }, within: 300 });
        expect([s.id, way, plan.ok && plan.lateMin === 0]).toEqual([s.id, way, true]);
      }
    }
    expect(sayOfStage('cook')).toBeNull();
  });
  test('a recipe brings its own; what is none is told', () => {
    const own: Recipe = { ...roast, stages: [{ id: 'seared first', minutes: 3 }] };
    expect(stagesOf(own)).toEqual([{ id: 'seared first', mediumC: 220, seconds: 180 }]);
    expect([recipeTrouble(own), isRecipe(own)]).toEqual([null, true]);
    expect(recipeTrouble({ ...roast, stages: [{ id: 'nowhere', minutes: 3 }] })).toMatch(/does not know/);
    expect(recipeTrouble({ ...roast, stages: [{ id: 'seared first', minutes: 90 }] })).toBe(
      'Sear the fish: between half a minute and an hour.',
    );
    expect(recipeTrouble({ ...roast, stages: Array(5).fill({ id: 'seared first', minutes: 2 }) })).toMatch(/four/);
    expect(isRecipe({ ...roast, stages: 'seared' })).toBe(false);
    // One of a later version is left out, not guessed.
    expect(stagesOf({ ...roast, stages: [{ id: 'nowhere', minutes: 3 }] })).toEqual([]);
  });
});

describe('what a step is done in', () => {
  const work = (recipe: Recipe, more: object = {}) =>
    tasksOf({
      id: 'd',
      recipe,
      plates: 4,
      fish: { cookMin: 8, restMin: 3, rounds: 1, againMin: 0 },
      vessels: { fish: 'iron', beside: { pot: 'big', pan: 'small' } },
      ...more,
    });
  test('the fish and what is heated for it have the vessel of the fish; other steps the one of their kind', () => {
    const pan = work(byId('brown-butter'));
    expect(pan.filter((t) => t.vessel === 'iron').map((t) => t.name)).toEqual(['Pan hot', 'Cook the fish']);
    const parcel = work(byId('parcel-leek'));
    expect(parcel.find((t) => t.name === 'Soften the leek')!.vessel).toBe('small');
    expect(parcel.find((t) => t.name === 'Oven hot')!.vessel).toBeUndefined();
    expect(work(byId('brown-butter'), { vessels: undefined }).every((t) => t.vessel === undefined)).toBe(true);
  });
  test('chips let go of their pot while they cool, and take it up again', () => {
    const chips = work(byId('chips-twice'));
    expect(chips.map((t) => [t.name, t.vessel ?? null, t.turn ?? 1])).toEqual([
      ['Cut and rinse', null, 1],
      ['Oil to 140°', 'big', 1],
      ['Fry at 140°', 'big', 1],
      ['They cool', null, 1],
      ['Oil to 180°', 'big', 2],
      ['Fry at 180°', 'big', 2],
    ]);
    expect(chips.at(-1)!.mayStand).toBe(4);
    expect(work(byId('chips-twice'), { keptWarm: true }).at(-1)!.mayStand).toBe(20);
    // What is not good kept warm is not kept warm.
    expect(work(byId('brown-butter'), { keptWarm: true }).at(-1)!.mayStand).toBe(5);
  });
});
