import type { MethodId } from './methods.ts';

/** Which fit of the ways a time was calculated by: what a kitchen took is held only against the same. Raised whenever the ways are fitted anew. */
export const FIT = 2;

/** What published kitchen charts say of a way: minutes for each mm at the thickest, and minutes on top. */
export interface Chart {
  readonly minPerMm: number;
  readonly plusMin: number;
}

/** The charts agree within a fifth of their middle either way: 4 to 6 minutes for each half inch. */
export const CHART_SPREAD = 0.2;

/** Four to six minutes for each half inch. Sources: docs/sources.md, the kitchen. */
const TEN_AN_INCH: Chart = { minPerMm: 10 / 25, plusMin: 0 };
/** Deep fat: somewhat less. */
const IN_FAT: Chart = { minPerMm: 8 / 25, plusMin: 0 };
/** In a parcel: five minutes more. */
const IN_A_PARCEL: Chart = { minPerMm: 10 / 25, plusMin: 5 };

/** By way; a way that is not here has no chart. */
const CHARTS: Partial<Readonly<Record<MethodId, Chart>>> = {
  pan: TEN_AN_INCH,
  'pan, whole': TEN_AN_INCH,
  grill: TEN_AN_INCH,
  'grill, whole': TEN_AN_INCH,
  roast: TEN_AN_INCH,
  steam: TEN_AN_INCH,
  'poach, from hot': TEN_AN_INCH,
  'poach, heat off': TEN_AN_INCH,
  'poach, from cold': TEN_AN_INCH,
  simmer: TEN_AN_INCH,
  soup: TEN_AN_INCH,
  batter: IN_FAT,
  'deep fry': IN_FAT,
  dredge: IN_FAT,
  parcel: IN_A_PARCEL,
};

/** The middle of the charts for a piece of so many mm, minutes; null for a way without a chart. */
export function chartMin(method: string, thicknessMm: number): number | null {
  const chart = CHARTS[method as MethodId];
  return chart ? chart.minPerMm * thicknessMm + chart.plusMin : null;
}
