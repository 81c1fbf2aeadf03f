/** How a pack is wrapped, and what that does to its months in the freezer: air dries it and turns its fat. */
export interface WrappingFacts {
  /** As a part of a sentence: "in a dry cloth". */
  readonly says: string;
  /** Times the table's months; the authority's line is never lengthened by it. Typical. */
  readonly factor: number;
  /** Where it can be used; null for either. */
  readonly only: 'fridge' | 'freezer' | null;
}

/** The names stand in the log for ever. */
export const WRAPPING_FACTS = {
  cloth: { says: 'in a dry cloth', factor: 0.5, only: null },
  tray: { says: 'on a tray, under film', factor: 0.5, only: null },
  box: { says: 'in a box', factor: 0.8, only: null },
  bag: { says: 'in a bag', factor: 0.5, only: null },
  glaze: { says: 'glazed with ice', factor: 1.2, only: 'freezer' },
  vacuum: { says: 'vacuum-packed', factor: 1.2, only: null },
} as const satisfies Record<string, WrappingFacts>;

export type Wrapping = keyof typeof WRAPPING_FACTS;

/** How a pack may be wrapped in a place: a glaze is ice, and in the fridge it runs off. */
export const wrappingsFor = (place: 'fridge' | 'freezer'): Wrapping[] =>
  (Object.keys(WRAPPING_FACTS) as Wrapping[]).filter((w) => {
    const { only } = WRAPPING_FACTS[w];
    return only === null || only === place;
  });

/** How to wrap it so that it keeps, in one sentence; null where there is nothing to say. */
export function wrapAdvice(
  wrapping: Wrapping,
  place: 'fridge' | 'freezer',
  form: string,
  skinOn: boolean,
): string | null {
  if (wrapping === 'glaze')
    return 'Freeze it bare, dip it in ice-cold water, freeze again: two or three times, until it is covered in ice all round.';
  if (wrapping === 'vacuum' && form === 'fillets' && skinOn)
    return 'Put two fillets flesh to flesh, skin outside: the skin keeps the air away.';
  if (wrapping === 'bag' && place === 'freezer')
    return 'Press the air out, under water up to the seam: a loose bag halves its months.';
  if (wrapping === 'cloth' && place === 'freezer')
    return 'Cloth is for the fridge: in the freezer it halves the months.';
  return null;
}
