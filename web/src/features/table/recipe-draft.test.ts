import { describe, expect, test } from '@jest/globals';
import { RECIPES, recipeTrouble } from '@dagboek/core/recipes';
import { cookStep, emptyStep, recipeDraft, recipeOf } from './recipe-draft.ts';

describe('a recipe as it is typed', () => {
  test.each(RECIPES.map((r) => [r.name, r] as const))('%s: opened and kept without a change it is the same', (_, r) => {
    expect(recipeOf(recipeDraft(r), r.id, r)).toEqual({ ...r, method: r.course === 'fish' ? r.method : null });
  });

  test('an empty sheet says what is missing; a name, a line and a step make a recipe of it', () => {
    const empty = recipeDraft(null);
    expect(recipeTrouble(recipeOf(empty, 'r', null))).not.toBeNull();
    const typed = {
      ...empty,
      name: ' Cod in butter ',
      says: 'Cod, butter, a lemon.',
      takes: '60 g butter\n\n 1 lemon \n',
      allergens: ['celery' as const],
      steps: [{ ...emptyStep('s1'), name: 'Cut the lemon' }, cookStep()],
    };
    const r = recipeOf(typed, 'r', null);
    expect(recipeTrouble(r)).toBeNull();
    expect(r.name).toBe('Cod in butter');
    expect(r.ingredients.map((i) => i.name)).toEqual(['butter', 'lemon']);
    // What is declared by hand stands with the first thing; nobody has said that all is declared.
    expect(r.ingredients[0]!.allergens).toContain('celery');
    expect(r.declared).toBe(false);
    expect(r.steps.map((s) => [s.name, s.say, s.takes, s.minutes, s.place])).toEqual([
      ['Cut the lemon', 'Cut the lemon', 'minutes', 5, null],
      ['Cook the fish', 'Until it is done.', 'cook', 0, 'ring'],
    ]);
    expect([r.stands, recipeOf({ ...typed, stands: '' }, 'r', null).stands]).toEqual([5, null]);
    expect(recipeTrouble(recipeOf({ ...typed, stands: 'x' }, 'r', null))).not.toBeNull();
  });

  test('a step that others wait for is left out: what waited for it waits for the one before', () => {
    const r = RECIPES.find((x) => x.steps.some((s) => (s.after?.length ?? 0) > 0))!;
    const waits = r.steps.find((s) => (s.after?.length ?? 0) > 0)!;
    const d = recipeDraft(r);
    const without = { ...d, steps: d.steps.filter((s) => s.id !== waits.after![0]) };
    expect(recipeOf(without, r.id, r).steps.find((s) => s.id === waits.id)!.after).toBeNull();
  });
});
