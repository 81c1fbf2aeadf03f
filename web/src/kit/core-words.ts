import { COLD_C, type CoreTemperature } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import type { Format } from './format.ts';
import { sayTemperature } from './units.ts';

/** A tenth of a degree is more than is known of a body that was never read. */
const half = (c: number): number => Math.round(c * 2) / 2;

/** "9.5° inside, below 4.4° at 15:20": how cold it is, and when it is cold enough. */
export function sayCore(core: CoreTemperature, { time, zone, day, dayOfMs }: Format, nowMs: number): string {
  const inside = `${sayTemperature(half(core.coreC))} inside`;
  if (core.coldMs === null)
    return core.cold ? `${inside}, cold enough` : `${inside}, and not getting cold where it lies`;
  const at = stamp(core.coldMs, zone);
  const when = day(at) === dayOfMs(nowMs) ? time(at) : `${time(at)} on another day`;
  return core.cold
    ? day(at) === dayOfMs(nowMs)
      ? `${inside}, cold since ${when}`
      : `${inside}, cold enough`
    : `${inside}, below ${sayTemperature(COLD_C)} at ${when}`;
}

/** Said wherever a temperature inside is shown. */
export const CORE_HOW =
  'Inside: reckoned by conduction, from its kind, its weight and where it lay; the media are typical until they are read.';
