import { expose } from 'comlink';
import { type Job, JOBS, type Progress } from './jobs.ts';

const worker = {
  /** Answers at once: whoever waits knows that this worker was loaded. */
  ready: (): true => true,
  run: (job: Job, input: unknown, progress: Progress): unknown =>
    (JOBS[job] as (input: unknown, progress: Progress) => unknown)(input, progress),
};
export type ComputeWorker = typeof worker;
expose(worker);
