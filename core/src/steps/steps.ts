/** Work that can be put down: it yields every now and then how much is done (0 to 1), and returns its answer. */
export type Steps<T> = Generator<number, T, undefined>;

/** Does it all at once. `progress`: told now and then how much is done, 0 to 1. */
export function toEnd<T>(steps: Steps<T>, progress: (share: number) => void = () => undefined): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    progress(value);
  }
}

/** It was given up: nobody waits so long. */
export class TookTooLong extends Error {}

export interface Slices {
  /** A clock that never goes back, ms. */
  readonly nowMs: () => number;
  /** Lets everything else have its turn. */
  readonly pause: () => Promise<unknown>;
  /** So long at a stretch, ms. */
  readonly sliceMs?: number;
  /** So long altogether, ms; then `TookTooLong` is thrown. */
  readonly limitMs?: number;
}

/** Does it slice by slice, and lets others have their turn between: whoever sends a long document makes nobody else wait. */
export async function inSlices<T>(
  steps: Steps<T>,
  { nowMs, pause, sliceMs = 10, limitMs = 60_000 }: Slices,
): Promise<T> {
  const began = nowMs();
  let slice = began;
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    const now = nowMs();
    if (now - began > limitMs) throw new TookTooLong('It takes too long to read this. Split it into smaller parts.');
    if (now - slice < sliceMs) continue;
    await pause();
    slice = nowMs();
  }
}
