import { describe, expect, jest, test } from '@jest/globals';
import { expose } from 'comlink';
import { compute } from './compute.ts';

/** A worker on the other end of a channel: the same messages, without a file to load. */
function aWorker(api: object | null): { open: () => Worker; ended: () => boolean; breaks: () => void } {
  const { port1, port2 } = new MessageChannel();
  if (api) expose(api, port2);
  let ended = false;
  const broken = new EventTarget();
  const worker = {
    postMessage: port1.postMessage.bind(port1),
    addEventListener: (kind: string, hear: never) =>
      kind === 'error' ? broken.addEventListener(kind, hear) : port1.addEventListener(kind, hear),
    removeEventListener: (kind: string, hear: never) =>
      kind === 'error' ? broken.removeEventListener(kind, hear) : port1.removeEventListener(kind, hear),
    start: () => port1.start(),
    terminate: () => {
      ended = true;
      port1.close();
      port2.close();
    },
  };
  port1.start();
  return {
    open: () => worker as unknown as Worker,
    ended: () => ended,
    breaks: () => void broken.dispatchEvent(new Event('error', { cancelable: true })),
  };
}
const INPUT = { picture: { width: 1, height: 1, data: new Uint8ClampedArray(4) }, boardMm: [600, 200] as const };
const ready = (): true => true;
const never = (): Promise<never> => new Promise(() => undefined);

describe('a job beside the page', () => {
  test('gives its result, says how far it is, and ends its worker', async () => {
    const said: number[] = [];
    const w = aWorker({
      ready,
      run: async (job: string, input: typeof INPUT, says: MessagePort) => {
        says.postMessage(0.5);
        await new Promise((r) => setTimeout(r, 20));
        return [job, input.boardMm];
      },
    });
    const r = await compute('lookAtPhoto', INPUT, { open: w.open, progress: (n) => said.push(n) });
    expect(r).toEqual({ ok: true, value: ['lookAtPhoto', [600, 200]] });
    expect(said).toEqual([0.5]);
    expect(w.ended()).toBe(true);
  });

  test('whose worker never answers is given up after a while', async () => {
    const w = aWorker(null);
    expect(await compute('lookAtPhoto', INPUT, { open: w.open, loadMs: 30 })).toEqual({ ok: false, why: 'not loaded' });
    expect(w.ended()).toBe(true);
  });

  test('whose worker cannot load, or cannot even be made, says so at once', async () => {
    const w = aWorker(null);
    const asked = compute('lookAtPhoto', INPUT, { open: w.open, loadMs: 60_000 });
    setTimeout(w.breaks, 5);
    expect(await asked).toEqual({ ok: false, why: 'not loaded' });
    const open = jest.fn((): Worker => {
      throw new Error('not allowed');
    });
    expect(await compute('lookAtPhoto', INPUT, { open })).toEqual({ ok: false, why: 'not loaded' });
  });

  test('that takes too long, is stopped, breaks or throws ends with its reason', async () => {
    const slow = aWorker({ ready, run: never });
    expect(await compute('lookAtPhoto', INPUT, { open: slow.open, limitMs: 30 })).toMatchObject({ why: 'too long' });
    const stop = new AbortController();
    const stopped = aWorker({ ready, run: never });
    setTimeout(() => stop.abort(), 20);
    const options = { open: stopped.open, signal: stop.signal };
    expect(await compute('lookAtPhoto', INPUT, options)).toMatchObject({ why: 'given up' });
    expect(stopped.ended()).toBe(true);
    expect(await compute('lookAtPhoto', INPUT, options)).toMatchObject({ why: 'given up' });
    const breaking = aWorker({ ready, run: never });
    setTimeout(breaking.breaks, 30);
    expect(await compute('lookAtPhoto', INPUT, { open: breaking.open })).toMatchObject({ ok: false });
    const throwing = aWorker({ ready, run: () => Promise.reject(new Error('a picture of nothing')) });
    expect(await compute('lookAtPhoto', INPUT, { open: throwing.open })).toMatchObject({ why: 'failed' });
  });
});
