import { describe, expect, test } from '@jest/globals';
import { seeded } from '../random/index.ts';
import { after, exhaustive, MEANS, someDinner, task } from './dinners.test-support.ts';
import {
  type DinnerWork,
  type Kitchenwork,
  type PlannedTogether,
  planDinner,
  planTogether,
  RESOURCES,
} from './index.ts';

const dinner = (id: string, within: number, tasks: Kitchenwork['tasks'], means = MEANS): DinnerWork => ({
  id,
  work: { tasks, means, within },
});
const lates = (planned: readonly PlannedTogether[]): (number | string)[] =>
  planned.map(({ plan }) => (plan.ok ? plan.lateMin : plan.why));

/** Every task at its minutes from now, of whichever dinner. */
const onOneClock = (dinners: readonly DinnerWork[], planned: readonly PlannedTogether[]) =>
  planned.flatMap(({ id, plan }) => {
    if (!plan.ok) throw new Error(plan.why);
    const served = dinners.find((d) => d.id === id)!.work.within + plan.lateMin;
    return plan.placed.map((p) => ({
      ...p,
      of: id,
      from: served - p.startsBefore,
      to: served - p.endsBefore,
      served,
    }));
  });

/** What two dinners break of one kitchen: more at once than there is, one slot twice, one vessel twice; empty when nothing. */
function brokenTogether(dinners: readonly DinnerWork[], planned: readonly PlannedTogether[]): string[] {
  const all = onOneClock(dinners, planned);
  const out: string[] = [];
  for (const r of RESOURCES)
    for (let m = 0; m < 200; m++) {
      const busy = all.filter((x) => r.of(x.task) && x.from <= m && m < x.to);
      if (busy.length > r.has(dinners[0]!.work.means)) out.push(`${busy.length} ${r.id} at ${m}`);
      const slots = busy.map((x) => (r.id === 'hands' ? x.hand : x.slot));
      if (new Set(slots).size < slots.length) out.push(`one of ${r.id} twice at ${m}`);
    }
  for (const a of all)
    for (const b of all)
      if (
        a.of < b.of &&
        a.task.vessel !== undefined &&
        a.task.vessel === b.task.vessel &&
        a.from < b.to &&
        b.from < a.to
      )
        out.push(`${a.task.vessel} twice`);
  for (const x of all) if (x.from < 0 || x.to > x.served) out.push(`${x.task.id} lies outside`);
  return out;
}

