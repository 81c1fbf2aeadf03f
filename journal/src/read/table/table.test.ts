import { describe, expect, test } from '@jest/globals';
import { planDinner } from '@dagboek/core/schedule';
import { aDish, aTask } from '../../any-history.test-support.ts';
import { anEntry, at, idOf, ILSE, TOMAS, wholeLine } from '../../builders.test-support.ts';
import {
  Book,
  dinnerNow,
  dinnersOpen,
  dinnerWork,
  endedBy,
  type DinnerState,
  type Entry,
  type FactsOf,
  kitchenOf,
  lessonsFor,
  lessonsOfDish,
  mealRecord,
  mealsByMonth,
  mealsFound,
  recipeOf,
  recipesOf,
  servedAtBy,
  stationStates,
  stepTimes,
} from '../../index.ts';

const DINNER = idOf('dinner');
const ms = (time: string): number => Date.parse(at(time));
const MEANS = { hands: 1, rings: 2, ovens: 1, grills: 0 };
const set = (more: Partial<FactsOf<'dinner.set'>> = {}): Entry =>
  anEntry('dinner.set', DINNER, {
    serveAtMs: ms('19:30'),
    dishes: [aDish()],
    tasks: [
      aTask('p/scrub', 6, { dish: 'Potatoes', hands: true }),
      aTask('p/boil', 20, {
        dish: 'Potatoes',
        place: 'ring',
        after: [{ task: 'p/scrub', from: 'end', least: 0, most: null }],
        mayStand: 12,
      }),
      aTask('d/cook', 9, { hands: true, place: 'ring' }),
      aTask('d/rest', 3, { after: [{ task: 'd/cook', from: 'end', least: 0, most: 0 }], mayStand: 5, spoils: 4 }),
    ],
    means: MEANS,
    cook: TOMAS,
    eaters: [ILSE, TOMAS],
    ...more,
  });
const step = (task: string, did: 'begun' | 'done', time: string): Entry =>
  anEntry('dinner.step', DINNER, { task, did }, { at: at(time) });
const dinnerOf = (...entries: Entry[]): DinnerState =>
  Book.EMPTY.withEntries([set(), ...entries]).get('dinner', DINNER)!;
const clock = (d: DinnerState, now: string): Record<string, string> => {
  const plan = planDinner(dinnerWork(d, ms(now)));
  return Object.fromEntries(
    stepTimes(d, plan).map((s) => [s.task.id, new Date(s.startMs + 3_600_000).toISOString().slice(11, 16)]),
  );
};

