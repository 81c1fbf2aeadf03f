import { transfer, wrap } from 'comlink';
import type { ComputeWorker } from './compute.worker.ts';
import type { InputOf, Job, Progress, ResultOf } from './jobs.ts';

/** Why nothing was reckoned, so that a screen can say it and offer another way. */
export type NotComputed = 'not loaded' | 'too long' | 'given up' | 'failed';

export type Computed<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly why: NotComputed };

export interface ComputeOptions {
  /** Gives up when it is aborted. */
  readonly signal?: AbortSignal;
  readonly progress?: Progress;
  /** A job that takes longer is given up, ms. */
  readonly limitMs?: number;
  /** A worker that has not answered by then was not on this device when the network went, ms. */
  readonly loadMs?: number;
  /** For tests: another worker. */
  readonly open?: () => Worker;
}

const openWorker = (): Worker => new Worker(new URL('./compute.worker.ts', import.meta.url), { type: 'module' });

/**
 * One job in a worker of its own, ended with it. Never waits for ever: a worker that cannot load (no network on the first
 * visit), one that breaks, and one that takes too long all come back with a reason.
 */
export async function compute<J extends Job>(
  job: J,
  input: InputOf<J>,
  { signal, progress = () => undefined, limitMs = 20_000, loadMs = 6000, open = openWorker }: ComputeOptions = {},
): Promise<Computed<ResultOf<J>>> {
  if (signal?.aborted) return { ok: false, why: 'given up' };
  let thread: Worker;
  try {
    thread = open();
  } catch {
    return { ok: false, why: 'not loaded' };
  }
  const ends: (() => void)[] = [() => thread.terminate()];
  const after = (ms: number, why: NotComputed): Promise<NotComputed> =>
    new Promise((resolve) => {
      const timer = setTimeout(() => resolve(why), ms);
      ends.push(() => clearTimeout(timer));
    });
  const heard = (on: EventTarget, event: string, why: NotComputed): Promise<NotComputed> =>
    new Promise((resolve) => {
      const hear = (e: Event): void => (e.preventDefault(), resolve(why));
      on.addEventListener(event, hear);
      ends.push(() => on.removeEventListener(event, hear));
    });
  const stopped = signal ? heard(signal, 'abort', 'given up') : new Promise<never>(() => undefined);
  const worker = wrap<ComputeWorker>(thread);
  const { port1: hears, port2: says } = new MessageChannel();
  hears.onmessage = (e: MessageEvent<number>) => progress(e.data);
  ends.push(() => hears.close());
  try {
    const loaded = await Promise.race([
      worker.ready(),
      heard(thread, 'error', 'not loaded'),
      after(loadMs, 'not loaded'),
      stopped,
    ]);
    if (loaded !== true) return { ok: false, why: loaded };
    const result = await Promise.race([
      worker
        .run(job, input, transfer(says, [says]))
        .then((value) => ({ ok: true as const, value: value as ResultOf<J> })),
      heard(thread, 'error', 'failed'),
      after(limitMs, 'too long'),
      stopped,
    ]);
    return typeof result === 'string' ? { ok: false, why: result } : result;
  } catch {
    return { ok: false, why: 'failed' };
  } finally {
    for (const end of ends) end();
  }
}
