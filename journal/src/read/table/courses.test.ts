import { describe, expect, test } from '@jest/globals';
import { methodOf, SOME_KITCHEN } from '@dagboek/core/cook';
import { type Recipe, RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  coursesOf,
  dinnerFacts,
  dinnerWork,
  dishesToServe,
  type Entry,
  type FactsOf,
  joiningFacts,
  kitchenBeside,
  lastServedMs,
  mealsOfDinner,
  packsSpokenFor,
  serveDishes,
  servedAtBy,
  servedBefore,
  stepTimes,
  validateEntry,
  vesselsUsed,
} from '../../index.ts';

const NOW = Date.parse(at('17:00'));
const DINNER = idOf('dinner');
const recipe = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const pack = (word: string, massG: number): Entry =>
  anEntry('pack.stored', idOf(word), {
    number: word === 'loin' ? 1 : 2,
    what: 'Turbot',
    species: 'turbot',
    form: 'fillets',
    massG,
    wrapping: 'bag',
    place: 'fridge',
    fish: [],
  } as FactsOf<'pack.stored'>);
const plain = { fire: null, told: null, plates: 3, kitchen: SOME_KITCHEN, vessel: null };
const set = anEntry('dinner.set', DINNER, {
  ...dinnerFacts({
    ...plain,
    name: 'Turbot on thyme',
    method: methodOf('roast')!,
    recipe: recipe('roast-thyme'),
    packs: [{ pack: idOf('loin'), massG: 500, from: 'tail' }],
    sides: [recipe('new-potatoes')],
    vessel: 'tray',
    serveAtMs: Date.parse(at('19:30')),
    cook: TOMAS,
    eaters: [ILSE, TOMAS],
    guests: 1,
  }),
});
const before = Book.EMPTY.withEntries([pack('loin', 800), pack('bones', 600), set]);
const slices = joiningFacts(before.get('dinner', DINNER)!, {
  ...plain,
  id: 'raw',
  name: 'Raw slices',
  method: methodOf('raw slices')!,
  recipe: recipe('slices-radish'),
  packs: [{ pack: idOf('loin'), massG: 250, from: 'head' }],
  sides: [],
  servedMin: -25,
});
const join = (facts: FactsOf<'dinner.dishes'> = slices, time = '17:10'): Entry =>
  anEntry('dinner.dishes', DINNER, facts, { at: at(time) });
const book = (...more: Entry[]): Book => before.withEntries([join(), ...more]);
const dinner = (b: Book) => b.get('dinner', DINNER)!;

describe('one fish in two dishes', () => {
  test('the second is written as a line of its own, and is taken', () => {
    expect(validateEntry(JSON.parse(JSON.stringify(join())), Date.parse(at('18:00')))).toMatchObject({ ok: true });
    expect(dinner(book()).dishes.map((x) => [x.id, x.servedMin ?? 0])).toEqual([
      ['fish', 0],
      ['side1', 0],
      ['raw', -25],
    ]);
    const odd = join({ ...slices, dishes: [{ ...slices.dishes[0]!, servedMin: 500 }] });
    expect(validateEntry(odd, Date.parse(at('18:00')))).toMatchObject({
      ok: false,
      why: 'Raw slices: serve it within four hours of the dinner.',
    });
  });
  test('again with the same id it is changed, not doubled; left out its steps go with it; of a later dinner nothing', () => {
    const changed = { ...slices, dishes: [{ ...slices.dishes[0]!, name: 'Slices', servedMin: 10 }], tasks: [] };
    const twice = dinner(book(join(changed, '17:20')));
    expect(twice.dishes.map((x) => x.name)).toEqual(['Turbot on thyme', 'New potatoes', 'Slices']);
    expect(twice.tasks.some((t) => t.id.startsWith('raw/'))).toBe(false);
    const without = anEntry('dinner.without', DINNER, { dish: 'raw' }, { at: at('17:30') });
    expect(dinner(book(without))).toMatchObject({ dishes: dinner(before).dishes, tasks: dinner(before).tasks });
    const anew = anEntry('dinner.set', DINNER, set.facts as never, { at: at('17:40') });
    expect(dinner(book(anew)).dishes).toHaveLength(2);
    const all = ['side1', 'raw', 'fish'].map((dish, i) =>
      anEntry('dinner.without', DINNER, { dish }, { at: at(`17:3${i}`) }),
    );
    expect(dinner(book(...all)).dishes.map((x) => x.id)).toEqual(['fish']);
  });
  test('its hour: planned back from it, and the dinner from its own', () => {
    const d = dinner(book());
    const plan = planDinner(dinnerWork(d, NOW, SOME_KITCHEN.vessels));
    if (!plan.ok) throw new Error(plan.why);
    expect([plan.lateMin, servedAtBy(d, plan)]).toEqual([0, Date.parse(at('19:30'))]);
    const ends = (dish: string): number =>
      Math.max(...stepTimes(d, plan).flatMap((s) => (s.task.id.startsWith(`${dish}/`) ? s.endMs : [])));
    expect(ends('raw')).toBeLessThanOrEqual(Date.parse(at('19:05')));
    expect(ends('raw')).toBeGreaterThan(Date.parse(at('18:54')));
    expect(ends('fish')).toBeGreaterThan(Date.parse(at('19:20')));
    expect(stepTimes(d, plan).every((s) => s.standsTooLong === 0)).toBe(true);
    expect(coursesOf(d, 5).map((c) => [c.servedMs, c.dishes.map((x) => x.id)])).toEqual([
      [Date.parse(at('19:10')), ['raw']],
      [Date.parse(at('19:35')), ['fish', 'side1']],
    ]);
  });
  test('after the rest: the dinner is counted back from the last of it', () => {
    const late = { ...slices, dishes: [{ ...slices.dishes[0]!, servedMin: 30 }] };
    const d = dinner(before.withEntries([join(late)]));
    expect([lastServedMs(d), servedBefore(d, 'fish'), servedBefore(d, 'raw')]).toEqual([
      Date.parse(at('20:00')),
      30,
      0,
    ]);
    const plan = planDinner(dinnerWork(d, NOW));
    const steps = stepTimes(d, plan).filter((s) => s.task.id.startsWith('fish/'));
    expect(Math.max(...steps.map((s) => s.endMs))).toBeLessThanOrEqual(Date.parse(at('19:30')));
  });
});

