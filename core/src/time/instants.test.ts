import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { civilDay, epochMs, isCivilDay, isInstant, isTimeZone, stamp, wallTime } from './index.ts';

const digits = (n: number, max: number) => fc.integer({ min: 0, max }).map((x) => String(x).padStart(n, '0'));
/** Texts of the form of an instant, most of which are none. */
const nearly = fc
  .tuple(
    fc.oneof(digits(4, 9999), fc.integer({ min: 1940, max: 2040 }).map(String)),
    digits(2, 14),
    digits(2, 33),
    digits(2, 26),
    digits(2, 61),
    fc.option(fc.tuple(digits(2, 61), fc.option(fc.stringMatching(/^\d{1,11}$/)))),
    fc.constantFrom('Z', '+01:00', '-09:30', '+14:00', '+15:00', '+24:00', '', 'z'),
  )
  .map(
    ([y, mo, d, h, mi, s, zone]) =>
      `${y}-${mo}-${d}T${h}:${mi}${s ? `:${s[0]}${s[1] === null ? '' : `.${s[1]}`}` : ''}${zone}`,
  );
const temporal = (s: string): number | null => {
  try {
    return Temporal.Instant.from(s).epochMilliseconds;
  } catch {
    return null;
  }
};

describe('an instant is one for every function, or for none', () => {
  test.each([
    '2026-02-31T12:00:00Z',
    '2026-02-29T12:00:00Z',
    '1900-02-29T12:00:00Z',
    '2026-04-31T12:00:00+01:00',
    '2026-09-00T12:00:00Z',
    '2026-13-01T12:00:00Z',
    '2026-09-12T24:00:00Z',
    '2026-09-12T23:60:00Z',
    '2026-09-12T12:00:60Z',
    '2026-09-12T12:00:00.1234567891Z',
    '2026-09-12T12:00:00+99:00',
    '2026-09-12T12:00:00',
    '2026-09-12',
    '',
  ])('“%s” is none', (s) => {
    expect(isInstant(s)).toBe(false);
    expect(() => epochMs(s)).toThrow(RangeError);
  });
  test.each([12, null, undefined, {}, ['2026-09-12T12:00:00Z']])('nor is %p', (x) => expect(isInstant(x)).toBe(false));
  test.each([
    '2026-09-12T14:20:00+01:00',
    '2026-09-12T14:20Z',
    '2028-02-29T00:00:00.123456789-09:30',
    '2000-02-29T23:59:59Z',
  ])('“%s” is one', (s) => expect(epochMs(s)).toBe(Temporal.Instant.from(s).epochMilliseconds));

  test('what is one is read alike by all; what the calendar does not have is none', () => {
    fc.assert(
      fc.property(nearly, (s) => {
        if (!isInstant(s)) return void expect(() => epochMs(s)).toThrow(RangeError);
        expect(epochMs(s)).toBe(temporal(s));
        expect(epochMs(stamp(epochMs(s), 'Atlantic/Faroe'))).toBe(epochMs(s));
        expect(isCivilDay(civilDay(s, 'Atlantic/Faroe'))).toBe(true);
        expect(wallTime(s, 'Atlantic/Faroe')).toMatch(/^\d\d:\d\d$/);
      }),
      {
        numRuns: 3000,
        examples: [
          ['2026-02-30T10:00:00Z'],
          ['0000-01-01T00:00Z'],
          ['2999-12-31T23:59:59-14:00'],
          ['1950-01-01T00:00+14:00'],
          ['9999-12-31T23:59:59Z'],
        ],
      },
    );
  });
});

test('a civil day is one of the calendar', () => {
  for (const day of [
    '2026-02-29',
    '2026-02-31',
    '2026-00-10',
    '2026-06-31',
    '12.9.2026',
    '2026-9-1',
    '',
    null,
    20260912,
  ])
    expect([day, isCivilDay(day)]).toEqual([day, false]);
  for (const day of ['2026-02-28', '2028-02-29', '2000-02-29', '2026-12-31'])
    expect([day, isCivilDay(day)]).toEqual([day, true]);
});

test('a time zone is one that the machine knows', () => {
  for (const z of ['Atlantic/Nowhere', '', 'Skerrow', 'x'.repeat(100), null, 3])
    expect([z, isTimeZone(z)]).toEqual([z, false]);
  for (const z of ['Atlantic/Faroe', 'UTC', 'Europe/Brussels']) expect([z, isTimeZone(z)]).toEqual([z, true]);
});
