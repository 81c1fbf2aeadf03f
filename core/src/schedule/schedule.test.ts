import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/index.ts';
import { after, brokenBy, exhaustive, MEANS, someDinner, task } from './dinners.test-support.ts';
import { leastCost } from './cost.ts';
import { type Kitchenwork, planDinner, solveSchedule, type Task, workTrouble } from './index.ts';
import { Times } from './times.ts';

const work = (tasks: readonly Task[], within = 600, means = MEANS): Kitchenwork => ({ tasks, within, means });
/** Nothing runs out of thinking. */
const ENOUGH = Infinity;
const foundIn = (w: Kitchenwork, steps = ENOUGH) => {
  const r = solveSchedule(w, steps);
  return r.state === 'found' ? r.found : null;
};
const endsOf = (w: Kitchenwork): Record<string, number> =>
  Object.fromEntries(w.tasks.map((t, i) => [t.id, foundIn(w)!.ends[i]!]));

describe('back from serving', () => {
  test('a chain ends at the serving, each step before the next', () => {
    const chain = [task('a1', 5), task('a2', 20, { after: [after('a1')] }), task('a3', 3, { after: [after('a2', 2)] })];
    expect(endsOf(work(chain))).toEqual({ a3: 0, a2: 5, a1: 25 });
  });
  test('one cook: one after the other, what spoils worst last', () => {
    const two = [task('a', 5, { hands: true, spoils: 1 }), task('b', 5, { hands: true, spoils: 3 })];
    expect(endsOf(work(two))).toEqual({ b: 0, a: 5 });
    expect(endsOf(work(two, 600, { ...MEANS, hands: 2 }))).toEqual({ a: 0, b: 0 });
  });
  test('what may not stand ends last, though it takes longer', () => {
    const two = [task('a', 9, { hands: true, mayStand: 0, spoils: 1 }), task('b', 2, { hands: true, spoils: 9 })];
    expect(endsOf(work(two))).toEqual({ a: 0, b: 9 });
  });
  test('a turn in the middle is tied to the start', () => {
    const fish = [
      task('f1', 10, { place: 'ring' }),
      task('f2', 1, { hands: true, after: [{ task: 'f1', from: 'start', least: 6, most: 6 }] }),
    ];
    expect(endsOf(work(fish))).toEqual({ f1: 0, f2: 3 });
  });
  test('one vessel for two dishes: all of one in it is over before the other begins, also what stands in it between', () => {
    const dish = (d: string, spoils: number, vessel = 'pan') => [
      task(`${d}/hot`, 4, { dish: d, place: 'ring', vessel, spoils }),
      task(`${d}/mix`, 6, { dish: d, spoils, after: [after(`${d}/hot`)] }),
      task(`${d}/cook`, 5, { dish: d, place: 'ring', vessel, spoils, after: [after(`${d}/mix`)] }),
    ];
    const two = [...dish('fish', 3), ...dish('sauce', 1)];
    expect(endsOf(work(two))).toEqual({
      'fish/cook': 0,
      'fish/mix': 5,
      'fish/hot': 11,
      'sauce/cook': 15,
      'sauce/mix': 20,
      'sauce/hot': 26,
    });
    // A second pan, and each has its own; where a dish lets go of the pan between, the other has it meanwhile.
    expect(endsOf(work([...dish('fish', 3), ...dish('sauce', 1, 'pan 2')]))).toMatchObject({ 'sauce/cook': 0 });
    const again = dish('sauce', 1).map((t) => (t.id === 'sauce/cook' ? { ...t, turn: 2 } : t));
    expect(endsOf(work([...dish('fish', 3), ...again]))).toEqual({
      'sauce/cook': 0,
      'sauce/mix': 5,
      'fish/cook': 5,
      'fish/mix': 10,
      'fish/hot': 16,
      'sauce/hot': 20,
    });
  });
  test('what cannot be one after the other in one vessel is named', () => {
    const fry = (d: string) => task(`${d}/fry`, 20, { dish: d, place: 'ring', vessel: 'pot', mayStand: 10 });
    const plan = planDinner({ ...work([fry('Fish'), fry('Chips')]), vessels: { pot: 'Large pot' } });
    expect(plan).toMatchObject({ ok: false, state: 'none' });
    const late = planDinner({
      ...work([fry('Fish'), { ...fry('Chips'), mayStand: null }], 30),
      vessels: { pot: 'Large pot' },
    });
    expect(late).toMatchObject({ ok: true, lateMin: 10 });
    expect(late.ok && late.clash).toBe('Large pot cannot hold Fish and Chips one after the other in this time.');
  });
  test('put by hand, it stays there, and the others go round it', () => {
    const two = [task('a', 5, { hands: true, startsBefore: 8 }), task('b', 4, { hands: true })];
    expect(endsOf(work(two))).toEqual({ a: 3, b: 8 });
  });
});

