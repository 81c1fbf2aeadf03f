import { describe, expect, test } from '@jest/globals';
import {
  type Cooking,
  cookingOf,
  type Method,
  methodOf,
  reckonDish,
  SOME_KITCHEN,
  simulatedProbe,
  usualSetting,
} from '@dagboek/core/cook';
import { taskId } from '@dagboek/core/recipes';
import { anEntry, idOf, ILSE } from '../../builders.test-support.ts';
import { Book, dinnerFacts, type Entry, fireAsked, kitchenTimes } from '../../index.ts';
import { stamp } from '@dagboek/core/time';

const SERVED = Date.parse('2026-09-01T19:00:00Z');
const TASK = taskId('fish', 'cook');
const at = (ms: number): string => stamp(ms, 'UTC');

/** A dinner by a way, cooked in a kitchen `slower` than the charts, read at shares of its time. */
function dinner(
  id: string,
  way: string,
  slower: number,
  { reads = [0.95], dayN = 0, meal = idOf('m') as string | null, old = false } = {},
): Entry[] {
  const method = methodOf(way)!;
  const fire = {
    method: way,
    setting: usualSetting(method.heat!),
    piece: {
      cut: 'portion' as const,
      thicknessMm: 25,
      massG: 160,
      fat: 'lean' as const,
      bone: false,
      skin: true,
      slashed: false,
    },
    pieces: 2,
    startC: 4,
    toC: 60,
    thicknessBy: 'by ruler' as const,
    species: null,
  };
  const told = reckonDish(fire);
  const cooking: Cooking = cookingOf(told)!;
  const servedMs = SERVED + dayN * 86_400_000;
  const begunMs = servedMs - 3_600_000;
  const tookS = cooking.course.pulledS * slower;
  const facts = dinnerFacts({
    name: way,
    method,
    recipe: null,
    packs: [{ pack: idOf('p'), massG: 320 }],
    fire,
    told,
    sides: [],
    plates: 2,
    serveAtMs: servedMs,
    kitchen: SOME_KITCHEN,
    vessel: null,
    cook: ILSE,
    eaters: [ILSE],
    guests: 0,
  });
  if (old) for (const d of facts.dishes) if (d.fire) delete (d.fire as Record<string, unknown>)['fit'];
  const note = (kind: string, ms: number, more: object): Entry =>
    anEntry(kind as 'dinner.read', idOf(id), more as never, { at: at(ms) });
  return [
    note('dinner.set', begunMs - 600_000, facts),
    note('dinner.step', begunMs, { task: TASK, did: 'begun' }),
    ...reads.map((share) =>
      note('dinner.read', begunMs + tookS * share * 1000, {
        dish: 'fish',
        c: simulatedProbe(told.beyond!, tookS * share, slower, 0),
      }),
    ),
    note('dinner.step', begunMs + tookS * 1000, { task: TASK, did: 'done' }),
    note('dinner.ended', servedMs, meal === null ? {} : { meal }),
  ];
}
const book = (...list: Entry[][]): Book => Book.EMPTY.withEntries(list.flat());
const times = (b: Book, way = 'pan') => kitchenTimes(b, methodOf(way)!)!;

