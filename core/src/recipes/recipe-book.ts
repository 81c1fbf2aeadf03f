import { PART_CUTS } from '../cook/index.ts';
import { BESIDE } from './book/beside.ts';
import { MORE_BESIDE } from './book/more-beside.ts';
import { TWO_FIRES } from './book/two-fires.ts';
import { OVEN_AND_FIRE } from './book/oven-and-fire.ts';
import { PAN_AND_OIL } from './book/pan-and-oil.ts';
import { PARTS_OF_FISH } from './book/parts-of-fish.ts';
import { RAW_AND_CURED } from './book/raw-and-cured.ts';
import { WET } from './book/wet.ts';
import type { Recipe } from './recipe.ts';

/** The recipes that come with it. */
export const RECIPES: readonly Recipe[] = [
  ...PAN_AND_OIL,
  ...OVEN_AND_FIRE,
  ...WET,
  ...RAW_AND_CURED,
  ...TWO_FIRES,
  ...PARTS_OF_FISH,
  ...BESIDE,
  ...MORE_BESIDE,
];

const PARTS: readonly string[] = PART_CUTS;
/** Cheeks, collars, roe and liver are not cooked by a recipe of fillets, nor fillets by one of theirs or of squid. */
function isForCut({ cuts }: Recipe, cut: string | null): boolean {
  if (cut === null || cuts.length === 0 || (cuts as readonly string[]).includes(cut)) return true;
  return !PARTS.includes(cut) && !cuts.every((c) => c === 'tube' || PARTS.includes(c));
}

/** Those of a way, the ones for this cut and fat first; none of a part of the fish that this is not. */
export function recipesFor(
  all: readonly Recipe[],
  w: { readonly method: string; readonly cut: string | null; readonly fat: 'lean' | 'oily' | null },
): Recipe[] {
  const fits = (r: Recipe): number =>
    (w.cut !== null && (r.cuts as readonly string[]).includes(w.cut) ? 2 : 0) +
    (w.fat === null || r.fat === 'either' || r.fat === w.fat ? 1 : 0);
  return all.filter((r) => r.method === w.method && isForCut(r, w.cut)).sort((a, b) => fits(b) - fits(a));
}
