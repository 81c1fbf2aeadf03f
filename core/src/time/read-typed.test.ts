import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { epochMs, instantsOf, readDay, readTime, sayDate } from './index.ts';

describe('a day as it is typed', () => {
  test.each([
    ['12.9.2026', '2026-09-12'],
    ['12 9 26', '2026-09-12'],
    ['12/9', '2026-09-12'],
    ['12 Sep', '2026-09-12'],
    ['Sat 12 September 2026', '2026-09-12'],
    ['2026-09-12', '2026-09-12'],
    ['3 jan', '2027-01-03'],
    ['28.12.', '2026-12-28'],
    ['yesterday', '2026-11-25'],
    ['Today', '2026-11-26'],
    ['29.2.2028', '2028-02-29'],
  ])('%s is %s, read on 26 November 2026', (text, day) => expect(readDay(text, '2026-11-26')).toBe(day));

  test.each(['31.2.2026', '29.2.2026', '12.13.2026', '0.1.2026', '', 'soon', '12', '2026-9', '9/12/2026x'])(
    '“%s” is no day',
    (text) => expect(readDay(text, '2026-11-26')).toBeNull(),
  );

  test('every day that the book writes it reads again', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), (n) => {
        const day = new Date(n * 86_400_000).toISOString().slice(0, 10);
        expect(readDay(`${sayDate(day)} ${day.slice(0, 4)}`, '2026-11-26')).toBe(day);
      }),
    );
  });
});

describe('a time as it is typed', () => {
  test.each([
    ['23:50', '23:50'],
    ['9:05', '09:05'],
    ['2350', '23:50'],
    ['905', '09:05'],
    ['9.05', '09:05'],
    ['7', '07:00'],
    ['0:10', '00:10'],
    ['7 pm', '19:00'],
    ['12 am', '00:00'],
    ['12:30pm', '12:30'],
  ])('%s is %s', (text, time) => expect(readTime(text)).toBe(time));
  test.each(['24:00', '12:60', '7:5', 'noon', '', '13 pm', '-1'])('“%s” is no time', (t) =>
    expect(readTime(t)).toBeNull(),
  );
});

describe('the instants of a wall-clock time', () => {
  test('one, or two in the hour that occurs twice, an hour apart', () => {
    expect(instantsOf('2026-09-12', '14:20', 'Europe/Berlin')).toHaveLength(1);
    const [first, second] = instantsOf('2026-10-25', '02:30', 'Europe/Berlin');
    expect([first, second]).toEqual(['2026-10-25T02:30:00+02:00', '2026-10-25T02:30:00+01:00']);
    expect(epochMs(second!) - epochMs(first!)).toBe(3_600_000);
  });
  test('in the hour that is left out it moves on', () => {
    expect(instantsOf('2026-03-29', '02:30', 'Europe/Berlin')).toEqual(['2026-03-29T03:30:00+02:00']);
  });
});
