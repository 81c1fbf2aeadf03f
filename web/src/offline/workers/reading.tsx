import { useRef, useState } from 'react';
import { LineKey } from '../../ui/key.tsx';
import { compute } from './compute.ts';
import type { InputOf, Job, ResultOf } from './jobs.ts';
import { NOT_COMPUTED } from './use-job.ts';

/** A file of five hundred species takes as long, ms. */
const LIMIT_MS = 120_000;

/** Reads a file beside the page, one at a time: how far it is, and a way out. */
export function useReading<J extends Job>(
  job: J,
): {
  /** Null where it was given up; throws an Error with a sentence where it could not be read. */
  readonly read: (input: InputOf<J>) => Promise<ResultOf<J> | null>;
  readonly shown: React.ReactNode;
} {
  const [share, setShare] = useState<number | null>(null);
  const stop = useRef<AbortController | null>(null);
  const read = async (input: InputOf<J>): Promise<ResultOf<J> | null> => {
    stop.current?.abort();
    const mine = new AbortController();
    stop.current = mine;
    setShare(0);
    const r = await compute(job, input, { signal: mine.signal, progress: setShare, limitMs: LIMIT_MS });
    // Another file was chosen meanwhile: this one is not of interest any more.
    if (stop.current !== mine) return null;
    setShare(null);
    if (r.ok) return r.value;
    if (r.why === 'given up') return null;
    throw new Error(NOT_COMPUTED[r.why]);
  };
  const shown =
    share === null ? null : (
      <p className="alert alert-warning" role="status">
        Reading the file: {Math.round(share * 100)} %. <LineKey onClick={() => stop.current?.abort()}>Cancel</LineKey>
      </p>
    );
  return { read, shown };
}
