import { describe, expect, test } from '@jest/globals';
import { type DishAsked, methodOf, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { METRIC } from '@dagboek/core/units';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  dinnerFacts,
  dinnerShopping,
  marinadeChoices,
  marinadeNow,
  mealsFound,
  sayEntry,
  serveDishes,
  stepWords,
  validateEntry,
} from '../../index.ts';

const recipe = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const grill = methodOf('grill')!;
const fillet = { cut: 'fillet' as const, thicknessMm: 20, skin: true, startC: 4 };

describe('what a fish may lie in', () => {
  const choices = marinadeChoices(grill, fillet, recipe('grill-two-zones'));
  const now = (id: string, minutes: number, mediumC = 200, what = fillet) =>
    marinadeNow({ id, minutes }, choices, grill, what, mediumC);
  test('what goes with way and cut; no salt before a recipe that salts it itself; nothing before raw, and of nothing', () => {
    expect(choices.map((c) => c.id)).toEqual(['salted', 'brine', 'lemon', 'oil', 'soy', 'yoghurt', 'paste']);
    expect(choices[1]).toEqual({ id: 'brine', name: 'in brine of 6 %', usual: { id: 'brine', minutes: 30 } });
    const pan = methodOf('pan')!;
    expect(marinadeChoices(pan, fillet, recipe('brown-butter')).some((c) => c.id === 'salted')).toBe(false);
    expect(marinadeChoices(pan, fillet, null).some((c) => c.id === 'salted')).toBe(true);
    expect(marinadeChoices(methodOf('raw slices')!, fillet, null)).toEqual([]);
    expect(marinadeChoices(grill, null, null)).toEqual([]);
  });
  test('too long with the reason, too hot with the limit, frozen with what comes first', () => {
    expect(now('soy', 30)).toMatchObject({ trouble: null, tooHotC: null });
    expect(now('soy', 300)!.trouble).toMatch(/four hours/);
    const tonight = (minutes: number, leftMin: number | null) =>
      marinadeNow({ id: 'paste', minutes }, choices, grill, fillet, 200, leftMin)!.trouble;
    expect(tonight(1440, 309)).toBe(
      'It is served in 5 h 9 min, and would lie for 24 h. Choose a later hour or fewer minutes.',
    );
    expect([tonight(280, 309), tonight(1440, null)]).toEqual([null, null]);
    expect([now('soy', 30, 210)!.tooHotC, now('soy', 30, 211)!.tooHotC]).toEqual([null, 210]);
    expect(now('oil', 60, 320)!.tooHotC).toBeNull();
    expect(now('soy', 30)!.mind).toEqual([
      'Raw fish lay in it: it is no sauce before it has boiled for a full minute.',
    ]);
    expect(now('oil', 60)!.mind.join(' ')).toMatch(/throw away.*Botulism/);
    expect(now('soy', 30, 200, { ...fillet, startC: -18 })!.mind[0]).toMatch(/^Thaw it/);
  });
  test('one that this way or cut does not go with, or none, is none', () => {
    expect(now('milk', 30)).toBeNull();
    expect(marinadeNow(null, choices, grill, fillet, 200)).toBeNull();
    expect(marinadeNow({ id: 'soy', minutes: 30 }, choices, grill, null, 200)).toBeNull();
  });
});

describe('through a dinner to its meal', () => {
  const fire: DishAsked = {
    ...{ method: 'grill', setting: usualSetting(grill.heat!), pieces: 2, startC: 4, toC: 63, species: null },
    piece: { cut: 'fillet', thicknessMm: 20, massG: 160, fat: 'oily', bone: false, skin: true, slashed: false },
    thicknessBy: 'by ruler',
  };
  const facts = dinnerFacts({
    ...{ name: 'Mackerel, lacquered', method: grill, recipe: recipe('grill-two-zones'), fire, told: reckonDish(fire) },
    ...{ packs: [{ pack: idOf('a'), massG: 320 }], sides: [], plates: 2, kitchen: SOME_KITCHEN, vessel: null },
    ...{ serveAtMs: Date.parse(at('19:30')), cook: TOMAS, eaters: [ILSE, TOMAS], guests: 0 },
    lay: { id: 'soy', minutes: 30 },
  });
  const id = idOf('dinner');
  const set = anEntry('dinner.set', id, facts);
  const book = Book.EMPTY.withEntries([set]);
  const d = book.get('dinner', id)!;

  test('it is a line that is taken; laid in on the clock, in its words; soy is bought', () => {
    expect(validateEntry(JSON.parse(JSON.stringify(set)), Date.parse(at('19:00')))).toMatchObject({ ok: true });
    expect(d.dishes[0]!.lay).toEqual({ in: 'soy', minutes: 30 });
    const plan = planDinner({ tasks: facts.tasks, means: { ...facts.means, grills: 1 }, within: 240 });
    expect(plan).toMatchObject({ ok: true, lateMin: 0 });
    expect(stepWords(book, d, 'fish/marinade-out').say).toMatch(/^Wipe it dry/);
    const list = dinnerShopping(book, d)!;
    expect(list.buy.map((p) => p.name)).toContain('soy sauce');
    expect(list.allergens).toMatch(/gluten.*soya/);
  });
  test('the meal keeps it, says it and is found by it', () => {
    const [line] = serveDishes(d, [{ dish: d.dishes[0]!, meal: idOf('meal'), probed: null, cues: [] }], true);
    const meal = anEntry('meal.served', idOf('meal'), line!.facts as never);
    const all = book.withEntries([meal]);
    const served = all.getAny('meal', idOf('meal'))!;
    expect(served.lay).toEqual({ in: 'soy', minutes: 30 });
    const names = { member: () => 'Tomas', species: String };
    const plain = (x: string): string => x;
    const said = sayEntry(meal, {
      ...{ units: METRIC, member: () => 'Tomas', species: plain, box: plain, store: plain, zone: plain },
    } as never);
    expect(said).toContain('after 30 min in soy and sugar, cooked by Tomas');
    expect(mealsFound(all, [served], 'soy', names)).toHaveLength(1);
    expect(mealsFound(all, [served], 'buttermilk', names)).toHaveLength(0);
  });
  test('what it lay in is refused where it is nothing', () => {
    const of = (lay: unknown) =>
      validateEntry(
        anEntry('dinner.set', id, { ...facts, dishes: [{ ...facts.dishes[0]!, lay }] } as never),
        Date.parse(at('19:00')),
      );
    for (const lay of [{ in: 'soy', minutes: 0 }, { in: '', minutes: 5 }, { in: 'soy', minutes: 2881 }, 'soy', null])
      expect([lay, of(lay).ok]).toEqual([lay, false]);
    // One of a later version is kept.
    expect(of({ in: 'whey', minutes: 20 }).ok).toBe(true);
  });
});
