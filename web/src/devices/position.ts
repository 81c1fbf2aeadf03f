import type { PositionReading, TripState } from '@dagboek/journal';
import { useQuery } from '@tanstack/react-query';
import { useKept } from '../ui/use-kept.ts';

/** What the position source says. */
export type Fix = PositionReading;

/** How often to ask it, ms. */
const ASK_MS = 20_000;

/** The position source of a trip: asked only while it is followed on this device. `fix` null: not followed, or no answer (`failed`). */
export function usePositionSource(trip: TripState | null): {
  readonly followed: boolean;
  readonly follow: (on: boolean) => void;
  readonly fix: Fix | null;
  readonly failed: boolean;
} {
  const [followed, follow] = useKept('position-source', false);
  const { data, isError } = useQuery({
    queryKey: ['position', trip?.waters, trip?.zone],
    queryFn: async () => {
      const res = await fetch(
        `/api/devices/position?waters=${encodeURIComponent(trip?.waters ?? '')}&zone=${encodeURIComponent(trip?.zone ?? '')}`,
      );
      if (!res.ok) throw new Error(String(res.status));
      return (await res.json()) as Fix;
    },
    enabled: followed && trip !== null,
    refetchInterval: ASK_MS,
    networkMode: 'always',
    retry: false,
    gcTime: 0,
  });
  return { followed, follow, fix: followed && !isError ? (data ?? null) : null, failed: followed && isError };
}
