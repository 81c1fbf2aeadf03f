import { Temporal } from 'temporal-polyfill';

/** Civil day in a zone, as YYYY-MM-DD. `at`: ISO instant with offset. Throws RangeError on a malformed instant. */
export function civilDay(at: string, timeZone: string): string {
  return Temporal.Instant.from(at).toZonedDateTimeISO(timeZone).toPlainDate().toString();
}

/** Wall-clock time of an instant in a zone, as HH:MM. */
export function wallTime(at: string, timeZone: string): string {
  return Temporal.Instant.from(at).toZonedDateTimeISO(timeZone).toPlainTime().toString({ smallestUnit: 'minute' });
}

/** An instant (epoch ms) as ISO with the zone's offset at that moment, e.g. 2026-09-12T14:20:00+01:00. */
export function stamp(epochMs: number, timeZone: string): string {
  return Temporal.Instant.fromEpochMilliseconds(Math.floor(epochMs))
    .toZonedDateTimeISO(timeZone)
    .toString({ timeZoneName: 'never', smallestUnit: 'millisecond' })
    .replace(/\.000(?=[+-])/, '');
}

const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/**
 * Epoch milliseconds of an ISO instant with its offset. Throws RangeError on a malformed one.
 * Folding sorts by it, so it goes through the engine's own parser, which is some twenty times as fast as Temporal's.
 */
export function epochMs(at: string): number {
  const ms = INSTANT.test(at) ? Date.parse(at) : Number.NaN;
  if (Number.isNaN(ms)) throw new RangeError(`epochMs: not an instant with its offset: ${at}`);
  return ms;
}

/** The instant at which a wall-clock time on a civil day falls in a zone (a skipped hour moves forward). */
export function instantOf(day: string, time: string, timeZone: string): string {
  const z = Temporal.PlainDateTime.from(`${day}T${time}`).toZonedDateTime(timeZone, { disambiguation: 'compatible' });
  return stamp(z.epochMilliseconds, timeZone);
}

/**
 * Every instant at which a wall-clock time on a civil day falls in a zone, the earlier first: two in the hour that occurs
 * twice, when clocks go back. A skipped hour moves forward.
 */
export function instantsOf(day: string, time: string, timeZone: string): string[] {
  const wall = Temporal.PlainDateTime.from(`${day}T${time}`);
  const [a, b] = (['earlier', 'later'] as const).map((disambiguation) =>
    wall.toZonedDateTime(timeZone, { disambiguation }),
  );
  if (!a || !b) return [];
  // Of a skipped hour `earlier` goes back: the one that moves forward is meant.
  const twice = a.toPlainDateTime().equals(wall) && b.epochMilliseconds !== a.epochMilliseconds;
  return twice
    ? [stamp(a.epochMilliseconds, timeZone), stamp(b.epochMilliseconds, timeZone)]
    : [stamp(b.epochMilliseconds, timeZone)];
}

const DAY_MS = 86_400_000;

/** Midnight UTC of a civil day: only to count days with. Throws RangeError on what is no day. */
function dayNumber(day: string): number {
  const ms = Date.parse(`${day}T00:00:00Z`);
  if (day.length !== 10 || Number.isNaN(ms) || dayOfNumber(ms / DAY_MS) !== day)
    throw new RangeError(`not a civil day: ${day}`);
  return ms / DAY_MS;
}
const dayOfNumber = (n: number): string => new Date(n * DAY_MS).toISOString().slice(0, 10);

/**
 * Whole days from civil day `a` to civil day `b` (negative when b is earlier). Counted on UTC days, which have no offsets:
 * the same as Temporal's, and some thirty times as fast, since rules ask it of every fish.
 */
export const daysBetween = (a: string, b: string): number => dayNumber(b) - dayNumber(a);

/** A civil day moved by whole days. Throws RangeError on what is no day. */
export const addDays = (day: string, days: number): string => dayOfNumber(dayNumber(day) + days);

/** Full years from a day of birth to a day; one born on 29 February is a year older on 1 March. Throws RangeError on what is no day. */
export function ageOn(born: string, day: string): number {
  void dayNumber(born);
  void dayNumber(day);
  return Number(day.slice(0, 4)) - Number(born.slice(0, 4)) - (day.slice(5) < born.slice(5) ? 1 : 0);
}

/** A civil day moved by whole months; the 31st becomes the last day of a shorter month. */
export const addMonths = (day: string, months: number): string =>
  Temporal.PlainDate.from(day).add({ months }).toString();
