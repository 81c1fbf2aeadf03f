import { daysOf } from './packs-on-days.ts';
import { wishName } from './wish-name.ts';
import type { MenuPack, MenuWishes } from './menu.ts';
import type { MustNot } from './must-not.ts';
import { type Mip, type MipSolver, withCosts } from './mip.ts';

/** A wish, as it is named to the one who has to give one up. */
export type Wish =
  | { readonly of: 'lock'; readonly pack: string; readonly day: number }
  | { readonly of: 'fish' | 'no fish'; readonly day: number }
  | { readonly of: 'freezer' }
  | { readonly of: 'must not'; readonly eater: string; readonly why: MustNot };

/** Wishes that cannot all be had. */
export interface Clash {
  readonly wishes: readonly Wish[];
  /** No smaller set clashes; else giving up any one of them is still enough for these, but a smaller set may be hidden among others. */
  readonly smallest: boolean;
  /** Packs that were put on a day on which they cannot be eaten: too early to have thawed, or after the authority's day. */
  readonly impossible: readonly { readonly pack: MenuPack; readonly day: number }[];
}

const wishOf = (name: string): Wish => {
  const [a, b, c] = [name.split(' ')[0]!, name.split(' ')[1]!, name.split(' ').slice(2).join(' ')];
  if (name === wishName.freezer) return { of: 'freezer' };
  if (a === 'lock') return { of: 'lock', day: Number(b), pack: c };
  if (a === 'must-not')
    return {
      of: 'must not',
      eater: b,
      why: c.startsWith('kind ') ? { species: c.slice(5) } : (c as 'no fish' | 'raw' | 'mercury'),
    };
  return a === 'fish' ? { of: 'fish', day: Number(b) } : { of: 'no fish', day: Number(c) };
};

/** Packs on days on which they cannot be eaten, whatever else is wished; null when there are none. */
export function impossibleLocks(w: MenuWishes): Clash | null {
  const impossible = w.locks.flatMap((l) => {
    const pack = w.packs.find((p) => p.id === l.pack);
    return pack && !daysOf(pack, w.days.length).includes(l.day) ? [{ pack, day: l.day }] : [];
  });
  if (impossible.length === 0) return null;
  return { wishes: impossible.map((i) => ({ of: 'lock', pack: i.pack.id, day: i.day })), smallest: true, impossible };
}

/** So large a set is still searched for as the smallest; a larger one is made by leaving out what is not needed. */
const SEARCHED = 2;

/**
 * The smallest set of wishes that cannot all be had, by trying: one alone, then every two; a larger one is irreducible, so that giving up
 * any one of it is enough. `mip`: has no plan with all of its wishes.
 */
export function smallestClash(mip: Mip, solve: MipSolver, seconds: number): Clash {
  const free = withCosts(mip, () => 0);
  const wishes = [...new Set(free.rows.flatMap((r) => (r.wish === null ? [] : [r.wish])))];
  const each = Math.max(0.2, seconds / 20);
  // What could not be told in its time may clash too: then none is called the smallest.
  let sure = true;
  const clashes = (some: readonly string[]): boolean => {
    const rows = free.rows.filter((r) => r.wish === null || some.includes(r.wish));
    const { status, x } = solve({ ...free, rows }, each);
    if (status !== 'infeasible' && x === null) sure = false;
    return status === 'infeasible';
  };
  const found = (some: readonly string[], smallest: boolean): Clash => ({
    wishes: some.map(wishOf),
    smallest,
    impossible: [],
  });
  for (const a of wishes) if (clashes([a])) return found([a], true);
  if (SEARCHED >= 2 && wishes.length <= 24)
    for (let i = 0; i < wishes.length; i++)
      for (let j = i + 1; j < wishes.length; j++)
        if (clashes([wishes[i]!, wishes[j]!])) return found([wishes[i]!, wishes[j]!], sure);
  let left = wishes;
  for (const w of wishes) {
    const without = left.filter((y) => y !== w);
    if (clashes(without)) left = without;
  }
  // Of three none is smaller, since every two were tried.
  return found(left, sure && left.length === SEARCHED + 1 && wishes.length <= 24);
}
