import { describe, expect, test } from '@jest/globals';
import {
  type DishAsked,
  methodOf,
  reckonDish,
  SOME_KITCHEN,
  stageOf,
  usualSetting,
  usualStage,
} from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import { Book, dinnerFacts, dinnerWork, type Entry, stepWords, validateEntry } from '../../index.ts';
import { vesselsOfDinner } from './vessels-of-dinner.ts';

const byId = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const { vessels } = SOME_KITCHEN;

describe('who has which vessel', () => {
  test('the fish its own, a side the largest that is free, a sauce the smallest; the last to come shares', () => {
    const of = (...sides: string[]) => vesselsOfDinner(vessels, 'pan', byId('brown-butter'), sides.map(byId));
    expect(of('new-potatoes', 'sorrel-butter')).toMatchObject({
      sides: [{ pot: 'pot' }, { pot: 'saucepan' }],
      shared: false,
    });
    expect(of('sorrel-butter', 'new-potatoes').sides).toEqual([{ pot: 'saucepan' }, { pot: 'pot' }]);
    expect(of('new-potatoes', 'sorrel-butter', 'rice').shared).toBe(true);
    expect(vesselsOfDinner(vessels, 'pot', byId('batter-beer'), [byId('greens')]).sides).toEqual([{ pot: 'pot' }]);
    expect(vesselsOfDinner(vessels, 'pot', byId('batter-beer'), [byId('peas-fennel')]).sides).toEqual([
      { pot: 'saucepan' },
    ]);
    // Two litres of oil never go into a saucepan: it waits for the large pot.
    expect(vesselsOfDinner(vessels, 'pot', byId('batter-beer'), [byId('chips-twice')])).toMatchObject({
      sides: [{ pot: 'pot' }],
      shared: true,
    });
    // What the kitchen has none of holds nobody up.
    expect(vesselsOfDinner([], null, byId('batter-beer'), [byId('rice')])).toEqual({
      fish: null,
      besideFish: {},
      sides: [{}],
      shared: false,
    });
  });
});

const asked = (way: string, more: Partial<DishAsked> = {}): DishAsked => ({
  method: way,
  setting: { ...usualSetting(methodOf(way)!.heat!), ...(way === 'batter' ? { amount: 3 } : {}) },
  piece: { cut: 'portion', thicknessMm: 22, massG: 130, fat: 'lean', bone: false, skin: true, slashed: false },
  pieces: 12,
  startC: 4,
  toC: 63,
  thicknessBy: 'by ruler',
  species: null,
  rounds: { all: 12 },
  ...more,
});

const dinner = (fire: DishAsked, recipe: string | null, sides: string[], kitchen = SOME_KITCHEN, vessel = 'pot') =>
  dinnerFacts({
    name: 'The fish',
    method: methodOf(fire.method)!,
    recipe: recipe === null ? null : byId(recipe),
    packs: [{ pack: idOf('a'), massG: 1500 }],
    fire,
    told: reckonDish(fire),
    sides: sides.map(byId),
    plates: 6,
    serveAtMs: Date.parse(at('19:30')),
    kitchen,
    vessel,
    cook: TOMAS,
    eaters: [ILSE, TOMAS],
    guests: 4,
  });
const DINNER = idOf('dinner');
const stateOf = (facts: ReturnType<typeof dinnerFacts>, ...more: Entry[]) => {
  const book = Book.EMPTY.withEntries([anEntry('dinner.set', DINNER, facts), ...more]);
  return { book, d: book.get('dinner', DINNER)! };
};