describe('what the dinners of a book say of its kitchen', () => {
  test('a slow ring is found, surer with each dinner, and a little of it counts for the oven', () => {
    const [one, three] = [
      book(dinner('a', 'pan', 1.3)),
      book(dinner('a', 'pan', 1.3), dinner('b', 'pan', 1.3, { dayN: 1 }), dinner('c', 'pan', 1.3, { dayN: 2 })),
    ];
    expect(times(one).times).toBeGreaterThan(1.1);
    expect(times(three).times).toBeGreaterThan(times(one).times);
    expect(times(three).times).toBeLessThan(1.34);
    expect(times(three).sd).toBeLessThan(times(one).sd);
    expect(times(three)).toMatchObject({ ofWay: 3, inAll: 3 });
    const oven = times(three, 'roast');
    expect(oven.times).toBeGreaterThan(1.01);
    expect(oven.times).toBeLessThan(times(three).times);
    expect(oven).toMatchObject({ ofWay: 0, inAll: 3 });
  });
  test('nobody read, called off, by an older fit: it says nothing', () => {
    const none = { times: 1, inAll: 0 };
    expect(times(book(dinner('a', 'pan', 1.3, { reads: [] })))).toMatchObject(none);
    expect(times(book(dinner('a', 'pan', 1.3, { meal: null })))).toMatchObject(none);
    expect(times(book(dinner('a', 'pan', 1.3, { old: true })))).toMatchObject(none);
    expect(times(book(dinner('a', 'pan', 1.3, { reads: [0.15] })))).toMatchObject(none);
    expect(times(Book.EMPTY)).toMatchObject(none);
    expect(kitchenTimes(Book.EMPTY, methodOf('in salt')!)).toBeNull();
  });
  test('nobody read: when it was taken off and how it was then found says less, and says it', () => {
    const found = (doneness: string | undefined, slower: number, more: object = {}): Book =>
      Book.EMPTY.withEntries([
        anEntry('pack.stored', idOf('p'), {
          ...{ number: 1, what: 'p', species: 'pollack', form: 'fillets', massG: 400 },
          ...{ wrapping: 'cloth', place: 'fridge', fish: [] },
        } as never),
        ...dinner('a', 'pan', slower, { reads: [] }),
        anEntry('meal.served', idOf('m'), {
          ...{ name: 'm', cook: ILSE, method: 'pan-fried', packs: [{ pack: idOf('p'), massG: 320 }], eaters: [ILSE] },
          ...{ dinner: idOf('a'), ...(doneness ? { doneness } : {}), ...more },
        } as never),
      ]);
    const read = times(book(dinner('a', 'pan', 1.3)));
    const moist = times(found('moist', 1.3));
    expect(moist.inAll).toBe(1);
    expect(moist.times).toBeGreaterThan(1.02);
    expect(moist.sd).toBeGreaterThan(read.sd);
    // Dry at the minute that was calculated: this kitchen is quick; glassy: it is slow.
    expect(times(found('dry', 1)).times).toBeLessThan(0.97);
    expect(times(found('glassy', 1)).times).toBeGreaterThan(1.03);
    expect(times(found(undefined, 1.3)).inAll).toBe(0);
    // It was another dish of that dinner.
    expect(times(found('moist', 1.3, { dish: 'side1' })).inAll).toBe(0);
  });
  test('a struck dinner counts no more', () => {
    const lines = dinner('a', 'pan', 1.3);
    const strike = anEntry('log.struck', idOf('a'), {}, { strikes: lines[0]!.id, at: at(SERVED + 1000) });
    expect(times(book(lines, [strike])).inAll).toBe(0);
  });
  test('what a new dish is asked: a learned kitchen, and no coasting where something is against it', () => {
    const [pan, salt, seared] = ['pan', 'in salt', 'seared'].map((id) => methodOf(id)!) as [Method, Method, Method];
    const learned = book(dinner('a', 'pan', 1.3));
    expect(fireAsked(Book.EMPTY, pan, [], true)).toEqual({ asked: {}, learned: expect.objectContaining({ inAll: 0 }) });
    const { asked } = fireAsked(learned, pan, ['A guest may be at risk.', 'and more'], true);
    expect(asked.inTheFire).toBe('A guest may be at risk.');
    expect(asked.kitchen!.times).toBeGreaterThan(1.1);
    expect(fireAsked(learned, pan, [], false).asked.inTheFire).toMatch(/raw are not met/);
    // What stays raw in the middle has no limit to reach; without fire there is nothing to ask.
    expect(fireAsked(learned, seared, [], false).asked.inTheFire).toBeUndefined();
    expect(fireAsked(learned, salt, [], true)).toEqual({ asked: {}, learned: null });
  });
});
