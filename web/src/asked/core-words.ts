import { COLD_C, type CoreTemperature } from '@dagboek/journal';
import type { Format } from './format.ts';
import { sayTemperature, sayTemperatureDifference } from './units.ts';

/** A tenth of a degree is more than is known of a body that was never read. */
const half = (c: number): number => Math.round(c * 2) / 2;

/** Further ahead than this nobody plans, ms. */
const AHEAD_MS = 12 * 3_600_000;

/** ", warm again at 01:50": where its box runs out of ice before long. */
function warmAgain({ warmMs }: CoreTemperature, { timeBesideMs }: Format, nowMs: number): string {
  return warmMs === null || warmMs > nowMs + AHEAD_MS ? '' : `, warm again at ${timeBesideMs(warmMs, nowMs)}`;
}

/** ", by a thermometer; reckoned 1.2° colder": by how much the reckoning was off. */
function readOff({ read }: CoreTemperature): string {
  if (!read) return '';
  const off = Math.round(read.offK * 10) / 10;
  if (Math.abs(off) < 0.3) return ', as a thermometer said';
  return `, set by a thermometer that said ${sayTemperatureDifference(Math.abs(off))} ${off > 0 ? 'less' : 'more'}`;
}

/** "9.5° inside, below 4.4° at 15:20": how cold it is, and when it is cold enough. */
export function sayCore(core: CoreTemperature, format: Format, nowMs: number): string {
  const inside = `${sayTemperature(half(core.coreC))} inside`;
  if (core.coldMs === null)
    return core.cold ? `${inside}, cold enough` : `${inside}, and not getting cold where it lies`;
  const when = format.timeBesideMs(core.coldMs, nowMs);
  return core.cold
    ? `${inside}, cold since ${when}${warmAgain(core, format, nowMs)}${readOff(core)}`
    : `${inside}, below ${sayTemperature(COLD_C)} at ${when}${readOff(core)}`;
}

/** Said wherever a temperature inside is shown. */
export const CORE_HOW = 'Inside: calculated from species, weight and where the fish has been; the box as estimated.';
