import { beforeEach, expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, TRIP, tripStarted } from '../../builders.test-support.ts';
import {
  Beside,
  Book,
  boxAt,
  type BoxReckoned,
  type BoxToReckon,
  type Entry,
  fillingOf,
  reckonBox,
} from '../../index.ts';

const byId = () => POLLACK;
const fish = (i: number): Entry[] => {
  const time = `08:${String(10 + i)}`;
  return [
    anEntry('fish.landed', idOf(`f${i}`), { trip, angler: 'a', count: 1, species: 'pollack' }, { at: at(time) }),
    anEntry('fish.weighed', idOf(`f${i}`), { massG: 800 + 40 * i, how: 'scale' }, { at: at(time) }),
    anEntry('fish.dispatched', idOf(`f${i}`), { how: 'brain spike' }, { at: at(time) }),
    anEntry('fish.iced', idOf(`f${i}`), { box: BOX, how: 'slurry' }, { at: at(time) }),
  ];
};
/** Each test has a trip of its own: what is known of a box on a trip stays known. */
let trip = TRIP;
let beside = new Beside();
const book = (n: number, ...more: Entry[]): Book =>
  Book.with(beside).withEntries([
    anEntry('box.added', BOX, { name: 'b', litres: 60 }, { at: at('05:00') }),
    { ...tripStarted('07:00', { box: BOX, iceKg: 9 }), subject: trip },
    ...Array.from({ length: n }, (_, i) => fish(i)).flat(),
    ...more,
  ]);
const looked = (time: string) => anEntry('box.looked', BOX, { ice: 'half' }, { at: at(time) });
const noon = Date.parse(at('12:00'));
const ice = (b: Book): number => boxAt(fillingOf({ book: b, species: byId }, BOX, trip)!, noon).iceKg;
const settled = (): Promise<void> => new Promise((r) => setTimeout(r, 5));

beforeEach(() => void (beside = new Beside()));

test('the last that is known stands until it is reckoned beside the page; asked once; what comes is the same as in it', async () => {
  const [before, after] = [book(10), book(10, looked('11:00'))];
  const first = ice(before);
  const asked: BoxToReckon[] = [];
  let answer: (r: BoxReckoned | null) => void = () => undefined;
  beside.workWith((b) => (asked.push(b as BoxToReckon), new Promise((r) => (answer = r))));
  expect(ice(after)).toBe(first);
  expect(ice(after)).toBe(first);
  expect(asked).toHaveLength(1);
  // Numbers and words alone: it goes through to a worker and back.
  const sent = structuredClone(asked[0]!);
  expect(sent).toEqual(asked[0]);
  const count = beside.count();
  await settled();
  expect(beside.underWay()).toBe(true);
  const heard: number[] = [];
  const stop = beside.hear(() => heard.push(beside.count()));
  answer(structuredClone(reckonBox(sent)));
  await settled();
  expect(heard).toEqual([count + 1]);
  expect(beside.underWay()).toBe(false);
  stop();
  const now = ice(after);
  expect(now).not.toBe(first);
  beside = new Beside();
  expect(ice(book(10, looked('11:00')))).toBe(now);
});

test('where nothing is known yet, or it is little, it is reckoned at once; a worker that fails leaves it to the page', async () => {
  trip = idOf('another trip');
  const asked: BoxToReckon[] = [];
  beside.workWith((b) => (asked.push(b as BoxToReckon), Promise.reject(new Error('killed'))));
  // Another first ice, so that nothing of it is kept.
  expect(ice(book(9, anEntry('box.filled', BOX, { kg: 1.5 }, { at: at('07:05') })))).toBeGreaterThan(0);
  ice(book(3));
  ice(book(3, looked('10:30')));
  expect(asked).toHaveLength(0);
  const b = book(9, anEntry('box.filled', BOX, { kg: 1.5 }, { at: at('07:05') }), looked('10:40'));
  ice(b);
  expect(asked).toHaveLength(1);
  await settled();
  const now = ice(b);
  expect(asked).toHaveLength(1);
  beside = new Beside();
  expect(ice(book(9, anEntry('box.filled', BOX, { kg: 1.5 }, { at: at('07:05') }), looked('10:40')))).toBe(now);
});