describe('a dinner on the clock', () => {
  test('back from the hour, the fish last', () => {
    expect(clock(dinnerOf(), '18:00')).toEqual({
      'p/scrub': '19:04',
      'p/boil': '19:10',
      'd/cook': '19:18',
      'd/rest': '19:27',
    });
  });
  test('what was begun stands where it began, and its timer runs from there', () => {
    const d = dinnerOf(
      step('p/scrub', 'begun', '19:00'),
      step('p/scrub', 'done', '19:05'),
      step('p/boil', 'begun', '19:06'),
    );
    expect(clock(d, '19:10')).toMatchObject({ 'p/scrub': '19:00', 'p/boil': '19:06', 'd/cook': '19:18' });
    const now = dinnerNow(d, stepTimes(d, planDinner(dinnerWork(d, ms('19:10')))), ms('19:10'));
    expect(now.timers.map((t) => [t.task.id, t.leftMs / 60_000])).toEqual([['p/boil', 16]]);
    expect(now.next?.task.id).toBe('d/cook');
    expect(now.now).toEqual([]);
  });
  test('five minutes late: from there on anew, and the later hour is told', () => {
    // The fish should have begun at 19:18; at 19:23 it has not.
    const d = dinnerOf(
      step('p/scrub', 'begun', '19:04'),
      step('p/scrub', 'done', '19:10'),
      step('p/boil', 'begun', '19:10'),
    );
    const plan = planDinner(dinnerWork(d, ms('19:23')));
    expect(plan).toMatchObject({ ok: true, lateMin: 5 });
    expect(servedAtBy(d, plan)).toBe(ms('19:35'));
    const steps = stepTimes(d, plan);
    expect(dinnerNow(d, steps, ms('19:23')).now.map((s) => s.task.id)).toEqual(['d/cook']);
    const moved = dinnerOf(
      anEntry('dinner.moved', DINNER, { serveAtMs: ms('19:35') }),
      step('p/scrub', 'begun', '19:04'),
      step('p/scrub', 'done', '19:10'),
      step('p/boil', 'begun', '19:10'),
      step('d/cook', 'begun', '19:23'),
    );
    expect(planDinner(dinnerWork(moved, ms('19:24')))).toMatchObject({ ok: true, lateMin: 0 });
  });
  test('no more hands are at work than there are: with two pairs the third ends the first begun', () => {
    const tasks = ['a', 'b', 'c'].map((x) => aTask(x, 10, { hands: true }));
    const kitchen = set({ tasks, means: { ...MEANS, hands: 2 } });
    const d = Book.EMPTY.withEntries([kitchen, step('a', 'begun', '19:00'), step('b', 'begun', '19:02')]).get(
      'dinner',
      DINNER,
    )!;
    const steps = stepTimes(d, planDinner(dinnerWork(d, ms('19:03'))));
    const waits = aTask('w', 5, { after: [{ task: 'b', from: 'end', least: 0, most: null }] });
    const ended = (hands: number, t: typeof waits): string[] =>
      endedBy({ id: DINNER, steps }, t, hands).map((s) => s.task);
    expect(ended(2, tasks[2]!)).toEqual(['a']);
    expect(ended(1, tasks[2]!)).toEqual(['a', 'b']);
    expect(ended(3, tasks[2]!)).toEqual([]);
    expect(ended(2, waits)).toEqual(['b']);
  });
  test('a step that runs over holds what comes after, and how long the fish then stands is told', () => {
    const d = dinnerOf(
      step('d/cook', 'begun', '19:00'),
      step('d/cook', 'done', '19:09'),
      step('d/rest', 'begun', '19:09'),
      step('d/rest', 'done', '19:12'),
    );
    const steps = stepTimes(d, planDinner(dinnerWork(d, ms('19:12'))));
    expect(steps.find((s) => s.task.id === 'd/rest')!.standsTooLong).toBeGreaterThan(10);
  });
  test('put by hand at an hour that is past it is planned anew, from a minute on', () => {
    const put = (time: string): Entry => anEntry('dinner.put', DINNER, { task: 'p/scrub', startMs: ms(time) });
    const pinned = (time: string, now: string): boolean =>
      dinnerWork(dinnerOf(put(time)), ms(now)).tasks[0]!.startsBefore !== undefined;
    expect([pinned('18:30', '18:30'), pinned('18:30', '18:31'), pinned('18:30', '18:33')]).toEqual([true, true, false]);
  });
  test('put by hand it stays; let go it is planned again; what was begun twice began once', () => {
    const put = anEntry('dinner.put', DINNER, { task: 'p/scrub', startMs: ms('18:30') });
    expect(clock(dinnerOf(put), '18:00')).toMatchObject({ 'p/scrub': '18:30' });
    expect(clock(dinnerOf(put, anEntry('dinner.put', DINNER, { task: 'p/scrub' })), '18:00')).toMatchObject({
      'p/scrub': '19:04',
    });
    const twice = dinnerOf(step('p/scrub', 'begun', '19:00'), step('p/scrub', 'begun', '19:02'));
    expect(twice.begun['p/scrub']).toBe(ms('19:00'));
  });
  test('a step that takes longer moves what comes before it', () => {
    const longer = dinnerOf(anEntry('dinner.lasts', DINNER, { task: 'd/cook', minutes: 14 }));
    expect(clock(longer, '18:00')['d/cook']).toBe('19:13');
  });
  test('over midnight: minutes are minutes', () => {
    const late = Book.EMPTY.withEntries([set({ serveAtMs: ms('23:55') + 20 * 60_000 })]).get('dinner', DINNER)!;
    expect(clock(late, '23:00')['d/rest']).toBe('00:12');
  });
  test('open until it is served or given up; set anew the last holds', () => {
    const [first, again] = [set(), set({ serveAtMs: ms('20:00') })];
    const book = Book.EMPTY.withEntries([first, again]);
    expect(dinnersOpen(book).map((d) => d.serveAtMs)).toEqual([ms('20:00')]);
    expect(dinnersOpen(book.withEntries([anEntry('dinner.ended', DINNER, {})]))).toEqual([]);
    expect(stationStates(book)).toMatchObject({ dinners: 1, cooking: 0 });
    expect(stationStates(book.withEntries([step('p/scrub', 'begun', '19:04')]))).toMatchObject({
      dinners: 1,
      cooking: 1,
    });
  });
});

