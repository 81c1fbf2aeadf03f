import type { MenuWishes, Planned } from '@dagboek/core/menu';
import { useQuery } from '@tanstack/react-query';
import { compute, type NotComputed } from '../kit/workers/compute.ts';
import type { PlannedMeals } from '../kit/workers/plan-meals.ts';

/** What is waited for, ms: longer than the solver gives itself, since a phone is slow to begin. */
const LIMIT_MS = 40_000;

/** What a plan came to, and of which wishes. */
export interface MenuFound {
  readonly planned: Planned;
  readonly methods: PlannedMeals['methods'];
  readonly of: MenuWishes;
}

/** A plan of meals, reckoned beside the page; while it is reckoned anew, and when that fails, the last one stays. */
export function useMenu(wishes: MenuWishes | null): {
  readonly plan: MenuFound | null;
  /** It is reckoned now. */
  readonly busy: boolean;
  /** What is shown is of other wishes than those of now. */
  readonly old: boolean;
  readonly why: NotComputed | null;
  readonly again: () => void;
} {
  const query = useQuery({
    queryKey: ['journal', 'menu', wishes],
    queryFn: async ({ signal }) => {
      if (!wishes) throw new Error('nothing is asked');
      const r = await compute('planMeals', wishes, { signal, limitMs: LIMIT_MS });
      return { r, of: wishes };
    },
    enabled: wishes !== null,
    networkMode: 'always',
    retry: false,
    gcTime: 60_000,
    staleTime: Number.POSITIVE_INFINITY,
    // A plan that failed is no plan: the one before it stays.
    placeholderData: (before) => before,
  });
  const { data } = query;
  const planned = data?.r.ok ? data.r.value.planned : null;
  return {
    plan: data?.r.ok && planned ? { planned, methods: data.r.value.methods, of: data.of } : null,
    busy: query.isFetching,
    old: query.isPlaceholderData,
    why: data && !data.r.ok && data.r.why !== 'given up' ? data.r.why : data?.r.ok && !planned ? 'not loaded' : null,
    again: () => void query.refetch(),
  };
}
