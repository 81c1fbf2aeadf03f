import { studentQuantile, type Term } from '../stats/index.ts';
import { emptyRegression, isSoundCut, type PastCut, scoreOf, shareAt, yieldTerms } from './yield-model.ts';

/** What may have moved a yield, beside way, species and knife. */
export const MOVERS = ['stiffness', 'season', 'size'] as const;
export type Mover = (typeof MOVERS)[number];
/** How stiff a fish was when the knife began, as a cook can tell it. */
export const FEELS = ['not stiff yet', 'stiff', 'soft again'] as const;
export type Feel = (typeof FEELS)[number];

/** A weighing with what was true of the fish; null where nobody knows. */
export interface MovedCut extends PastCut {
  readonly feel: Feel | null;
  /** Quarter of the year in which it was caught, 1 to 4. */
  readonly quarter: 1 | 2 | 3 | 4 | null;
  /** Where it stands among the cuts of its knife, 0 the first to 1 the last: a knife that learns is no matter of the season. */
  readonly turn: number;
}

/** How far one level lies off the mean of all cuts, in hundredths of the whole fish, with the range that holds it 95 times in 100. */
export interface Moved {
  readonly of: Mover;
  /** The level: a feel, a quarter as "1" to "4", or "twice the weight". */
  readonly is: string;
  readonly n: number;
  readonly points: number;
  readonly low: number;
  readonly high: number;
  /** Null: the range holds 0, so that it cannot be told from chance. */
  readonly verdict: 'more' | 'less' | null;
}
/** A level with too few cuts to say anything. */
export interface TooFew {
  readonly of: Mover;
  readonly is: string;
  readonly n: number;
}

/** Prior share of the variance for each mover, as a knife has; a stiff fish may well cost a fifth of the usual range. */
const PRIOR = 0.15;
/** Fewer cuts of a level say nothing of it. */
export const LEAST_OF_LEVEL = 5;
const LEVEL = 0.975;

const levelOf = (c: MovedCut, of: 'stiffness' | 'season'): string | null =>
  of === 'stiffness' ? c.feel : c.quarter === null ? null : String(c.quarter);

/**
 * What stiffness, season and size did to the yields of a book, each with the others, the species, the knife and its learning held still: the yield
 * model with terms of its own for each level (variance 0.15), in one exact fit. A level counts against the mean of all levels that were
 * met, by how often they were. `usual`: range of the species for which it is told, shares. A level that holds all cuts, or fewer than
 * `LEAST_OF_LEVEL`, is told as too few. Source: Gelman et al., Bayesian Data Analysis, ch. 14 and 15.
 */
export function whatMoved(
  past: readonly MovedCut[],
  usual: readonly [number, number],
): { readonly moved: readonly Moved[]; readonly tooFew: readonly TooFew[] } {
  const cuts = past.filter(isSoundCut);
  const fit = emptyRegression();
  const term = (of: Mover, is: string): Term => [`${of} ${is}`, 1, PRIOR];
  for (const c of cuts) {
    const [feel, season] = [levelOf(c, 'stiffness'), levelOf(c, 'season')];
    fit.learn(
      [
        ...yieldTerms(c),
        [`turn ${c.by}`, c.turn - 0.5, PRIOR],
        ...(feel === null ? [] : [term('stiffness', feel)]),
        ...(season === null ? [] : [term('season', season)]),
      ],
      scoreOf(c),
    );
  }
  const moved: Moved[] = [];
  const tooFew: TooFew[] = [];
  const tell = (of: Mover, is: string, n: number, terms: readonly Term[]): void => {
    const { mean, spread } = fit.sum(terms);
    const half = studentQuantile(LEVEL, fit.degrees) * spread;
    const points = (z: number): number => 100 * (shareAt(z, usual) - shareAt(0, usual));
    const [low, high] = [points(mean - half), points(mean + half)];
    moved.push({ of, is, n, points: points(mean), low, high, verdict: low > 0 ? 'more' : high < 0 ? 'less' : null });
  };
  for (const mover of ['stiffness', 'season'] as const) {
    const counts = new Map<string, number>();
    for (const c of cuts) {
      const is = levelOf(c, mover);
      if (is !== null) counts.set(is, (counts.get(is) ?? 0) + 1);
    }
    const all = [...counts.values()].reduce((a, b) => a + b, 0);
    const order = mover === 'stiffness' ? FEELS : ['1', '2', '3', '4'];
    for (const is of order) {
      const n = counts.get(is) ?? 0;
      if (n === 0) continue;
      // Against the others, itself among them: what stands alone has nothing to be compared with.
      if (n < LEAST_OF_LEVEL || n === all) tooFew.push({ of: mover, is, n });
      else
        tell(
          mover,
          is,
          n,
          [...counts].map(([other, m]): Term => [`${mover} ${other}`, (other === is ? 1 : 0) - m / all, PRIOR]),
        );
    }
  }
  const sizes = new Set(cuts.map((c) => Math.round(Math.log2(c.massG / c.usualG) * 4)));
  if (cuts.length >= LEAST_OF_LEVEL && sizes.size > 1)
    tell('size', 'twice the weight', cuts.length, [['slope', Math.LN2, yieldTerms(cuts[0]!)[1]![2]]]);
  else if (cuts.length > 0) tooFew.push({ of: 'size', is: 'twice the weight', n: cuts.length });
  return { moved, tooFew };
}
