import { cookThrough } from './cook-through.ts';
import { type Cooked, USUAL } from './flesh-in-fire.ts';
import type { Fire } from './fire.ts';
import { bathAfter } from './vessel-heat.ts';

/** Pieces that do not all go in at once: what lies in the vessel, and what the bath bears. */
export interface RoundsAsked {
  /** All the pieces there are. */
  readonly all: number;
  /** So many lie in the vessel at once; left out: as many as there are. */
  readonly lieMost?: number;
}

/** So many rounds of so many pieces at the most. */
export interface Rounds {
  readonly count: number;
  readonly pieces: number;
  /** How far the bath falls when a round goes in, degC; null of one that is not noticed to. */
  readonly fallsToC: number | null;
  /** It should fall no further, degC; null where there is no such line. Below it even with one piece: `fallsToC` is lower. */
  readonly floorC: number | null;
  /** Why not all at once; null where they all go in. */
  readonly limitedBy: 'the vessel' | 'the bath' | null;
}

/** A bath is coldest within so long of what goes in, s. */
const SEEN_S = 240;

/** How far so many pieces at once bring the bath down, degC. */
const fallsTo = (what: Cooked, fire: Fire, pieces: number): number =>
  cookThrough({ ...what, pieces }, { ...fire, restMostS: 0 }, SEEN_S, { ...USUAL, cells: 12 }).bathLowC;

/**
 * How many pieces go in at once, and so how many rounds there are: no more than lie in the vessel, and in deep fat no more than leave it
 * above `floorC`, evenly. A piece always goes in, also where it alone brings the fat below; that is told by `fallsToC`. 3 l of fat at 180°,
 * 12 pieces of 110 g and 20 mm: four rounds of three.
 */
export function roundsOf(
  what: Cooked,
  fire: Fire,
  { all, lieMost = Infinity }: RoundsAsked,
  floorC: number | null,
): Rounds {
  const lie = Math.max(1, Math.min(all, lieMost));
  let most = lie;
  const falls = Number.isFinite(fire.bath.perK);
  if (floorC !== null && falls) {
    // The more go in the further it falls.
    let [low, high] = [1, most];
    while (low < high) {
      const mid = Math.ceil((low + high) / 2);
      if (fallsTo(what, fire, mid) >= floorC) low = mid;
      else high = mid - 1;
    }
    most = low;
  }
  const count = Math.ceil(all / most);
  const pieces = Math.ceil(all / count);
  return {
    count,
    pieces,
    fallsToC: falls ? fallsTo(what, fire, pieces) : null,
    floorC,
    limitedBy: count === 1 ? null : most < lie ? 'the bath' : 'the vessel',
  };
}

/** A bath is hot again within so many degrees of what was set, K; longer than so nobody waits, s. */
const [NEAR_K, MOST_WAIT_S] = [2, 1200];

/** How long until a bath that is at `c` is as hot as it was set, s. Two litres of fat from 160 to 178 degC on their ring: some 50. */
export function hotAgainS({ bath }: Fire, c: number): number {
  let s = 0;
  for (let at = c; at < bath.startC - NEAR_K && s < MOST_WAIT_S; s += 5) at = bathAfter(bath, at, 5, 0);
  return s;
}