describe('dinners of one kitchen', () => {
  const roast = (id: string) => [
    task(`${id}1`, 10, { hands: true }),
    task(`${id}2`, 20, { place: 'oven', after: [after(`${id}1`)] }),
  ];
  test('at one hour and with one oven: the first keeps it, the second is late by the time that the oven is taken, and the oven is named', () => {
    const both = [dinner('one', 60, roast('a')), dinner('two', 60, roast('b'))];
    expect(lates(both.map(({ id, work }) => ({ id, plan: planDinner(work), together: true })))).toEqual([0, 0]);
    const planned = planTogether(both);
    expect(lates(planned)).toEqual([0, 0]);
    expect(brokenTogether(both, planned)).toEqual([]);
    const short = [dinner('one', 40, roast('a')), dinner('two', 40, roast('b'))];
    const late = planTogether(short);
    expect(lates(late)).toEqual([0, 10]);
    expect(brokenTogether(short, late)).toEqual([]);
    expect(late[1]!.plan.ok && late[1]!.plan.clash).toContain('1 oven for 40 min');
    expect(late[0]!.plan.ok && late[0]!.plan.clash).toBeNull();
  });
  test('with enough of everything each is as it would be alone, counted back from its own hour', () => {
    const much = { hands: 4, rings: 4, ovens: 2, grills: 2 };
    const both = [dinner('one', 60, roast('a'), much), dinner('two', 90, roast('b'), much)];
    const spans = (plan: PlannedTogether['plan']) =>
      plan.ok && plan.placed.map((p) => [p.task.id, p.startsBefore, p.endsBefore]);
    for (const { id, plan, together } of planTogether(both)) {
      expect(together).toBe(true);
      expect(spans(plan)).toEqual(spans(planDinner(both.find((d) => d.id === id)!.work)));
    }
  });
  test('two things that are short together are named together', () => {
    const fry = (id: string) => [task(`${id}1`, 20, { hands: true, place: 'ring', vessel: 'pan', mayStand: 0 })];
    const called = (id: string): DinnerWork => {
      const d = dinner(id, 20, fry(id), { ...MEANS, hands: 1 });
      return { ...d, work: { ...d.work, vessels: { pan: 'Iron pan' } } };
    };
    const planned = planTogether([called('one'), called('two')]);
    expect(lates(planned)).toEqual([0, 20]);
    expect(planned[1]!.plan.ok && planned[1]!.plan.clash).toBe('1 cook and one iron pan are not enough for this time.');
  });
  test('a pot that one has is waited for by the other', () => {
    const boil = (id: string) => [task(`${id}1`, 25, { place: 'ring', vessel: 'pot', mayStand: 5 })];
    const both = [dinner('one', 30, boil('a')), dinner('two', 40, boil('b'))];
    const planned = planTogether(both);
    // The first may stand five minutes: over at 25, the second is over at 50.
    expect(lates(planned)).toEqual([0, 10]);
    expect(brokenTogether(both, planned)).toEqual([]);
  });
  test('what one has begun stands, whoever comes first', () => {
    const begun = [task('b1', 30, { place: 'oven', startsBefore: 35, mayStand: null })];
    const both = [dinner('one', 20, [task('a1', 12, { place: 'oven', mayStand: 0 })]), dinner('two', 30, begun)];
    const planned = planTogether(both);
    // It has the oven for 25 minutes more.
    expect(lates(planned)).toEqual([17, 0]);
    expect(brokenTogether(both, planned)).toEqual(['b1 lies outside']);
  });
  test('one that can never be is told, and the others are planned without it', () => {
    const never = [task('a1', 5, { after: [after('a2')] }), task('a2', 5, { after: [after('a1')] })];
    const planned = planTogether([dinner('one', 60, never), dinner('two', 60, roast('b'))]);
    expect(planned.map((p) => [p.plan.ok, p.together])).toEqual([
      [false, false],
      [true, true],
    ]);
  });
  test('two that were put where they cannot both be are planned apart, and say so', () => {
    const put = (id: string) => [task(`${id}1`, 10, { place: 'oven', startsBefore: 20 })];
    const planned = planTogether([dinner('one', 30, put('a')), dinner('two', 30, put('b'))], 200_000);
    expect(planned.map((p) => [p.plan.ok, p.together])).toEqual([
      [true, true],
      [true, false],
    ]);
  });
  test('too many steps for one plan: each is planned by itself', () => {
    const many = (id: string) => Array.from({ length: 45 }, (_, i) => task(`${id}${i}`, 1));
    const planned = planTogether([dinner('one', 60, many('a')), dinner('two', 60, many('b'))]);
    expect(planned.map((p) => p.together)).toEqual([true, false]);
  });
  test('by chance: nothing is used twice, the first is as late as alone, the second no later than it must be', () => {
    const next = seeded(7);
    let waited = 0;
    for (let i = 0; i < 24; i++) {
      const [a, b] = ['one', 'two'].map((id) => dinner(id, 12 + Math.floor(next() * 12), someDinner(next, 1, 2)));
      const both = [a!, b!];
      const planned = planTogether(both);
      const [first, second] = planned.map((p) => p.plan);
      if (!first?.ok || !second?.ok || planned.some((p) => !p.together)) throw new Error('not planned');
      expect(brokenTogether(both, planned)).toEqual([]);
      const alone = both.map(({ work }) => planDinner(work));
      expect(first.lateMin).toBe(alone[0]!.ok && alone[0]!.lateMin);
      const aloneLate = alone[1]!.ok ? alone[1]!.lateMin : NaN;
      expect(second.lateMin).toBeGreaterThanOrEqual(aloneLate);
      if (second.lateMin === aloneLate) continue;
      if (++waited > 5) continue;
      // A minute sooner there is none: every end of every step was tried.
      const [one, two] = [a!.work.within + first.lateMin, b!.work.within + second.lateMin - 1];
      const within = Math.max(one, two);
      const shifted = (d: DinnerWork, served: number) =>
        d.work.tasks.map((t) => ({
          ...t,
          id: `${d.id}:${t.id}`,
          after: t.after.map((x) => ({ ...x, task: `${d.id}:${x.task}` })),
          servedBefore: within - served,
        }));
      expect(exhaustive({ means: MEANS, within, tasks: [...shifted(a!, one), ...shifted(b!, two)] })).toBeNull();
    }
    expect(waited).toBeGreaterThan(3);
  });
});
