import type { Method } from './method.ts';
import type { Piece } from './piece.ts';

/** Ten minutes for each 25 mm through the thickest, at a fierce heat. */
const MIN_PER_MM = 10 / 25;
/** Ten minutes for each 450 g of a whole fish, steamed or poached. */
const MIN_PER_G = 10 / 450;

/** What the old rules say, minutes; null where a rule does not speak of this. */
export interface RulesOfThumb {
  readonly byThicknessMin: number | null;
  readonly byWeightMin: number | null;
}

/** Ten minutes an inch speaks of fierce heat; ten minutes a pound of whole fish in steam or liquid. Rules of cooks: docs/domain.md, section 5. */
export function rulesOfThumb(method: Method, piece: Pick<Piece, 'thicknessMm' | 'massG' | 'cut'>): RulesOfThumb {
  const whole = piece.cut === 'whole';
  return {
    byThicknessMin: method.rule === null ? null : piece.thicknessMm * MIN_PER_MM,
    byWeightMin: method.rule === 'weight' && whole ? piece.massG * MIN_PER_G : null,
  };
}
