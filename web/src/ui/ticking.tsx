import { useNow } from './use-now.ts';

/** Words that follow the clock by the second: they alone are drawn anew. */
export function Ticking({ say }: { say: (nowMs: number) => string }) {
  return say(useNow(1000));
}
