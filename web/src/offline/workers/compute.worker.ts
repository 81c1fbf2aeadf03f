import { expose } from 'comlink';
import { type Job, JOBS, type Progress } from './jobs.ts';

const worker = {
  /** Answers at once: whoever waits knows that this worker was loaded. */
  ready: (): true => true,
  /** `says`: where to say how far it is. */
  run: (job: Job, input: unknown, says: MessagePort): unknown =>
    (JOBS[job] as (input: unknown, progress: Progress) => unknown)(input, (share) => says.postMessage(share)),
};
export type ComputeWorker = typeof worker;
expose(worker);
