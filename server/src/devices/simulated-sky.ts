import { type Tide, simulatedTide, simulatedWeather, type Weather } from '@dagboek/core/sky';
import { stamp, wallTime } from '@dagboek/core/time';

/** One weather for the whole coast. */
const SEED = 58;
/** Where no tide runs. */
const INLAND = ['lake', 'stream'];

/** How much of the civil day is gone there, 0 to 1. */
function dayShare(ms: number, timeZone: string): number {
  const [h = 0, min = 0] = wallTime(stamp(ms, timeZone), timeZone).split(':').map(Number);
  return (h * 60 + min) / 1440;
}

/** Weather and tide of a zone: of its time zone for the day's warmth, of its grounds for whether a tide runs there. */
export function simulatedSky(
  timeZone: string,
  grounds: readonly string[],
  nowMs: number,
): { readonly weather: Weather; readonly tide: Tide | null } {
  const inland = grounds.length > 0 && grounds.every((g) => INLAND.includes(g));
  return {
    weather: simulatedWeather(nowMs, dayShare(nowMs, timeZone), SEED),
    tide: inland ? null : simulatedTide(nowMs),
  };
}
