import { getTimes } from 'suncalc';
import { stamp, wallTime } from '../time/index.ts';
import type { LonLat } from './rule.ts';

/** Sunrise and sunset on a civil day at a place, HH:MM in the zone given; `null` in polar day or night, with which it is. */
export type SunHours =
  | { readonly rise: string; readonly set: string; readonly all?: undefined }
  | { readonly rise: null; readonly set: null; readonly all: 'day' | 'night' };

/** The hours of the sun, to the minute (the library's own error is about one). Source: suncalc, after Meeus. */
export function sunHours(day: string, [lon, lat]: LonLat, timeZone: string): SunHours {
  const t = getTimes(new Date(`${day}T12:00:00Z`), lat, lon);
  if (!t.sunrise || !t.sunset) return { rise: null, set: null, all: t.alwaysUp ? 'day' : 'night' };
  const wall = (d: Date): string => wallTime(stamp(d.getTime(), timeZone), timeZone);
  return { rise: wall(t.sunrise), set: wall(t.sunset) };
}
