import type { Purpose } from '@dagboek/core/cut';

/** What a cut is for, as it is chosen and as it stands at the head of the cut. */
export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  pan: 'the pan',
  whole: 'cooked whole',
  raw: 'raw',
  freezer: 'the freezer',
  stock: 'stock',
};
