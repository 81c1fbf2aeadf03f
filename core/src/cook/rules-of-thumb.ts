import { chartMin } from './charts.ts';
import type { Method } from './method.ts';
import type { Piece } from './piece.ts';

/** Ten minutes for each 450 g of a whole fish, steamed or poached. */
const MIN_PER_G = 10 / 450;

/** What the old rules say, minutes; null where a rule does not speak of this. */
export interface RulesOfThumb {
  readonly byThicknessMin: number | null;
  readonly byWeightMin: number | null;
}

/**
 * Ten minutes an inch, eight in deep fat, five more in a parcel; ten minutes a pound of whole fish in steam or liquid, minutes. A roast
 * of 25 mm: 10. Rules of cooks: docs/sources.md.
 */
export function rulesOfThumb(method: Method, piece: Pick<Piece, 'thicknessMm' | 'massG' | 'cut'>): RulesOfThumb {
  const whole = piece.cut === 'whole';
  return {
    byThicknessMin: method.rule === null ? null : chartMin(method.id, piece.thicknessMm),
    byWeightMin: method.rule === 'weight' && whole ? piece.massG * MIN_PER_G : null,
  };
}

/** Further apart than this, a calculation and a rule speak of different things, in shares of the rule. */
const APART = 1 / 3;

/** How a calculated time lies to the rule by thickness: about the same, or more than a third shorter or longer. Null without a rule. */
export function besideTheRule(seconds: number, rules: RulesOfThumb): 'alike' | 'shorter' | 'longer' | null {
  if (rules.byThicknessMin === null) return null;
  const off = seconds / 60 / rules.byThicknessMin - 1;
  return Math.abs(off) <= APART ? 'alike' : off < 0 ? 'shorter' : 'longer';
}
