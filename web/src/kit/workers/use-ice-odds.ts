import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { compute, type NotComputed } from './compute.ts';
import type { OddsAsked, OddsTold } from '@dagboek/journal';

/** The odds that ice lasts, reckoned beside the page; given up when something else is asked. */
export function useIceOdds(asked: OddsAsked | null): {
  readonly told: OddsTold | null;
  /** 0 to 1 while it reckons. */
  readonly share: number | null;
  readonly why: NotComputed | null;
  readonly again: () => void;
} {
  const [share, setShare] = useState(0);
  const query = useQuery({
    // Of this moment: never kept for later.
    queryKey: ['journal', 'ice odds', asked],
    queryFn: async ({ signal }) => {
      if (!asked) throw new Error('nothing is asked');
      setShare(0);
      return compute('planOdds', asked, { signal, progress: setShare });
    },
    enabled: asked !== null,
    networkMode: 'always',
    retry: false,
    gcTime: 60_000,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
  const { data } = query;
  return {
    told: data?.ok ? data.value : null,
    share: query.isFetching ? share : null,
    why: data && !data.ok && data.why !== 'given up' ? data.why : null,
    again: () => void query.refetch(),
  };
}
