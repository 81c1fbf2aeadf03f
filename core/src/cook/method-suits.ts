import type { Method } from './method.ts';
import { METHODS } from './methods.ts';
import type { PieceCut } from './piece.ts';

/** What is to be cooked, for which a way is sought. */
export interface ToCook {
  readonly cut: PieceCut;
  readonly thicknessMm: number;
  readonly fat: 'lean' | 'oily';
  /** Days past its best; below nought before it. */
  readonly daysPastBest: number;
  readonly raw: 'not raw' | 'not known' | 'conditions met';
  /** One of its kinds forms histamine: hours of cool smoke are not for it. */
  readonly formsHistamine: boolean;
  /** It was cooked, salted or smoked before. */
  readonly ready: boolean;
  /** Heads and bones without flesh. */
  readonly frames?: boolean;
}

/** A way, whether it suits, and why. `out`: it is not offered as a choice that stands. */
export interface MethodFit {
  readonly method: Method;
  readonly suits: 'well' | 'so so' | 'out';
  readonly why: string;
}

/** Cuts in a sentence, where an s does not make many of them. */
const NAMES_OF_CUT: Readonly<Partial<Record<PieceCut, string>>> = {
  whole: 'whole fish',
  tube: 'tubes and arms',
  roe: 'roe',
  liver: 'liver',
};

/** Every way, those that suit first, each with what speaks for it or against it. */
export function methodsThatSuit(w: ToCook): MethodFit[] {
  const fits = METHODS.map((method: Method): MethodFit => {
    const [least, most] = method.thickMm;
    if (w.frames && method.id !== 'stock') return { method, suits: 'out', why: 'heads and bones: for stock' };
    if (w.ready && method.id !== 'cakes' && method.id !== 'soup')
      return { method, suits: 'out', why: 'already cooked: eat it as it is, or in fish cakes and soup' };
    if (!w.ready && method.id === 'cakes') return { method, suits: 'so so', why: method.whyNot };
    if (method.middle === 'raw' && w.raw === 'not raw')
      return { method, suits: 'out', why: 'not raw: see the reasons in the verdict' };
    if (method.id === 'cold smoke' && w.formsHistamine)
      return {
        method,
        suits: 'out',
        why: 'this species forms histamine when not cold, and salt or smoke does not remove it: hot-smoke it',
      };
    if (!w.frames && !method.cuts.includes(w.cut))
      return {
        method,
        suits: 'out',
        why: `not for ${NAMES_OF_CUT[w.cut] ?? `${w.cut}s`}`,
      };
    if (!w.frames && (w.thicknessMm < least || w.thicknessMm > most))
      return {
        method,
        suits: 'so so',
        why:
          w.thicknessMm > most && method.middle === 'cooked'
            ? 'rather thick: takes long, and the outside dries'
            : method.whyNot,
      };
    if (method.middle === 'raw' && w.raw === 'not known')
      return { method, suits: 'so so', why: 'only if its freezing is recorded, and it is not' };
    if (method.middle === 'raw' && w.daysPastBest >= 0) return { method, suits: 'out', why: 'past its best: cook it' };
    if (method.fat !== 'either' && method.fat !== w.fat) return { method, suits: 'so so', why: method.whyNot };
    if (w.daysPastBest > 0 && method.id !== 'simmer' && method.id !== 'soup' && method.id !== 'batter')
      return { method, suits: 'so so', why: 'no longer at its best: a sauce suits it better' };
    return { method, suits: 'well', why: method.why };
  });
  const order = { well: 0, 'so so': 1, out: 2 } as const;
  return fits.sort((a, b) => order[a.suits] - order[b.suits]);
}
