import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf } from '../../builders.test-support.ts';
import {
  Book,
  type Entry,
  icePlan,
  lastMeltTest,
  meltTestTrouble,
  planDay,
  planOdds,
  planSlurry,
} from '../../index.ts';

const byId = () => POLLACK;
const noon = Date.parse(at('12:00'));
const box = anEntry(
  'box.added',
  BOX,
  { name: 'b', litres: 52, walls: 'hard, thick' },
  { at: '2026-01-01T08:00:00+00:00' },
);
/** An ended trip of a day in July with so many fish of a kilo. */
const tripOn = (day: string, zone: string, fish: number): Entry[] => {
  const id = idOf(`t${day}${zone}`);
  const t = (time: string): string => `2026-07-${day}T${time}:00+01:00`;
  const start = anEntry(
    'trip.started',
    id,
    { waters: 'w', zone, from: 'boat', crew: ['a'], box: BOX, iceKg: 9 },
    { at: t('07:00') },
  );
  return [
    start,
    ...Array.from({ length: fish }, (_, i) => {
      const f = idOf(`f${day}${zone}${i}`);
      return [
        anEntry(
          'fish.landed',
          f,
          { trip: id, angler: 'a', count: 1, species: 'pollack' },
          { at: t(`0${8 + (i % 2)}:10`) },
        ),
        anEntry('fish.weighed', f, { massG: 1000, how: 'scale' }, { at: t('09:20') }),
        anEntry('fish.iced', f, { box: BOX, how: 'slurry' }, { at: t('09:30') }),
      ];
    }).flat(),
    anEntry('trip.ended', id, {}, { at: t('13:00') }),
  ];
};
const book = (...trips: Entry[][]): Book => Book.EMPTY.withEntries([box, ...trips.flat()]);
const plan = (b: Book, zone = 'bank') => icePlan({ book: b, zone, nowMs: noon, species: byId }, b.get('box', BOX)!);
const day = planDay(noon, noon + 8 * 3_600_000, 16, 13, 'Atlantic/Faroe')!;
const odds = (b: Book, more: object = {}) =>
  planOdds({ plan: plan(b), iceKg: null, day, sun: false, precooled: false, ...more });

describe('what a trip is planned from', () => {
  test('the catches of that zone, of all trips where there are too few, else an assumed one', () => {
    const there = [tripOn('01', 'bank', 2), tripOn('02', 'bank', 4), tripOn('03', 'bank', 6)];
    expect(plan(book(...there))).toMatchObject({ from: 'this zone', hours: 6, fishKg: 4 });
    expect(plan(book(...there)).trips).toHaveLength(3);
    expect(plan(book(...there), 'reef')).toMatchObject({ from: 'all trips' });
    expect(plan(book())).toMatchObject({ from: 'assumed', trips: [{ length: 3 }] });
    // One kind of one weight is one class.
    expect(plan(book(...there)).classes).toHaveLength(1);
  });
  test('the day, with what is typical where nobody said; none before home is said', () => {
    expect(day).toMatchObject({ homeH: 8, airC: 16, airAssumed: false, waterC: 13 });
    // The sun goes down and comes up again, by the clock of the waters.
    expect(day.sunH.map((x) => x.map((h) => Math.round(h)))).toHaveLength(3);
    expect(planDay(noon, noon + 3_600_000, null, 20, 'Atlantic/Faroe')).toMatchObject({
      homeH: 1,
      airC: 23,
      airAssumed: true,
      waterC: 20,
    });
    expect([planDay(noon, noon, 16, 13, 'UTC'), planDay(noon, noon - 1, 16, 13, 'UTC')]).toEqual([null, null]);
    expect(planDay(noon, noon + 900 * 3_600_000, 16, 13, 'UTC')!.homeH).toBe(46);
    expect(planSlurry(plan(book()), 13)!.enough).toBe(true);
  });
});

describe('how much ice to carry', () => {
  const b = book(tripOn('01', 'bank', 2), tripOn('02', 'bank', 4), tripOn('03', 'bank', 6));
  test('as much as nineteen days in twenty need; with it they do outlast the trip', () => {
    const told = odds(b);
    expect(told.iceKg).toBe(told.neededKg);
    expect(told.neededKg * 2).toBe(Math.round(told.neededKg * 2));
    expect(told.lasts).toBeGreaterThanOrEqual(0.95);
    expect(told.lasts).toBeLessThan(1);
    expect(told.amounts.map((a) => a.kg)).toEqual([told.iceKg - 2, told.iceKg, told.iceKg + 2]);
    expect(told.amounts.map((a) => a.lasts)).toEqual([...told.amounts.map((a) => a.lasts)].sort((x, y) => x - y));
    // It goes to a worker and back.
    expect(structuredClone(told)).toEqual(told);
  });
  test('sun costs, shade and cooling before save; what was typed is what is answered', () => {
    const [shade, sun] = [odds(b, { iceKg: 3 }), odds(b, { iceKg: 3, sun: true })];
    expect(shade).toMatchObject({ iceKg: 3, inShade: null, cooled: expect.any(Number) });
    expect(sun.lasts).toBeLessThan(shade.lasts);
    expect(sun.inShade).toBe(shade.lasts);
    expect(sun.neededKg).toBeGreaterThan(shade.neededKg);
    expect(sun.bestKg).toBeLessThan(sun.neededKg);
    const said: number[] = [];
    planOdds({ plan: plan(b), iceKg: 3, day, sun: true, precooled: true }, (s) => said.push(s));
    expect(said.every((s, i) => s <= 1 && (i === 0 || s >= said[i - 1]!))).toBe(true);
  });
});

test('melt tests: the last that says something, and why one does not', () => {
  const tested = (leftKg: number, time: string) =>
    anEntry('box.tested', BOX, { iceKg: 4, leftKg, hours: 12, airC: 20 }, { at: at(time) });
  const b = Book.EMPTY.withEntries([box, tested(2, '10:00'), tested(3, '09:00')]);
  expect(lastMeltTest(b.get('box', BOX)!)).toMatchObject({
    leftKg: 2,
    uaWK: expect.closeTo((2 * 334_000) / (12 * 3600 * 20), 6),
  });
  expect(lastMeltTest(book().get('box', BOX)!)).toBeNull();
  expect(meltTestTrouble({ iceKg: 4, leftKg: 5, hours: 2, airC: 20 })).toContain('More ice left');
  expect(meltTestTrouble({ iceKg: 4, leftKg: 2, hours: 12, airC: 20 })).toBeNull();
});