describe('against trying everything', () => {
  const next = (seed: number) => {
    const r = seeded(seed);
    return () => r();
  };
  const small = fc
    .tuple(fc.integer({ min: 0, max: 1e6 }), fc.integer({ min: 4, max: 11 }), fc.integer({ min: 1, max: 2 }))
    .map(([seed, within, hands]) => {
      const random = next(seed);
      const whole = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
      const n = whole(2, 4);
      const courses = random() < 0.4;
      const tasks = Array.from({ length: n }, (_, i): Task => {
        const on = i > 0 && random() < 0.5 ? [`t${whole(0, i - 1)}`] : [];
        return task(`t${i}`, whole(1, 4), {
          hands: random() < 0.6,
          place: random() < 0.5 ? (['oven', 'ring'] as const)[whole(0, 1)]! : null,
          dish: `dish ${whole(0, 1)}`,
          ...(random() < 0.5 ? { vessel: ['pan', 'pot'][whole(0, 3) === 0 ? 1 : 0]! } : {}),
          after: on.map((id) => ({
            task: id,
            from: random() < 0.8 ? ('end' as const) : ('start' as const),
            least: whole(0, 2),
            most: random() < 0.4 ? whole(2, 4) : null,
          })),
          mayStand: random() < 0.4 ? whole(0, 4) : null,
          spoils: whole(1, 3),
          ...(random() < 0.1 ? { startsBefore: whole(4, 8) } : {}),
          ...(courses && random() < 0.3 ? { servedBefore: whole(1, 3) } : {}),
        });
      });
      return { tasks, within, means: { hands, rings: 1, ovens: 1, grills: 1 } };
    });
  test('the same cost, and none where there is none, on 400 small dinners', () => {
    fc.assert(
      fc.property(small, (w) => {
        const [found, truth] = [foundIn(w), exhaustive(w)];
        if (truth === null) return void expect(solveSchedule(w, ENOUGH)).toEqual({ state: 'none' });
        expect(found?.proven).toBe(true);
        expect(brokenBy(w, found!.ends)).toEqual([]);
        expect(found!.cost).toBe(truth);
      }),
      { numRuns: 400 },
    );
  });
});

describe('dinners as they are', () => {
  test('twenty tasks are proven; every wait is kept and nothing is used twice', () => {
    for (let seed = 1; seed <= 25; seed++) {
      const r = seeded(seed);
      const w = work(
        someDinner(() => r(), 4, 5),
        600,
        { hands: 1 + (seed % 2), rings: 2, ovens: 1, grills: 1 },
      );
      const found = foundIn(w, 200_000_000);
      if (!found) continue;
      expect([seed, found.proven]).toEqual([seed, true]);
      expect(brokenBy(w, found.ends)).toEqual([]);
    }
  });
  test('sixty tasks: a plan that keeps everything, with its gap', () => {
    const r = seeded(7);
    const w = work(
      someDinner(() => r(), 12, 5).map((t) => ({ ...t, mayStand: null })),
      2000,
      { hands: 2, rings: 4, ovens: 1, grills: 1 },
    );
    const plan = planDinner(w);
    if (!plan.ok) throw new Error(plan.why);
    const ends = w.tasks.map((t) => plan.placed.find((p) => p.task.id === t.id)!.endsBefore);
    expect(brokenBy(w, ends)).toEqual([]);
    expect(plan.proven ? plan.gapMin : plan.gapMin >= 0).toBe(plan.proven ? 0 : true);
    // A gap of minutes: never more than the whole lasts.
    expect(plan.gapMin).toBeLessThanOrEqual(plan.beginsBefore);
  });
});