describe('served one after the other', () => {
  const line = (w: { kind: string; subject: string; facts: object }, time: string): Entry =>
    anEntry(w.kind as never, w.subject, w.facts as never, { at: at(time) });
  const serve = (b: Book, dish: string, time: string, all = false): Entry[] => {
    const d = dinner(b);
    const it = d.dishes.find((x) => x.id === dish)!;
    return serveDishes(d, [{ dish: it, meal: idOf(`meal ${dish}`), probed: null, cues: [] }], all).map((w) =>
      line(w, time),
    );
  };
  test('each becomes a meal of its own packs; the first ends no dinner, and its steps are over', () => {
    const first = serve(book(), 'raw', '19:05');
    for (const e of first)
      expect(validateEntry(JSON.parse(JSON.stringify(e)), Date.parse(at('20:00')))).toMatchObject({ ok: true });
    const b = book(...first);
    const d = dinner(b);
    expect(d.ended).toBeNull();
    expect(dishesToServe(b, d).map((x) => x.id)).toEqual(['fish']);
    expect(mealsOfDinner(b, d).map((m) => [m.dish, m.meal.name, m.meal.packs[0]!.massG])).toEqual([
      ['raw', 'Raw slices', 250],
    ]);
    expect(d.tasks.filter((t) => t.id.startsWith('raw/')).every((t) => d.done[t.id] !== undefined)).toBe(true);
    const over = book(...first, ...serve(b, 'fish', '19:30', true));
    expect(dinner(over).ended).toMatchObject({ meal: idOf('meal fish') });
    expect([...mealsOfDinner(over, dinner(over))].map((m) => m.meal.beside).flat()).toContain('Raw slices');
    expect(dishesToServe(over, dinner(over))).toEqual([]);
  });
  test('what its dishes will take of a pack is spoken for until it is eaten, and no longer than its evening', () => {
    const spoken = (b: Book, time = '18:00') =>
      packsSpokenFor({ book: b, nowMs: Date.parse(at(time)) })
        .get(idOf('loin'))
        ?.map((x) => [x.dish, x.massG]);
    expect(spoken(book())).toEqual([
      ['Raw slices', 250],
      ['Turbot on thyme', 500],
    ]);
    expect(spoken(book(...serve(book(), 'raw', '19:05')))).toEqual([['Turbot on thyme', 500]]);
    expect(packsSpokenFor({ book: book(), nowMs: Date.parse(at('19:30')) + 13 * 3_600_000 }).size).toBe(0);
  });
});

describe('its vessels', () => {
  test('a second dish has what no other has, as long as there is such; a whole fish what it fits in', () => {
    const used = vesselsUsed(dinner(before));
    expect(used).toContain('tray');
    const pan = SOME_KITCHEN.vessels.find((v) => v.use === 'pan')!;
    const two = { ...SOME_KITCHEN, vessels: [...SOME_KITCHEN.vessels, { ...pan, id: 'pan 2' }] };
    const ids = (way: string, cut: 'portion' | 'whole', but: readonly string[]): string[] =>
      kitchenBeside(two, methodOf(way)!, cut, { tasks: but.map((vessel) => ({ ...slices.tasks[0]!, vessel })) })
        .vessels.filter((v) => v.use === way || v.id === 'tray')
        .map((v) => v.id)
        .filter((id) => way === 'roast' || id !== 'tray');
    expect(ids('pan', 'portion', ['pan'])).toEqual(['pan 2']);
    expect(ids('pan', 'portion', ['pan', 'pan 2'])).toContain('pan');
    expect(ids('roast', 'portion', ['tray'])).toContain('tray');
    expect(ids('pan', 'whole', ['pan'])).toEqual(['pan', 'pan 2']);
  });
});
