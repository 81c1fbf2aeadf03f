import type { MustNot } from './must-not.ts';

/** The name of a wish in the program, for the clash. */
export const wishName = {
  lock: (pack: string, day: number) => `lock ${day} ${pack}`,
  fish: (day: number) => `fish ${day}`,
  noFish: (day: number) => `no fish ${day}`,
  freezer: 'freezer',
  mustNot: (eater: string, why: MustNot) =>
    `must-not ${eater} ${typeof why === 'string' ? why : `kind ${why.species}`}`,
} as const;