describe('the least that a plan can cost', () => {
  const least = (tasks: readonly Task[], hands = 1): number =>
    leastCost(tasks, Times.of(work(tasks))!, { ...MEANS, hands });
  test('of work for one cook that may be in any order it is the cost of the best order itself', () => {
    // Worst first, at 3, 2 and 1 a minute: they end 0, 5 and 9 min before serving, and 12 min before that is begun.
    const hands = [
      task('a', 5, { hands: true, spoils: 15 }),
      task('b', 4, { hands: true, spoils: 8 }),
      task('c', 3, { hands: true, spoils: 3 }),
    ];
    expect(least(hands)).toBe(12 * 1000 + 8 * 5 + 3 * 9);
    expect(least(hands)).toBe(foundIn(work(hands, 600, { ...MEANS, hands: 1 }))!.cost);
  });
  test('two cooks are no faster than one pair that is twice as fast', () => {
    const two = [task('a', 6, { hands: true, spoils: 6 }), task('b', 6, { hands: true, spoils: 6 })];
    expect(least(two, 2)).toBeCloseTo(6 * 1000 + 0, 9);
    expect(least([...two, task('c', 6, { hands: true, spoils: 6 })], 2)).toBeCloseTo(9 * 1000 + 6 * 4.5, 9);
  });
});

