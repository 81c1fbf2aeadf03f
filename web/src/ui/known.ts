/**
 * A value that may come late: not here yet (the network, the shelf), being reckoned (a worker), known, or not to be had, with the
 * reason. The value stands in one of the four alone, so that a page cannot draw what it does not have.
 */
export type Known<T, Why extends string = string> =
  | { readonly state: 'not here' }
  | { readonly state: 'reckoning'; readonly share: number | null; readonly before: Before<T> | null }
  | { readonly state: 'known'; readonly value: T }
  | { readonly state: 'failed'; readonly why: Why };

/** The answer to an earlier question: may stand pale while the new one is reckoned, marked so; nothing is decided or written by it. */
export interface Before<T> {
  readonly ofBefore: T;
}

export const known = <T>(value: T): { readonly state: 'known'; readonly value: T } => ({ state: 'known', value });

/** The value where it is known, else null. */
export const ifKnown = <T>(k: Known<T>): T | null => (k.state === 'known' ? k.value : null);

/** What may be drawn: the value, or pale the one before it; null where there is neither. */
export const drawable = <T>(k: Known<T>): { readonly value: T; readonly pale: boolean } | null => {
  if (k.state === 'known') return { value: k.value, pale: false };
  return k.state === 'reckoning' && k.before ? { value: k.before.ofBefore, pale: true } : null;
};
