import type { ToBeCooked } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { sayAll } from '../../asked/format.ts';
import { nowMs } from '../../ui/clock.ts';
import { inSentence } from '../../ui/names-in-text.ts';

/** "Pollack and mackerel", each kind once. */
export function dishNames(names: readonly string[]): string {
  const [first, ...rest] = [...new Set(names)];
  return first === undefined ? '' : sayAll([first, ...rest.map(inSentence)]);
}

/** Half past seven, or an hour from now when that is near or past, to five minutes. */
export function nextDinner(zone: string): number {
  const now = nowMs();
  const half = Date.parse(stamp(now, zone).replace(/T\d\d:\d\d:\d\d/, 'T19:30:00'));
  const fromNow = Math.ceil((now + 70 * 60_000) / 300_000) * 300_000;
  return half > fromNow ? half : fromNow;
}

/** Whole minutes from now until an hour; null of an hour that is none. */
export const minutesUntil = (atMs: number | null, nowAtMs: number): number | null =>
  atMs === null ? null : Math.round((atMs - nowAtMs) / 60_000);

/** What is cooked, as warm as its fish was on the deck where it comes from there: `start` of the address, degC. */
export function asFromDeck(
  main: ToBeCooked | null,
  start: string | null,
): (ToBeCooked & { startOfDeck: boolean }) | null {
  const c = start === null ? Number.NaN : Number(start);
  const known = Number.isFinite(c) && c > -3 && c < 45;
  return main && { ...main, ...(known ? { startC: c, startRead: false } : {}), startOfDeck: known };
}
