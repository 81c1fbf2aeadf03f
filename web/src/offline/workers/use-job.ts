import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Known } from '../../ui/known.ts';
import { compute, type Computed, type NotComputed } from './compute.ts';
import type { InputOf, Job, ResultOf } from './jobs.ts';

/** What a worker said to a question. */
export interface JobTold<J extends Job> {
  /** 'not here': nothing is asked. */
  readonly answer: Known<ResultOf<J>, NotComputed>;
  /** What the question of now comes to, waited for: for what is written by it. Null: nothing is asked, or it could not be reckoned. */
  readonly wait: () => Promise<ResultOf<J> | null>;
  readonly again: () => void;
}

/** A job beside the page for as long as something is asked. An answer to an earlier question is never given as that to this one. */
export function useJob<J extends Job>(job: J, asked: InputOf<J> | null, limitMs?: number): JobTold<J> {
  const [share, setShare] = useState<number | null>(null);
  const client = useQueryClient();
  const options = queryOptions({
    // Of this moment: never kept for later.
    queryKey: ['journal', job, asked],
    queryFn: async ({ signal }): Promise<Computed<ResultOf<J>>> => {
      if (asked === null) throw new Error('nothing is asked');
      setShare(null);
      return compute(job, asked, { signal, progress: setShare, ...(limitMs === undefined ? {} : { limitMs }) });
    },
    networkMode: 'always',
    retry: false,
    gcTime: 60_000,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const query = useQuery({ ...options, enabled: asked !== null, placeholderData: (before) => before });
  const { data } = query;
  const answer = ((): Known<ResultOf<J>, NotComputed> => {
    if (asked === null) return { state: 'not here' };
    if (query.isFetching || query.isPlaceholderData || !data || (!data.ok && data.why === 'given up'))
      return { state: 'reckoning', share, before: data?.ok ? { ofBefore: data.value } : null };
    return data.ok ? { state: 'known', value: data.value } : { state: 'failed', why: data.why };
  })();
  return {
    answer,
    wait: async () => {
      if (asked === null) return null;
      const r = await client.ensureQueryData(options);
      return r.ok ? r.value : null;
    },
    again: () => void query.refetch(),
  };
}

/** Why nothing was reckoned, in a sentence. */
export const NOT_COMPUTED: Readonly<Record<NotComputed, string>> = {
  'not loaded': 'The part that calculates this is not on this device yet. It downloads with the next signal.',
  'too long': 'It took too long and was stopped.',
  'given up': '',
  failed: 'This could not be calculated.',
};
