import { useQuery } from '@tanstack/react-query';
import { compute, type NotComputed } from './compute.ts';
import type { InputOf, Job, ResultOf } from './jobs.ts';

/** What a worker said, and of what it was asked. */
export interface JobTold<J extends Job> {
  readonly value: ResultOf<J> | null;
  readonly busy: boolean;
  /** What is shown is of an earlier question. */
  readonly old: boolean;
  readonly why: NotComputed | null;
  readonly again: () => void;
}

/** A job beside the page for as long as something is asked; while it is reckoned anew the last answer stays. */
export function useJob<J extends Job>(job: J, asked: InputOf<J> | null, limitMs?: number): JobTold<J> {
  const query = useQuery({
    queryKey: ['journal', job, asked],
    queryFn: async ({ signal }) => {
      if (asked === null) throw new Error('nothing is asked');
      return compute(job, asked, { signal, ...(limitMs === undefined ? {} : { limitMs }) });
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
    value: asked !== null && data?.ok ? data.value : null,
    busy: query.isFetching,
    old: query.isPlaceholderData,
    why: data && !data.ok && data.why !== 'given up' ? data.why : null,
    again: () => void query.refetch(),
  };
}

/** Why nothing was reckoned, in a sentence. */
export const NOT_COMPUTED: Readonly<Record<NotComputed, string>> = {
  'not loaded': 'What reckons this is not on this device yet: it comes with the next visit on the network.',
  'too long': 'It took too long and was stopped.',
  'given up': '',
  failed: 'It could not be reckoned.',
};
