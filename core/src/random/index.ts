/** Uniform numbers in [0, 1). */
export type Rng = () => number;

/** A seeded generator (mulberry32): the same seed gives the same numbers for ever. */
export function seeded(seed: number): Rng {
  let s = seed >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) | 0;
    let t = Math.imul(s ^ (s >>> 15), 1 | s);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A normal number (Box and Muller). */
export const normal = (rng: Rng, mean = 0, sd = 1): number =>
  mean + sd * Math.sqrt(-2 * Math.log(1 - rng())) * Math.cos(2 * Math.PI * rng());

/** One of a list. Throws RangeError on an empty one. */
export function pick<T>(rng: Rng, list: readonly T[]): T {
  if (list.length === 0) throw new RangeError('pick: the list is empty');
  return list[Math.min(list.length - 1, Math.floor(rng() * list.length))] as T;
}

/** One of a list by weight. */
export function pickWeighted<T>(rng: Rng, list: readonly T[], weight: (x: T) => number): T {
  let at = rng() * list.reduce((sum, x) => sum + weight(x), 0);
  for (const x of list) if ((at -= weight(x)) <= 0) return x;
  return pick(rng, list);
}
