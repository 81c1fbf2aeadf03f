import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import {
  addDays,
  addMonths,
  ageOn,
  civilDay,
  daysBetween,
  epochMs,
  inSpan,
  instantOf,
  sayDate,
  sayDay,
  saySpan,
  stamp,
  wallTime,
  weekday,
} from './index.ts';

const FAROE = 'Atlantic/Faroe';

describe('civil days and wall clocks', () => {
  test('the day turns at midnight in the waters’ own zone, not in UTC', () => {
    expect(civilDay('2026-09-11T22:59:59Z', FAROE)).toBe('2026-09-11');
    expect(civilDay('2026-09-11T23:00:00Z', FAROE)).toBe('2026-09-12');
    expect(civilDay('2026-01-11T23:30:00Z', FAROE)).toBe('2026-01-11');
  });

  test('the wall clock follows summer time', () => {
    expect(wallTime('2026-09-12T13:20:00Z', FAROE)).toBe('14:20');
    expect(wallTime('2026-01-12T13:20:00Z', FAROE)).toBe('13:20');
  });

  test('a stamp carries the offset of that moment and loses nothing', () => {
    expect(stamp(epochMs('2026-09-12T13:20:00Z'), FAROE)).toBe('2026-09-12T14:20:00+01:00');
    fc.assert(fc.property(fc.integer({ min: 0, max: 4e12 }), (ms) => epochMs(stamp(ms, FAROE)) === ms));
  });

  test('a wall-clock time that summer time skips moves forward, and one that comes twice is the first', () => {
    expect(instantOf('2026-03-29', '01:30', FAROE)).toBe('2026-03-29T02:30:00+01:00');
    expect(epochMs(instantOf('2026-10-25', '01:30', FAROE))).toBe(Date.parse('2026-10-25T00:30:00Z'));
  });

  test('instant, day and clock agree for any moment', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1_500_000_000, max: 1_900_000_000 }), (s) => {
        const at = stamp(s * 1000, FAROE);
        const back = instantOf(civilDay(at, FAROE), wallTime(at, FAROE), FAROE);
        const lost = Math.abs(epochMs(back) - s * 1000);
        // Within the minute, or an hour apart in the hour that comes twice.
        return lost < 60_000 || Math.abs(lost - 3_600_000) < 60_000;
      }),
    );
  });

  test('a malformed instant is refused, not guessed', () => {
    expect(() => civilDay('12 September', FAROE)).toThrow(RangeError);
    expect(() => epochMs('2026-09-12')).toThrow(RangeError);
  });
});

describe('reckoning with days', () => {
  test('days and months are added by the calendar', () => {
    expect(addDays('2026-02-27', 2)).toBe('2026-03-01');
    expect(addDays('2024-02-28', 1)).toBe('2024-02-29');
    expect(addMonths('2026-01-31', 1)).toBe('2026-02-28');
    expect(daysBetween('2025-12-31', '2026-01-01')).toBe(1);
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
  });

  test('moved and counted as Temporal does, over four centuries', () => {
    fc.assert(
      fc.property(fc.integer({ min: -70_000, max: 70_000 }), fc.integer({ min: -40_000, max: 40_000 }), (start, n) => {
        const day = Temporal.PlainDate.from('2026-09-12').add({ days: start });
        const moved = day.add({ days: n });
        expect(addDays(day.toString(), n)).toBe(moved.toString());
        expect(daysBetween(day.toString(), moved.toString())).toBe(n);
      }),
    );
  });

  test.each([
    ['2012-09-12', '2026-09-11', 13],
    ['2012-09-12', '2026-09-12', 14],
    ['2012-02-29', '2026-02-28', 13],
    ['2012-02-29', '2026-03-01', 14],
    ['2012-12-31', '2027-01-01', 14],
  ])('born on %s, on %s: %i years', (born, day, years) => expect(ageOn(born, day)).toBe(years));

  test.each(['2026-02-30', '2026-13-01', '12 September', '2026-9-1', ''])('%p is no day', (day) => {
    expect(() => addDays(day, 1)).toThrow(RangeError);
  });

  test('adding and counting days are each other’s inverse', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -4000, max: 4000 }),
        (n) => daysBetween('2026-09-12', addDays('2026-09-12', n)) === n,
      ),
    );
  });
});

describe('yearly spans', () => {
  const summer = { from: '04-01', to: '06-30' };
  const winter = { from: '11-01', to: '02-28' };
  test.each([
    ['2026-03-31', summer, false],
    ['2026-04-01', summer, true],
    ['2026-06-30', summer, true],
    ['2026-07-01', summer, false],
    ['2026-10-31', winter, false],
    ['2026-11-01', winter, true],
    ['2026-12-31', winter, true],
    ['2027-01-01', winter, true],
    ['2026-02-28', winter, true],
    ['2028-02-29', winter, true],
    ['2026-03-01', winter, false],
  ] as const)('%s lies in the span: %j %s', (day, span, inside) => {
    expect(inSpan(day, span)).toBe(inside);
  });
});

describe('words', () => {
  test('dates and spans are said as a person says them', () => {
    expect(sayDate('2026-09-02')).toBe('2 September');
    expect(sayDate('06-30')).toBe('30 June');
    expect(weekday('2026-09-12')).toBe('Saturday');
    expect(sayDay('2026-09-12')).toBe('Saturday 12 September');
    expect(saySpan(48 * 60_000)).toBe('48 min');
    expect(saySpan((6 * 60 + 34) * 60_000)).toBe('6 h 34 min');
    expect(saySpan(51 * 3_600_000)).toBe('2 days 3 h');
    expect(saySpan(-5)).toBe('0 min');
  });
});
