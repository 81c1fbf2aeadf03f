import type { BoxReckoned, BoxToReckon } from './reckon-box.ts';

/** Reckons a box beside the page; null when it could not. */
export type Reckoner = (b: BoxToReckon) => Promise<BoxReckoned | null>;

/** With fewer bodies than this it is done before anyone sees it. */
const MUCH = 8;

let reckoner: Reckoner | null = null;
const asked = new Set<string>();
/** What could not be reckoned beside the page is reckoned in it. */
const refused = new Set<string>();
const listeners = new Set<() => void>();
let done = 0;

/** From now on large boxes are reckoned so, and the last that is known stands meanwhile; null: all in the page. */
export function setReckoner(r: Reckoner | null): void {
  reckoner = r;
}

/** How often a box was reckoned beside the page so far; `hear` is told when one begins and when one is done. */
export const reckonings = {
  count: (): number => done,
  /** Whether a box is being reckoned: what is read of it, and of the fish in it, is of before the last change. */
  underWay: (): boolean => asked.size > 0,
  hear(l: () => void): () => void {
    listeners.add(l);
    return () => listeners.delete(l);
  },
};

const tell = (): void => {
  for (const l of listeners) l();
};

/** Asks for a box to be reckoned beside the page, once; false where it is to be done in it. `take` gets the answer. */
export function reckonBeside(key: string, b: BoxToReckon, take: (r: BoxReckoned) => void): boolean {
  if (!reckoner || b.own.fish.length < MUCH || refused.has(key)) return false;
  if (asked.has(key)) return true;
  asked.add(key);
  const end = (r: BoxReckoned | null): void => {
    asked.delete(key);
    if (r) take(r);
    else refused.add(key);
    done++;
    tell();
  };
  // Who hears of it draws: not in the middle of the drawing that asked.
  queueMicrotask(tell);
  reckoner(b).then(end, () => end(null));
  return true;
}