describe('a dinner', () => {
  const potatoes = [
    task('p1', 4, { hands: true, name: 'Scrub' }),
    task('p2', 24, { place: 'ring', name: 'Boil', after: [after('p1')], mayStand: 5 }),
  ];
  test('on the hour: begun as late as may be, each place and hand told', () => {
    const plan = planDinner(work(potatoes, 60));
    expect(plan).toMatchObject({ ok: true, lateMin: 0, clash: null, proven: true, gapMin: 0, beginsBefore: 28 });
    if (!plan.ok) throw new Error();
    expect(plan.placed.map((p) => [p.task.id, p.startsBefore, p.slot, p.hand])).toEqual([
      ['p1', 28, null, 0],
      ['p2', 24, 0, null],
    ]);
  });
  test('too little time: the chain is named, and the earliest hour', () => {
    const plan = planDinner(work(potatoes, 20));
    expect(plan).toMatchObject({ ok: true, lateMin: 8 });
    expect(plan.ok && plan.clash).toMatch(/^p takes 28 min from its first step, and 20 min are left/);
  });
  test('too few ovens: they are named', () => {
    const two = ['a', 'b'].map((id) => task(id, 20, { place: 'oven', mayStand: 5, name: `Roast ${id}` }));
    const plan = planDinner(work(two, 60));
    expect(plan).toMatchObject({ ok: false });
    const may = two.map((t) => ({ ...t, mayStand: 25 }));
    const late = planDinner(work(may, 30));
    expect(late).toMatchObject({ ok: true, lateMin: 10 });
    expect(late.ok && late.clash).toMatch(/^1 oven for 40 min of roast a and roast b is not enough for this time\.$/);
  });
  test('late in the middle: what is begun stands, the rest is planned from now', () => {
    // The boil began 10 min ago with 24 to go; 8 min are left: it is ready 6 late.
    const begun = potatoes.filter((t) => t.id === 'p2').map((t) => ({ ...t, after: [], minutes: 14, startsBefore: 8 }));
    expect(planDinner(work(begun, 8))).toMatchObject({ ok: true, lateMin: 6 });
  });
  test('begun far too early, or put there by hand: it stands, the wait is let go, and that is said', () => {
    const boil = task('b', 10, { name: 'Boil', startsBefore: 60 });
    const cook = task('c', 10, { name: 'Cook', after: [after('b', 0, 5)], mayStand: 0 });
    const plan = planDinner(work([boil, cook], 55));
    expect(plan).toMatchObject({
      ok: true,
      lateMin: 0,
      early: 'boil is early: what comes after it waits longer than it should.',
    });
    const put = planDinner(work([task('p', 5, { name: 'Peas', startsBefore: 30, mayStand: 6 })], 60));
    expect(put).toMatchObject({ ok: true, early: expect.stringMatching(/^peas is early/) });
  });
  test('in courses: the first is ready at its own hour, and keeps its distance when all is late', () => {
    const first = task('s', 10, { hands: true, mayStand: 2, servedBefore: 25, dish: 'Slices' });
    const main = task('r', 30, { place: 'oven', mayStand: 0, dish: 'Roast' });
    const placed = (within: number) => {
      const plan = planDinner(work([first, main], within));
      if (!plan.ok) throw new Error(plan.why);
      return [plan.lateMin, ...plan.placed.map((p) => [p.task.id, p.startsBefore, p.endsBefore])];
    };
    expect(placed(60)).toEqual([0, ['s', 35, 25], ['r', 30, 0]]);
    expect(placed(31)).toEqual([4, ['s', 35, 25], ['r', 30, 0]]);
    const late = planDinner(work([first, main], 31));
    expect(late.ok && late.clash).toMatch(/^Slices takes 10 min from its first step, and 6 min are left/);
    // The slices are still being cut at their hour: the roast comes at its own.
    expect(planDinner(work([{ ...first, mayStand: null, startsBefore: 30 }, main], 30))).toMatchObject({ lateMin: 0 });
    expect(workTrouble(work([{ ...first, servedBefore: -1 }]))).toMatch(/whole minutes/);
  });
  test('beyond half an hour it is told to the minute, too', () => {
    for (const least of [31, 32, 33, 34, 35, 47])
      expect(planDinner(work([task('a', 60 + least)], 60))).toMatchObject({ ok: true, lateMin: least });
  });
  test('none there is and none found in the time are two answers', () => {
    const r = seeded(3);
    const w = work(
      someDinner(() => r(), 4, 5),
      600,
      { hands: 2, rings: 2, ovens: 1, grills: 1 },
    );
    expect(planDinner(w)).toMatchObject({ ok: true });
    const starved = planDinner(w, 1);
    expect(starved).toMatchObject({ ok: false, state: 'not in time' });
    expect(!starved.ok && starved.why).toMatch(/one may exist/);
    expect(!starved.ok && starved.why).not.toMatch(/twelve hours/);
    const never = ['a', 'b'].map((id) => task(id, 20, { place: 'oven', mayStand: 5 }));
    expect(planDinner(work(never, 60))).toMatchObject({ ok: false, state: 'none' });
  });
  test('waits and pins of a part of a minute are refused, not cut', () => {
    const wait = (least: number, most: number | null) =>
      workTrouble(work([task('a', 5), task('b', 5, { after: [after('a', least, most)] })]));
    expect(wait(2.5, null)).toMatch(/Task b waits part of a minute/);
    expect(wait(0, 2.5)).toMatch(/Task b waits part of a minute/);
    expect(wait(2, 3)).toBeNull();
    expect(workTrouble(work([task('a', 5, { mayStand: 1.5 })]))).toMatch(/whole minutes/);
    expect(workTrouble(work([task('a', 5, { startsBefore: 7.5 })]))).toMatch(/whole minutes/);
    expect(workTrouble(work([task('a', 5)], 60.5))).toMatch(/whole minutes/);
  });
  test('what cannot be is said: a circle, no oven, too many, a wait for nothing', () => {
    const loop = [task('a', 1, { after: [after('b')] }), task('b', 1, { after: [after('a')] })];
    expect(planDinner(work(loop))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/circle: Task a and Task b/),
    });
    expect(workTrouble(work([task('a', 5, { place: 'oven' })], 60, { ...MEANS, ovens: 0 }))).toMatch(
      /^Task a needs an oven, and there is none\.$/,
    );
    expect(workTrouble(work(Array.from({ length: 81 }, (_, i) => task(`t${i}`, 1))))).toMatch(/81 tasks/);
    expect(workTrouble(work([task('a', 1, { after: [after('x')] })]))).toMatch(/not there/);
    expect(workTrouble(work([task('a', 1.5)]))).toMatch(/whole minutes/);
    expect(workTrouble(work([task('a', 1), task('a', 2)]))).toMatch(/one name/);
    const never = [task('a', 5, { mayStand: 0 }), task('b', 1, { after: [after('a', 10, 20)], mayStand: null })];
    expect(planDinner(work(never))).toMatchObject({ ok: false, why: expect.stringMatching(/at any hour/) });
    expect(planDinner(work([]))).toMatchObject({ ok: true, beginsBefore: 0 });
  });
  test('over midnight minutes are minutes: a cure of a night before', () => {
    const cure = [task('c1', 5, { hands: true }), task('c2', 36 * 60, { after: [after('c1')], mayStand: 60 })];
    expect(planDinner(work(cure, 40 * 60))).toMatchObject({ ok: true, beginsBefore: 36 * 60 + 5 });
  });
});
