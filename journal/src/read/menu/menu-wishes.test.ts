import { describe, expect, test } from '@jest/globals';
import { highsSolver, solveMenu } from '@dagboek/core/menu';
import { loadSpecies } from '@dagboek/packs';
import loadHighs from 'highs';
import { anEntry, idOf, ILSE, landed, packStored, TOMAS, tripStarted } from '../../builders.test-support.ts';
import {
  Book,
  changeDay,
  type Entry,
  firstDayOf,
  keepMenu,
  mealDayOf,
  menuWishes,
  movePack,
  packsHeld,
  plannedDay,
  type Writing,
} from '../../index.ts';
import { dayId } from '../../log/kinds/of-day.ts';
import { validateEntry } from '../../log/kinds/validate.ts';

const ZONE = 'Atlantic/Faroe';
const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const day = (at: string): string => at.slice(0, 10);
const on = (date: string, time = '14:00'): string => `${date}T${time}:00+01:00`;
const NOW = Date.parse(on('2026-09-12'));
const member = (id: string, name: string, month: string): Entry =>
  anEntry('member.joined', id, { name }, { at: on(`2026-${month}-01`) });
const WREN = idOf('wren');
let n = 0;
const written = (list: readonly Writing[]): Entry[] =>
  list.map((w) => {
    n += 1;
    return anEntry(w.kind, w.subject, w.facts as never, {
      at: on('2026-09-12', `14:${String(n % 60).padStart(2, '0')}`),
    });
  });
const meal = (date: string, time: string, eaters: string[], pack = 'eaten'): Entry =>
  anEntry(
    'meal.served',
    idOf(`meal ${date}`),
    { name: 'x', cook: ILSE, method: 'roasted', packs: [{ pack: idOf(pack), massG: 100 }], eaters },
    { at: on(date, time) },
  );
const base = [
  tripStarted(),
  landed('f', '12:00'),
  member(ILSE, 'Ilse', '01'),
  member(TOMAS, 'Tomas', '02'),
  member(WREN, 'Wren', '03'),
  packStored('a', { what: 'Pollack, 2 fillets', fish: [idOf('f')], number: 84 }, on('2026-09-12', '09:00')),
  packStored('frozen', { place: 'freezer', wrapping: 'vacuum', species: 'mackerel', number: 69 }, on('2026-09-10')),
  packStored('stock', { form: 'stock', number: 70 }, on('2026-09-12', '09:00')),
  packStored('bait', { form: 'bait', number: 71 }, on('2026-09-12', '09:00')),
];
const book = (...e: Entry[]): Book => Book.EMPTY.withEntries([...base, ...e]);
const asked = (b: Book, days = 5, nowMs = NOW) =>
  menuWishes({ book: b, species: byId, nowMs, zone: ZONE }, packsHeld({ book: b, species: byId, day, nowMs }), days);

describe('who is at risk', () => {
  test('by age as by tick, as the table knows it', () => {
    const old = anEntry('member.joined', idOf('oda'), { name: 'Oda', bornOn: '1950-01-01' }, { at: on('2026-01-02') });
    const { wishes } = asked(book(old));
    const risk = wishes.days[0]!.eaters.map((e) => [e.name, e.atRisk]);
    expect(risk).toEqual([
      ['Ilse', false],
      ['Oda', true],
      ['Tomas', false],
      ['Wren', false],
    ]);
  });
});

