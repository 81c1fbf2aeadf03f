import { beforeAll, describe, expect, test } from '@jest/globals';
import { type DishAsked, methodOf, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import { Book, dinnerFacts, dinnerWork, type Entry, type Help, validateEntry, whatHelps } from '../../index.ts';

const byId = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const DINNER = idOf('dinner');
const fire: DishAsked = {
  method: 'roast',
  setting: usualSetting(methodOf('roast')!.heat!),
  piece: { cut: 'portion', thicknessMm: 38, massG: 200, fat: 'lean', bone: false, skin: false, slashed: false },
  pieces: 3,
  startC: 4,
  toC: 63,
  thicknessBy: 'by ruler',
  species: null,
  inTheFire: 'A guest may be at risk.',
  rounds: { all: 3 },
};
const facts = dinnerFacts({
  name: 'Pollack on thyme',
  method: methodOf('roast')!,
  recipe: byId('roast-thyme'),
  packs: [{ pack: idOf('a'), massG: 600 }],
  fire,
  told: reckonDish(fire),
  sides: ['oven-roots', 'green-salad'].map(byId),
  plates: 3,
  serveAtMs: Date.parse(at('19:30')),
  kitchen: SOME_KITCHEN,
  vessel: 'tray',
  cook: TOMAS,
  eaters: [ILSE, TOMAS],
  guests: 1,
});
const stateOf = (...more: Entry[]) =>
  Book.EMPTY.withEntries([anEntry('dinner.set', DINNER, facts), ...more]).get('dinner', DINNER)!;
const lineOf = ({ line }: Help): Entry => anEntry(line.kind, DINNER, line.facts as never, { at: at('18:40') });
const asked = (time: string, ...more: Entry[]) => {
  const d = stateOf(...more);
  const nowMs = Date.parse(at(time));
  const plan = planDinner(dinnerWork(d, nowMs, SOME_KITCHEN.vessels));
  if (!plan.ok) throw new Error(plan.why);
  return {
    d,
    together: [d],
    nowMs,
    kitchen: SOME_KITCHEN,
    recipes: { fish: byId('roast-thyme') },
    lateMin: plan.lateMin,
  };
};

describe('a dinner that will be late', () => {
  const late = asked('18:40');
  let helps: Help[] = [];
  beforeAll(() => {
    helps = whatHelps(late);
  });
  test('is late, and several things would help, those that help most first', () => {
    expect(late.lateMin).toBeGreaterThan(10);
    expect(helps.length).toBeGreaterThan(1);
    expect(helps.map((h) => h.lateMin)).toEqual([...helps.map((h) => h.lateMin)].sort((a, b) => a - b));
    for (const h of helps) expect(h.lateMin).toBeLessThanOrEqual(late.lateMin - 2);
  });
  test('each holds what it says: written down it is taken, and planned it is so late and no later', () => {
    for (const h of helps) {
      const entry = lineOf(h);
      expect(validateEntry(JSON.parse(JSON.stringify(entry)), Date.parse(at('20:00')))).toMatchObject({ ok: true });
      const d = stateOf(entry);
      const plan = planDinner(dinnerWork(d, late.nowMs, SOME_KITCHEN.vessels));
      expect([h.does, h.name, plan.ok && plan.lateMin <= h.lateMin]).toEqual([h.does, h.name, true]);
    }
  });
  test('no fish is served under its limit, whatever is chosen: it stays done on the heat, at the same degrees', () => {
    for (const h of helps) {
      const dish = stateOf(lineOf(h)).dishes.find((x) => x.id === 'fish')!;
      expect(dish.fire).toMatchObject({ toC: 63, inTheFire: 'A guest may be at risk.' });
      expect(dish.toC!).toBeGreaterThanOrEqual(62.9);
      expect(dish.pulledC!).toBeGreaterThanOrEqual(62.9);
      expect(dish.packs).toEqual(facts.dishes[0]!.packs);
    }
  });
  test('a dish less: its steps go with it, and nothing else', () => {
    const [h] = helps.filter((x) => x.does === 'without');
    expect(h?.name).toBe('Roots from the oven');
    expect(stateOf(lineOf(h!)).tasks).toEqual(facts.tasks.filter((t) => !t.id.startsWith('side1/')));
  });
  test('what somebody else changes of the dinner meanwhile stands: one dish is written, not all', () => {
    const h = helps.find((x) => x.does === 'slices' || x.does === 'way')!;
    const without = anEntry('dinner.without', DINNER, { dish: 'side2' }, { at: at('18:39') });
    expect(stateOf(without, lineOf(h)).dishes.map((x) => x.id)).toEqual(['fish', 'side1']);
  });
});

describe('what is not offered', () => {
  const begun = (task: string, time: string): Entry =>
    anEntry('dinner.step', DINNER, { task, did: 'begun' } as never, { at: at(time) });
  test('what was begun stays: no slices of a fish that is in the oven, no side given up that is on', () => {
    const helps = whatHelps(asked('19:20', begun('fish/cook', '19:15'), begun('side1/roast', '19:05')));
    expect(helps.some((h) => h.does === 'slices' || h.does === 'way')).toBe(false);
    expect(helps.some((h) => h.name === 'Roots from the oven')).toBe(false);
  });
  test('slices only of what stays thick enough; no way that the kitchen cannot do, none in oil, none over embers that are not lit', () => {
    const bare = { ...asked('19:10'), kitchen: { ...SOME_KITCHEN, vessels: [] } };
    expect(whatHelps(bare).filter((h) => h.does === 'way')).toEqual([]);
    for (const h of whatHelps(asked('19:10'))) {
      if (h.does === 'way') expect(h.name).not.toMatch(/grill|stick|Smoked|fried|Dredged|cakes|raw/i);
      if (h.does === 'slices') expect(h.mm).toBeGreaterThanOrEqual(12);
    }
  });
  test('a thick piece alone in the way: slices of it say how thick and how long', () => {
    const d = stateOf();
    const only = { ...d, dishes: d.dishes.slice(0, 1), tasks: d.tasks.filter((t) => t.id.startsWith('fish/')) };
    const nowMs = Date.parse(at('19:00'));
    const plan = planDinner(dinnerWork(only, nowMs));
    if (!plan.ok) throw new Error(plan.why);
    const helps = whatHelps({
      d: only,
      together: [only],
      nowMs,
      kitchen: SOME_KITCHEN,
      recipes: { fish: byId('roast-thyme') },
      lateMin: plan.lateMin,
    });
    const slices = helps.filter((h) => h.does === 'slices');
    // Thirds of 38 mm are 13, of three pieces nine; quarters would fall apart.
    expect(slices.map((h) => [h.pieces, h.mm])).toContainEqual([9, 13]);
    expect(slices.map((h) => h.pieces)).not.toContain(12);
    for (const h of slices) expect(h.cookMin!).toBeLessThan(only.dishes[0]!.cookMin!);
  });
});
