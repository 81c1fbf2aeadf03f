import { BESIDE } from './book/beside.ts';
import { MORE_BESIDE } from './book/more-beside.ts';
import { TWO_FIRES } from './book/two-fires.ts';
import { OVEN_AND_FIRE } from './book/oven-and-fire.ts';
import { PAN_AND_OIL } from './book/pan-and-oil.ts';
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
  ...BESIDE,
  ...MORE_BESIDE,
];

/** Those of a way, the ones for this cut and fat first. */
export function recipesFor(
  all: readonly Recipe[],
  w: { readonly method: string; readonly cut: string | null; readonly fat: 'lean' | 'oily' | null },
): Recipe[] {
  const fits = (r: Recipe): number =>
    (w.cut !== null && (r.cuts as readonly string[]).includes(w.cut) ? 2 : 0) +
    (w.fat === null || r.fat === 'either' || r.fat === w.fat ? 1 : 0);
  return all.filter((r) => r.method === w.method).sort((a, b) => fits(b) - fits(a));
}