describe('chips and battered fish in one pot for six', () => {
  const facts = dinner(asked('batter'), 'batter-beer', ['chips-twice'], SOME_KITCHEN);
  test('is an entry that is taken; the fish goes in in rounds', () => {
    expect(
      validateEntry(JSON.parse(JSON.stringify(anEntry('dinner.set', DINNER, facts))), Date.parse(at('18:00'))),
    ).toMatchObject({ ok: true });
    const rounds = facts.tasks.filter((t) => t.id.startsWith('fish/cook'));
    expect(rounds.length).toBeGreaterThan(2);
    expect(new Set(rounds.map((t) => t.vessel))).toEqual(new Set(['pot']));
  });
  test('is planned so that the pot never holds both, and is proven', () => {
    const { d } = stateOf(facts);
    const work = dinnerWork(d, d.serveAtMs - 240 * 60_000, SOME_KITCHEN.vessels);
    const plan = planDinner(work);
    if (!plan.ok) throw new Error(plan.why);
    expect([plan.lateMin, plan.proven]).toEqual([0, true]);
    const held = (prefix: string, turn: number): [number, number] => {
      const own = plan.placed.filter(
        (p) => p.task.id.startsWith(prefix) && p.task.vessel === 'pot' && (p.task.turn ?? 1) === turn,
      );
      return [Math.max(...own.map((p) => p.startsBefore)), Math.min(...own.map((p) => p.endsBefore))];
    };
    const spans = [held('fish', 1), held('side1', 1), held('side1', 2)].sort((a, b) => b[0] - a[0]);
    for (const [i, s] of spans.entries()) if (i > 0) expect(spans[i - 1]![1]).toBeGreaterThanOrEqual(s[0]);
  });
  test('every round but the last says that it is kept warm, and what it is done in', () => {
    const { book, d } = stateOf(facts);
    const rounds = facts.tasks.filter((t) => t.id.startsWith('fish/cook'));
    const says = rounds.map((t) => stepWords(book, d, t.id));
    expect(says.map((s) => s.say!.includes('Keep these warm'))).toEqual(rounds.map((_, i) => i < rounds.length - 1));
    expect(says[0]).toMatchObject({ vessel: 'Large pot', say: expect.stringMatching(/^Dust, dip/) });
  });
});

describe('a sear before the oven', () => {
  const facts = dinner(
    asked('roast', { stages: [usualStage(stageOf('seared first')!)] }),
    'roast-thyme',
    ['new-potatoes'],
    SOME_KITCHEN,
    'tray',
  );
  test('is a step of its own, in the pan, as often as the pan must be filled; the fire of the dish is what the oven does', () => {
    const sear = facts.tasks.find((t) => t.id === 'fish/stage-seared first')!;
    // Twelve pieces of 130 g and 22 mm, six at once.
    expect(sear).toMatchObject({ vessel: 'pan', place: 'ring', hands: true, minutes: 2 * 2 });
    const dish = facts.dishes[0]!;
    const oven = facts.tasks.find((t) => t.id === 'fish/cook')!;
    expect(oven.minutes).toBe(Math.ceil(dish.cookMin!));
    expect(dish.lowMin!).toBeLessThan(dish.cookMin!);
    const plain = dinner(asked('roast'), 'roast-thyme', [], SOME_KITCHEN, 'tray').dishes[0]!;
    expect(dish.cookMin!).toBeLessThan(plain.cookMin! - 1);
    const { book, d } = stateOf(facts);
    expect(stepWords(book, d, 'fish/stage-seared first').say).toBe(stageOf('seared first')!.say);
    expect(stepWords(book, d, 'fish/nothing').say).toBeNull();
  });
});

describe('vessels while it is cooked', () => {
  const facts = dinner(asked('batter'), 'batter-beer', ['chips-twice'], SOME_KITCHEN);
  const step = (task: string, did: 'begun' | 'done', time: string): Entry =>
    anEntry('dinner.step', DINNER, { task, did } as never, { at: at(time) });
  const workAt = (time: string, ...more: Entry[]) => {
    const { d } = stateOf(facts, ...more);
    return dinnerWork(d, Date.parse(at(time)), SOME_KITCHEN.vessels);
  };
  test('who has begun in it keeps it until all of that is done; then it is free', () => {
    const begun = workAt('18:20', step('side1/warm', 'begun', '18:15'));
    expect(begun.tasks.find((t) => t.id === 'side1/warm')!.vessel).toBe('pot');
    expect(begun.vessels).toMatchObject({ pot: 'Large pot' });
    const over = workAt(
      '18:50',
      step('side1/warm', 'begun', '18:15'),
      step('side1/warm', 'done', '18:23'),
      step('side1/first', 'begun', '18:23'),
      step('side1/first', 'done', '18:36'),
    );
    expect(over.tasks.filter((t) => t.id.startsWith('side1/') && t.vessel && !t.turn)).toEqual([]);
  });
  test('two that were begun in one: there was a second, and nobody waits', () => {
    const both = workAt('18:30', step('side1/warm', 'begun', '18:15'), step('fish/hot', 'begun', '18:20'));
    for (const id of ['side1/warm', 'fish/hot']) expect(both.tasks.find((t) => t.id === id)!.vessel).toBeUndefined();
    expect(planDinner(both)).toMatchObject({ ok: true });
  });
});
