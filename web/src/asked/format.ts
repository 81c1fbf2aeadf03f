import { addDays, civilDay, sayShortDate, wallTime, weekday } from '@dagboek/core/time';
import { stamp } from '@dagboek/core/time';
import { useTimeZone, useTimeZoneIfHere } from './names.ts';
import { sayTime } from './units.ts';

export interface Format {
  readonly zone: string;
  /** "14:20" or "2:20 pm" in the waters' own zone. */
  readonly time: (at: string) => string;
  /** The time, or the weekday ("Sun") or date ("14 Jun") when a night lies since `after`. */
  readonly shortTime: (at: string, after?: string) => string;
  /** The same, as narrow as can be: for the knots of the custody line. */
  readonly knotTime: (at: string, after?: string) => string;
  /** "14:20", or "14:20 on Sat 12 Sep" where that is another day than the one of `than`. */
  readonly timeBeside: (at: string, than: string) => string;
  /** The same of two instants, in ms. */
  readonly timeBesideMs: (ms: number, thanMs: number) => string;
  /** At the ticks of an axis: "14:20", or "Sat 14:20" where a night lies since the tick before. */
  readonly tickTime: (at: string, before?: string) => string;
  /** Civil day, YYYY-MM-DD. */
  readonly day: (at: string) => string;
  readonly dayOfMs: (ms: number) => string;
  /** "Sat 12 Sep". */
  readonly shortDay: (day: string) => string;
}

/** How times and days are written, in the zone of the book's waters. Inside of `WhenFacts`. */
export const useFormat = (): Format => formatIn(useTimeZone());

/** The same where it may be asked before the waters are known: null until then, so that no hour is shown of another zone. */
export function useFormatIfHere(): Format | null {
  const zone = useTimeZoneIfHere();
  return zone === null ? null : formatIn(zone);
}

const FORMATS = new Map<string, Format>();

/** How times and days are written in a zone; the same object each time. */
function formatIn(zone: string): Format {
  const known = FORMATS.get(zone);
  if (known) return known;
  const day = (at: string): string => civilDay(at, zone);
  const shortDay = (d: string): string => `${weekday(d).slice(0, 3)} ${sayShortDate(d)}`;
  const since = (at: string, after?: string): string | null => {
    if (!after || day(at) === day(after)) return null;
    return day(at) <= addDays(day(after), 6) ? weekday(day(at)).slice(0, 3) : shortDay(day(at)).slice(4);
  };
  const timeBeside = (at: string, than: string): string => {
    const clock = sayTime(wallTime(at, zone));
    return day(at) === day(than) ? clock : `${clock} on ${shortDay(day(at))}`;
  };
  const format: Format = {
    zone,
    time: (at) => sayTime(wallTime(at, zone)),
    shortTime: (at, after) => since(at, after) ?? sayTime(wallTime(at, zone)),
    // Knots stand 50 px apart: "2:15p" as in a timetable.
    knotTime: (at, after) => since(at, after) ?? sayTime(wallTime(at, zone)).replace(/ ([ap])m$/, '$1'),
    tickTime: (at, before) =>
      `${before && day(at) !== day(before) ? `${weekday(day(at)).slice(0, 3)} ` : ''}${sayTime(wallTime(at, zone))}`,
    timeBeside,
    timeBesideMs: (ms, thanMs) => timeBeside(stamp(ms, zone), stamp(thanMs, zone)),
    day,
    dayOfMs: (ms) => civilDay(stamp(ms, zone), zone),
    shortDay,
  };
  FORMATS.set(zone, format);
  return format;
}

/** "41 %". */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
export { plural, sayAll, sayAny, wordFor } from '@dagboek/core/units';
