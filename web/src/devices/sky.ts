import { sayTide, sayWeather } from '@dagboek/core/sky';
import type { SkyReading } from '@dagboek/journal';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { useFormat } from '../asked/format.ts';
import { sayTemperature, sayTime, units } from '../asked/units.ts';

/** The weather moves on: asked anew after so long, ms. */
const STALE_MS = 5 * 60_000;

/** What the weather and tide sources say of a zone: of this moment, so that it is never kept for later. */
export const skyQuery = (waters: string, zone: string) =>
  queryOptions({
    queryKey: ['journal', 'sky', waters, zone],
    queryFn: async (): Promise<SkyReading> => {
      const res = await fetch(
        `/api/devices/sky?waters=${encodeURIComponent(waters)}&zone=${encodeURIComponent(zone)}`,
        { signal: AbortSignal.timeout(8000) },
      );
      if (!res.ok) throw new Error(String(res.status));
      return (await res.json()) as SkyReading;
    },
    networkMode: 'always',
    retry: false,
    staleTime: STALE_MS,
    refetchOnMount: true,
    gcTime: STALE_MS,
    enabled: waters !== '' && zone !== '',
  });

/** What the sources say now, in the words of the log; null for what they do not say, or without an answer. */
export function useSky(
  waters: string,
  zone: string,
): {
  readonly reading: SkyReading | null;
  readonly weather: string | null;
  readonly tide: string | null;
  readonly water: string | null;
} {
  const { zone: timeZone } = useFormat();
  const { data } = useQuery(skyQuery(waters, zone));
  if (!data) return { reading: null, weather: null, tide: null, water: null };
  return {
    reading: data,
    weather: sayWeather(data.weather, units),
    tide: data.tide && sayTide(data.tide, timeZone, sayTime, units),
    water: sayTemperature(data.weather.waterC),
  };
}
