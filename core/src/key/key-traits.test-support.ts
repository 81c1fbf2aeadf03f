import type { Trait } from './index.ts';

/** A trait whose states are their own words. */
export const trait = (id: string, states: string[], more: Partial<Trait> = {}): Trait => ({
  id,
  question: `${id}?`,
  states: states.map((s) => ({ id: s, words: s })),
  effort: 1,
  error: 0.05,
  ...more,
});
export const BARBEL = trait('barbel', ['yes', 'no']);
export const TAIL = trait('tail', ['forked', 'straight', 'round'], { error: 0.02 });
export const BACK = trait('back', ['green', 'brown', 'blue'], { error: 0.15, effort: 2 });
