import type { LengthKind } from '../species/index.ts';

/**
 * How a fish is laid and read for each kind of length, in one sentence: at a board, the nose against its stop. Source: docs/domain.md,
 * "Lengths".
 */
export const HOW_TO_MEASURE: Readonly<Record<LengthKind, string>> = {
  total: 'Total length: put the nose against the stop, close the mouth, and pinch the tail fin together.',
  fork: 'Fork length: put the nose against the stop, close the mouth, and read at the middle of the fork in the tail.',
  discWidth: 'Disc width: lay it flat, and measure straight across from one wing tip to the other.',
  mantle: 'Mantle length: measure the body tube alone, along the back, without head and arms.',
};