describe('kitchen and recipes', () => {
  test('a small kitchen until somebody says; one’s own recipes first, those put away not offered but found', () => {
    expect(kitchenOf(Book.EMPTY)).toMatchObject({ own: false, hands: 1 });
    const recipe = { ...recipesOf(Book.EMPTY)[0]!, id: 'own-1', name: 'Aunt’s' };
    const written = anEntry('recipe.written', 'own-1', { recipe: recipe as object as Record<string, unknown> });
    const opened = anEntry('book.opened', idOf('book'), { name: 'Tern', waters: 'none', from: 'boat' });
    const book = Book.EMPTY.withEntries([
      opened,
      written,
      anEntry('book.kitchen', opened.subject, { means: { ...MEANS, hands: 2 }, vessels: [] }),
    ]);
    expect(kitchenOf(book)).toMatchObject({ own: true, hands: 2 });
    expect(recipesOf(book)[0]!.name).toBe('Aunt’s');
    const away = book.withEntries([anEntry('recipe.retired', 'own-1', {})]);
    expect(recipesOf(away).some((r) => r.id === 'own-1')).toBe(false);
    expect(recipeOf(away, 'own-1')?.name).toBe('Aunt’s');
    expect(recipeOf(away, 'none')).toBeNull();
  });
});

describe('meals', () => {
  const meal = (id: string, name: string, day: string, more: Partial<FactsOf<'meal.served'>> = {}): Entry =>
    anEntry(
      'meal.served',
      idOf(id),
      {
        name,
        cook: TOMAS,
        method: 'roasted',
        packs: [{ pack: idOf(`pack ${id}`), massG: 300 }],
        eaters: [ILSE],
        ...more,
      },
      { at: `${day}T19:30:00+01:00` },
    );
  const pack = (id: string, species: string): Entry =>
    anEntry('pack.stored', idOf(`pack ${id}`), {
      number: 1,
      what: species,
      species,
      form: 'fillets',
      massG: 900,
      wrapping: 'bag',
      place: 'fridge',
      fish: [],
    });
  const noted = (id: string, text: string): Entry => anEntry('meal.noted', idOf(id), { text });
  const book = Book.EMPTY.withEntries([
    ...['a', 'b', 'c'].map((id, i) => pack(id, i === 1 ? 'mackerel' : 'pollack')),
    meal('a', 'Pollack on thyme', '2026-08-30'),
    noted('a', 'a minute less'),
    meal('b', 'Mackerel, roasted', '2026-09-02'),
    noted('b', 'more salt'),
    meal('c', 'Pollack in paper', '2026-09-05', { method: 'in a parcel', beside: ['Peas'] }),
    noted('c', 'less leek'),
  ]);
  test('what to change is offered of the same kind and way first', () => {
    expect(lessonsFor(book, ['pollack'], 'roasted').map((l) => l.change[0])).toEqual(['a minute less', 'more salt']);
    expect(lessonsFor(book, ['pollack'], 'steamed')).toEqual([]);
    // At the fire of a dish that is planned the same stands; a way that nobody knows says nothing.
    const atFire = (method: string | null) => lessonsOfDish(book, { method, packs: [] }).map((l) => l.change[0]);
    expect(atFire('roast')).toHaveLength(2);
    expect([atFire('steam'), atFire(null), atFire('of a later version')]).toEqual([[], [], []]);
  });
  test('found by a word of anything, grouped by month', () => {
    const names = { member: () => 'Tomas', species: (id: string) => id };
    const all = book.all('meal').sort((x, y) => (x.servedAt < y.servedAt ? 1 : -1));
    const found = (q: string): string[] => mealsFound(book, all, q, names).map((m) => m.name);
    expect(found('peas')).toEqual(['Pollack in paper']);
    expect(found('pollack roasted')).toEqual(['Pollack on thyme']);
    expect(found('SALT')).toEqual(['Mackerel, roasted']);
    expect(found(' ')).toHaveLength(3);
    expect(mealsByMonth(all).map((g) => [g.month, g.meals.length])).toEqual([
      ['2026-09', 2],
      ['2026-08', 1],
    ]);
  });
  test('its record: from the water to the plate, and who fell ill after it', () => {
    const line = wholeLine();
    const served = line.find((e) => e.kind === 'meal.served')!;
    const whole = Book.EMPTY.withEntries([
      ...line,
      anEntry('incident.begun', idOf('ill'), { card: 'poison', who: ILSE, meal: served.subject }),
    ]);
    const record = mealRecord({ book: whole, species: () => null }, whole.get('meal', served.subject)!);
    expect(record.lines.length).toBeGreaterThan(0);
    expect(record.waterToPlateMs).toBeGreaterThan(0);
    expect(record.ill).toHaveLength(1);
    expect(record.packs[0]!.fish[0]!.fish.id).toBe(record.lines[0]!.fish.id);
  });
});
