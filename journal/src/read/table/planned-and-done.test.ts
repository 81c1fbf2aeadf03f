import { describe, expect, test } from '@jest/globals';
import { planDinner, type Task } from '@dagboek/core/schedule';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import { Book, type Entry, type FactsOf, plannedAndDone, workAsSet } from '../../index.ts';

const DINNER = idOf('dinner');
const task = (id: string, minutes: number, after: string | null): Task => ({
  id,
  dish: 'Fish',
  name: id,
  minutes,
  hands: true,
  place: null,
  after: after === null ? [] : [{ task: after, from: 'end', least: 0, most: null }],
  mayStand: null,
  spoils: 1,
});
const facts: FactsOf<'dinner.set'> = {
  serveAtMs: Date.parse(at('19:30')),
  dishes: [
    {
      ...{
        id: 'f',
        name: 'Fish',
        recipe: null,
        packs: [],
        method: null,
        mediumC: null,
        thicknessMm: null,
        startC: null,
      },
      ...{ toC: null, pulledC: null, cookMin: null, lowMin: null, highMin: null, restMin: null, fire: null },
    },
  ],
  tasks: [task('dry', 5, null), task('cook', 10, 'dry'), task('lay', 2, 'cook')],
  means: { hands: 1, rings: 1, ovens: 0, grills: 0 },
  cook: TOMAS,
  eaters: [ILSE],
};
const line = (kind: 'dinner.step' | 'dinner.put' | 'dinner.lasts' | 'dinner.ended', of: object, time: string): Entry =>
  anEntry(kind, DINNER, of as never, { at: at(time) });
const step = (id: string, begun: string, done: string): Entry[] => [
  line('dinner.step', { task: id, did: 'begun' }, begun),
  line('dinner.step', { task: id, did: 'done' }, done),
];
const went = (...more: Entry[]) => {
  const set = anEntry('dinner.set', DINNER, facts, { at: at('18:00') });
  const d = Book.EMPTY.withEntries([set, ...more]).get('dinner', DINNER)!;
  return plannedAndDone(d, planDinner(workAsSet(d)))!;
};
const hour = (ms: number): string => new Date(ms).toISOString().slice(11, 16);

describe('planned and done, one over the other', () => {
  test('the plan is that of the beginning, whatever was put elsewhere or took longer since', () => {
    const moved = went(
      line('dinner.put', { task: 'dry', startMs: Date.parse(at('18:30')) }, '18:10'),
      line('dinner.lasts', { task: 'cook', minutes: 25 }, '19:20'),
      ...step('dry', '18:31', '18:36'),
    );
    const serve = Date.parse(at('19:30'));
    expect(moved.steps.map((s) => [s.task.id, (serve - s.planned.startMs) / 60_000, s.task.minutes])).toEqual([
      ['dry', 17, 5],
      ['cook', 12, 10],
      ['lay', 2, 2],
    ]);
    expect(hour(moved.steps[0]!.begunMs!)).toBe(hour(Date.parse(at('18:31'))));
  });
  test('what took longer, and how late that made it', () => {
    const meal = idOf('meal');
    const r = went(
      ...step('dry', '19:13', '19:20'),
      ...step('cook', '19:20', '19:36'),
      ...step('lay', '19:36', '19:37'),
      line('dinner.ended', { meal }, '19:38'),
    );
    expect(r.steps.map((s) => s.longerMin)).toEqual([2, 6, -1]);
    expect([r.servedLaterMin, r.slowest?.task.id]).toEqual([8, 'cook']);
  });
  test('what nobody noted is not known; one that was given up was not served; a minute more is not told', () => {
    const r = went(
      ...step('dry', '19:13', '19:19'),
      line('dinner.step', { task: 'cook', did: 'begun' }, '19:20'),
      line('dinner.ended', {}, '19:30'),
    );
    expect(r.steps.map((s) => [s.begunMs !== null, s.doneMs !== null, s.longerMin])).toEqual([
      [true, true, 1],
      [true, false, null],
      [false, false, null],
    ]);
    expect([r.servedLaterMin, r.slowest]).toEqual([null, null]);
  });
  test('what could not be planned has no plan to lie over', () => {
    const set = anEntry('dinner.set', DINNER, { ...facts, means: { ...facts.means, hands: 0 } });
    const d = Book.EMPTY.withEntries([set]).get('dinner', DINNER)!;
    expect(plannedAndDone(d, planDinner(workAsSet(d)))).toBeNull();
  });
});