describe('what a plan of meals starts from', () => {
  test('packs that are a meal, by their days; frozen ones when they have thawed; no stock and no bait', () => {
    const { wishes, hour, beyond } = asked(book());
    expect(wishes.packs.map((p) => [p.number, p.firstDay, p.lastDay, p.atOnce])).toEqual([
      ['84', 0, 2, false],
      ['69', 0, 89, true],
    ]);
    expect([hour, beyond, wishes.days[0]!.day]).toEqual([14, 0, '2026-09-12']);
    expect(
      asked(book(packStored('old', { number: 60 }, on('2026-09-01')))).wishes.packs.map((p) => p.number),
    ).not.toContain('60');
  });

  test('today, or tomorrow once its dinner was served or the evening is over', () => {
    const eaten = packStored('eaten', { massG: 500 }, on('2026-09-11'));
    expect(firstDayOf({ book: book(), nowMs: NOW, zone: ZONE })).toBe('2026-09-12');
    expect(firstDayOf({ book: book(), nowMs: Date.parse(on('2026-09-12', '20:30')), zone: ZONE })).toBe('2026-09-13');
    const late = Date.parse(on('2026-09-12', '19:30'));
    expect(firstDayOf({ book: book(eaten, meal('2026-09-12', '18:40', [ILSE])), nowMs: late, zone: ZONE })).toBe(
      '2026-09-13',
    );
    expect(firstDayOf({ book: book(eaten, meal('2026-09-12', '12:40', [ILSE])), nowMs: late, zone: ZONE })).toBe(
      '2026-09-12',
    );
    const tomorrow = asked(book(), 5, Date.parse(on('2026-09-12', '21:00')));
    expect([tomorrow.hour, tomorrow.wishes.days[0]!.day]).toEqual([-3, '2026-09-13']);
    expect(tomorrow.wishes.packs.map((p) => [p.number, p.lastDay])).toEqual([
      ['84', 1],
      ['69', 88],
    ]);
  });

  test('who mostly eats at home, unless the day says otherwise; with what they do not eat, and their mercury', () => {
    const eaten = packStored('eaten', { massG: 500, species: 'seabass' }, on('2026-09-01'));
    const meals = [meal('2026-09-02', '19:00', [ILSE, TOMAS]), meal('2026-09-04', '19:00', [ILSE, TOMAS])];
    const b = book(
      eaten,
      ...meals,
      meal('2026-07-02', '19:00', [WREN]),
      anEntry('member.eats', TOMAS, { plates: 1.5, dislikes: ['mackerel'] }, { at: on('2026-09-05') }),
      ...written([changeDay(book(), '2026-09-13', { home: [WREN], guests: 2, fish: 'no' })]),
    );
    const { days } = asked(b).wishes;
    expect(days[0]!.eaters.map((e) => [e.name, e.plates, e.dislikes, e.mercuryUnits])).toEqual([
      ['Ilse', 1, [], 2],
      ['Tomas', 1.5, ['mackerel'], 3],
    ]);
    // Who said nothing eats fish, and everything of it.
    expect(days[0]!.eaters.map((e) => [e.noFish, e.allergic, e.atRisk])).toEqual([
      [false, [], false],
      [false, [], false],
    ]);
    expect(days[1]).toMatchObject({ fish: 'no', guests: 2, eaters: [{ name: 'Wren' }] });
    expect(asked(book()).wishes.days[0]!.eaters).toHaveLength(3);
  });

  test('a hundred packs: those that press most, and what was locked', () => {
    const many = Array.from({ length: 100 }, (_, i) =>
      packStored(`p${i}`, { place: 'freezer', wrapping: 'vacuum', number: 100 + i }, on('2026-09-10')),
    );
    const b = book(...many);
    const { wishes, beyond } = asked(b.withEntries(written(movePack(b, ['2026-09-14'], idOf('p99'), '2026-09-14'))));
    expect([wishes.packs.length, beyond]).toEqual([36, 66]);
    expect(wishes.packs[0]!.id).toBe(idOf('p99'));
    expect(wishes.locks).toEqual([{ pack: idOf('p99'), day: 2 }]);
  });
});

describe('what is planned for a day', () => {
  const DAYS = ['2026-09-12', '2026-09-13', '2026-09-14'];
  test('a day has one subject on every device, and it is one that the book takes', () => {
    expect(dayId('2026-09-12')).toBe('00000000-2026-8091-8200-000000000000');
    expect(new Set(['2026-01-02', '2026-10-02', '2026-01-20', '2027-01-02'].map(dayId)).size).toBe(4);
    const [w] = movePack(book(), DAYS, idOf('a'), '2026-09-13');
    const e = anEntry(w!.kind, w!.subject, w!.facts as never, { at: on('2026-09-12') });
    expect(validateEntry(e, NOW)).toMatchObject({ ok: true });
    expect(validateEntry({ ...e, facts: { ...e.facts, packs: [{ pack: 7 }] } }, NOW).ok).toBe(false);
    expect(validateEntry({ ...e, facts: { ...e.facts, day: '2026-02-31' } }, NOW).ok).toBe(false);
  });

  test('moved to another day a pack leaves the first, and everything else of the days stays', () => {
    let b = book(...written([changeDay(book(), '2026-09-13', { guests: 3 })]));
    b = b.withEntries(written(movePack(b, DAYS, idOf('a'), '2026-09-12')));
    expect(movePack(b, DAYS, idOf('a'), '2026-09-12')).toEqual([]);
    b = b.withEntries(written(movePack(b, DAYS, idOf('a'), '2026-09-13')));
    expect(plannedDay(b, '2026-09-12')!.packs).toEqual([]);
    expect(plannedDay(b, '2026-09-13')).toMatchObject({ guests: 3, packs: [{ pack: idOf('a'), locked: true }] });
    expect(mealDayOf(b, idOf('a'), '2026-09-12')).toBe('2026-09-13');
    expect(mealDayOf(b, idOf('a'), '2026-09-14')).toBeNull();
    b = b.withEntries(written(movePack(b, DAYS, idOf('a'), null)));
    expect(mealDayOf(b, idOf('a'), '2026-09-12')).toBeNull();
  });

  test('a plan that is kept is written on the days that change, and once only', async () => {
    const solve = highsSolver(await loadHighs());
    const b = book(...written([changeDay(book(), '2026-09-14', { fish: 'yes' })]));
    const w = asked(b).wishes;
    const r = solveMenu(w, solve, 10);
    if (!r.ok) throw new Error('no plan');
    const methods = r.menu.meals.map(() => 'pan-fried');
    const keep = keepMenu(b, w, r.menu, methods);
    expect(keep.length).toBe(r.menu.meals.length);
    const then = b.withEntries(written(keep));
    expect(keepMenu(then, asked(then).wishes, r.menu, methods)).toEqual([]);
    expect(mealDayOf(then, idOf('a'), '2026-09-12')).not.toBeNull();
    expect(plannedDay(then, '2026-09-14')).toMatchObject({ fish: 'yes', method: 'pan-fried' });
    // Another plan takes what was planned off its day.
    const none = { ...r.menu, meals: [] };
    expect(keepMenu(then, asked(then).wishes, none, []).every((x) => !('packs' in x.facts))).toBe(true);
  });
});
