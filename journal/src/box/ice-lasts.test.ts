import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, tripStarted } from '../builders.test-support.ts';
import { Book, coreTemperatureOf, custodyOf, freshnessOfFish, iceNow, layStretches } from '../index.ts';
import { iceSince } from './ice-lasts.ts';

const HOUR = 3_600_000;
const ms = (time: string): number => Date.parse(at(time));
const added = anEntry('box.added', BOX, { name: 'the box', litres: 52 }, { at: at('05:00') });
const filled = (time: string) => anEntry('box.filled', BOX, { kg: 3 }, { at: at(time) });
const looked = (time: string, ice: 'full' | 'half' | 'a few lumps' | 'gone') =>
  anEntry('box.looked', BOX, { ice }, { at: at(time) });
const boxWith = (...list: ReturnType<typeof filled>[]) => Book.EMPTY.withEntries([added, ...list]).get('box', BOX)!;
/** Hours from noon and whether there was ice. */
const since = (until: number, ...list: ReturnType<typeof filled>[]) =>
  iceSince(boxWith(...list), ms('12:00'), ms('12:00') + until * HOUR).map((i) => [
    (i.atMs - ms('12:00')) / HOUR,
    i.ice,
  ]);

describe('how long the ice of a box lasts', () => {
  test('without a word for a day; put in or seen full, a day from then', () => {
    expect(since(60)).toEqual([
      [0, true],
      [24, false],
    ]);
    expect(since(20)).toEqual([[0, true]]);
    expect(since(60, filled('18:00'))).toEqual([
      [0, true],
      [6, true],
      [30, false],
    ]);
  });

  test('half and a few lumps are less; gone is gone until more is put in, in whatever order the lines came', () => {
    expect(since(60, looked('14:00', 'half'))).toEqual([
      [0, true],
      [2, true],
      [14, false],
    ]);
    expect(since(60, filled('22:00'), looked('15:00', 'gone'), looked('14:00', 'a few lumps'))).toEqual([
      [0, true],
      [2, true],
      [3, false],
      [10, true],
      [34, false],
    ]);
    // What was noted before the fish came, or after it left, is not its ice.
    expect(since(5, looked('11:00', 'gone'), looked('18:00', 'gone'))).toEqual([[0, true]]);
    expect(iceSince(null, 0, 5 * HOUR)).toEqual([{ atMs: 0, ice: true }]);
  });

  test('what is known now: the last word by its time, or the ice the trip set out with', () => {
    const box = boxWith(looked('15:00', 'half'), filled('13:00'));
    expect(iceNow(box, ms('14:00'), null)).toMatchObject({ last: { kg: 3 }, goneMs: ms('13:00') + 24 * HOUR });
    expect(iceNow(box, ms('16:00'), null)).toMatchObject({ last: { seen: 'half' }, goneMs: ms('15:00') + 12 * HOUR });
    expect(iceNow(box, ms('16:00'), at('15:30'))).toEqual({ last: null, goneMs: ms('15:30') + 24 * HOUR });
    expect(iceNow(boxWith(), ms('16:00'), null)).toEqual({ last: null, goneMs: null });
  });
});

test('a fish follows the ice of its box: inside, in its days and in its hours, until it leaves the box', () => {
  const fish = [
    tripStarted(),
    landed('a', '12:00'),
    anEntry('fish.weighed', idOf('a'), { massG: 1000, how: 'scale' }, { at: at('12:01') }),
    anEntry('fish.dispatched', idOf('a'), { how: 'blow to the head' }, { at: at('12:02') }),
    anEntry('fish.iced', idOf('a'), { box: BOX, how: 'layered ice' }, { at: at('12:10') }),
  ];
  const with_ = (...list: ReturnType<typeof filled>[]) => Book.EMPTY.withEntries([added, ...fish, ...list]);
  const [kept, lost] = [with_(looked('14:00', 'full')), with_(looked('14:00', 'gone'))];
  const byId = () => POLLACK;
  const later = ms('12:00') + 20 * HOUR;
  expect(coreTemperatureOf(kept, idOf('a'), byId, later)!.coreC).toBeLessThan(0.5);
  expect(coreTemperatureOf(lost, idOf('a'), byId, later)!.coreC).toBeGreaterThan(5);
  expect(freshnessOfFish(lost, idOf('a'), byId, later)!.used).toBeGreaterThan(
    freshnessOfFish(kept, idOf('a'), byId, later)!.used * 1.5,
  );
  const hours = (book: Book): string[] => layStretches(custodyOf(book, idOf('a'))!, later).map((s) => s.keeping);
  expect(hours(kept)).toEqual(['air', 'box']);
  expect(hours(lost)).toEqual(['air', 'box', 'box without ice']);
  const cut = anEntry('cut.started', idOf('c'), { fish: [idOf('a')], route: 'fillets' } as never, { at: at('13:00') });
  expect(hours(lost.withEntries([cut]))).toEqual(['air', 'box', 'board']);
});
