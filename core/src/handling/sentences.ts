/** How a clean kill is known: docs/domain.md, section 4. */
export const KILL_SIGNS =
  'When killed cleanly, its gill covers stop moving: the surest sign. It may shiver, spread its fins, and its eyes stay fixed. With a spike, never hold the other hand behind the head.';

/** What follows from a shot or a cut through the gut, which taints. */
export const GUT_PIERCED = 'gut it soon, wipe it with sea water, eat it first';

const NEAR_PREDATORS = 'Large predators about: bleed it aboard, in a bucket.';

/**
 * What is said while a fish is killed or bled: its own file first. `speared`: it bleeds in the water beside the one who shot
 * it; `predators`: large ones were seen about.
 */
export function handlingSentences(
  step: 'dispatch' | 'bleed' | 'ice',
  species: { readonly dispatch: string; readonly bleeding: string },
  of: { readonly speared: boolean; readonly gutPierced: boolean; readonly predators?: boolean },
): string[] {
  const own =
    step === 'dispatch'
      ? [species.dispatch, KILL_SIGNS]
      : step === 'bleed'
        ? [species.bleeding, ...(of.speared || of.predators ? [NEAR_PREDATORS] : [])]
        : [];
  return of.gutPierced ? [...own, `The gut was pierced: ${GUT_PIERCED}.`] : own;
}
