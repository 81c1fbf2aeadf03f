import { describe, expect, test } from '@jest/globals';
import { planTogether } from '@dagboek/core/schedule';
import { aDish, aTask } from '../../any-history.test-support.ts';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  dinnersBeside,
  dinnersTogether,
  type Entry,
  type FactsOf,
  meansTogether,
  stepTimes,
  worksTogether,
} from '../../index.ts';

const ms = (time: string): number => Date.parse(at(time));
const MEANS = { hands: 1, rings: 2, ovens: 1, grills: 0 };
const TASKS = [
  aTask('fish/cut', 10, { dish: 'Fish', hands: true }),
  aTask('fish/cook', 20, {
    dish: 'Fish',
    place: 'oven',
    vessel: 'tray',
    mayStand: 5,
    after: [{ task: 'fish/cut', from: 'end', least: 0, most: null }],
  }),
];
const dinner = (name: string, serve: string, more: Partial<FactsOf<'dinner.set'>> = {}, set = '12:00'): Entry =>
  anEntry(
    'dinner.set',
    idOf(name),
    {
      ...{ serveAtMs: ms(serve), dishes: [aDish()], tasks: TASKS, means: MEANS, cook: TOMAS, eaters: [ILSE] },
      ...more,
    },
    { at: at(set) },
  );
const step = (name: string, task: string, did: 'begun' | 'done', time: string): Entry =>
  anEntry('dinner.step', idOf(name), { task, did }, { at: at(time) });
const groupOf = (book: Book, name: string, now = '11:00') =>
  dinnersTogether(book, book.get('dinner', idOf(name))!, ms(now));
const ids = (book: Book, name: string, now?: string): string[] => groupOf(book, name, now).map((d) => d.id);

describe('dinners that are cooked together', () => {
  const two = Book.EMPTY.withEntries([dinner('a', '19:00'), dinner('b', '19:10')]);
  test('in one kitchen, each near the next: the same ones whichever is asked, the first to be served first', () => {
    const book = Book.EMPTY.withEntries([
      dinner('late', '21:20'),
      dinner('noon', '12:00'),
      dinner('middle', '20:00'),
      dinner('early', '18:45'),
      dinner('away', '19:00', { kitchen: 'on the boat' }),
    ]);
    for (const x of ['early', 'middle', 'late']) expect(ids(book, x)).toEqual(['early', 'middle', 'late'].map(idOf));
    expect(ids(book, 'noon')).toEqual([idOf('noon')]);
    expect(ids(book, 'away')).toEqual([idOf('away')]);
  });
  test('an hour and a half apart they are two evenings; one that is over is alone', () => {
    const book = Book.EMPTY.withEntries([dinner('a', '18:00'), dinner('b', '19:30'), dinner('c', '19:31')]);
    expect(ids(book, 'a')).toEqual([idOf('a')]);
    expect(ids(book, 'b')).toEqual([idOf('b'), idOf('c')]);
    const over = book.withEntries([anEntry('dinner.ended', idOf('b'), {}, { at: at('17:00') })]);
    const b = over.getAny('dinner', idOf('b'))!;
    expect([dinnersTogether(over, b, ms('17:30')).map((d) => d.id), ids(over, 'c')]).toEqual([
      [idOf('b')],
      [idOf('c')],
    ]);
  });
  test('after its hour it holds nobody up where nobody cooks it, or nobody noted that it was served', () => {
    const both = [idOf('a'), idOf('b')];
    expect([ids(two, 'b', '18:59'), ids(two, 'b', '19:00')]).toEqual([both, [idOf('b')]]);
    expect(ids(two, 'a', '19:00')).toEqual([idOf('a')]);
    const late = two.withEntries([step('a', 'fish/cook', 'begun', '18:50')]);
    expect([ids(late, 'b', '19:05'), ids(late, 'a', '19:05')]).toEqual([both, both]);
    // The next is planned for twenty to eight: so long after the last tap it has the kitchen for itself.
    const next = late.withEntries([dinner('b', '19:40', {}, '12:30')]);
    expect([ids(next, 'b', '19:19'), ids(next, 'b', '19:20')]).toEqual([both, [idOf('b')]]);
    const beside = (now: string) => dinnersBeside(two, null, ms('19:20'), '', ms(now)).map((d) => d.id);
    expect([beside('18:30'), beside('19:05')]).toEqual([both, [idOf('b')]]);
    const joins = two.get('dinner', idOf('b'))!;
    expect(dinnersBeside(two, joins, ms('23:00'), '', ms('18:30')).map((d) => d.id)).toEqual(both);
    expect(dinnersBeside(two, null, null, '', ms('18:30'))).toEqual([]);
  });
  test('what the kitchen has is what was said last of it', () => {
    const book = Book.EMPTY.withEntries([
      dinner('a', '19:00', { means: { ...MEANS, hands: 3 } }, '13:00'),
      dinner('b', '19:10', {}, '12:00'),
    ]);
    expect(meansTogether(groupOf(book, 'b')).hands).toBe(3);
    expect(worksTogether(groupOf(book, 'b'), ms('18:00')).map((w) => w.work.means.hands)).toEqual([3, 3]);
  });
  const clock = (book: Book, now: string): Record<string, string> => {
    const group = groupOf(book, 'a');
    const planned = planTogether(worksTogether(group, ms(now)));
    return Object.fromEntries(
      group.flatMap((d, i) =>
        stepTimes(d, planned[i]!.plan).map((s) => [
          `${d.id === idOf('a') ? 'a' : 'b'} ${s.task.id}`,
          new Date(s.startMs + 3_600_000).toISOString().slice(11, 16),
        ]),
      ),
    );
  };
  test('the second waits for the tray of the first, and each keeps its own hour as far as it can', () => {
    expect(clock(two, '17:00')).toEqual({
      'a fish/cut': '18:25',
      'a fish/cook': '18:35',
      'b fish/cut': '18:45',
      'b fish/cook': '18:55',
    });
  });
  test('one pair of hands that is at a step of one is not free for the other', () => {
    const begun = two.withEntries([step('b', 'fish/cut', 'begun', '18:18')]);
    const steps = clock(begun, '18:20');
    expect(steps).toMatchObject({ 'b fish/cut': '18:18', 'a fish/cut': '18:28' });
  });
  test('where both are at work there are two pairs of hands, and nobody waits for one that is not there', () => {
    const both = two.withEntries([step('a', 'fish/cut', 'begun', '18:18'), step('b', 'fish/cut', 'begun', '18:19')]);
    const works = worksTogether(groupOf(both, 'a'), ms('18:20'));
    expect(works.map((w) => w.work.tasks[0]!.hands)).toEqual([true, false]);
    expect(planTogether(works).every((p) => p.together && p.plan.ok)).toBe(true);
  });
  test('a vessel that both are at is two: it holds nobody up any more', () => {
    const both = two.withEntries([step('a', 'fish/cook', 'begun', '18:30'), step('b', 'fish/cook', 'begun', '18:31')]);
    const works = worksTogether(groupOf(both, 'a'), ms('18:32'));
    expect(works.map((w) => w.work.tasks[1]!.vessel)).toEqual([undefined, undefined]);
    const one = two.withEntries([step('a', 'fish/cook', 'begun', '18:30')]);
    expect(worksTogether(groupOf(one, 'a'), ms('18:32')).map((w) => w.work.tasks[1]!.vessel)).toEqual(['tray', 'tray']);
  });
});
