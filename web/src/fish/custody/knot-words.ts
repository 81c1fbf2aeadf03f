import type { KnotKind } from '@dagboek/journal';

/** What a knot on the line of a fish is called where it is read. */
export const KNOT_WORDS: Readonly<Record<KnotKind, string>> = {
  landed: 'landed',
  dispatched: 'killed',
  bled: 'bled',
  iced: 'iced',
  gutted: 'gutted',
  filleted: 'filleted',
  packed: 'packed',
  frozen: 'frozen',
  cooked: 'cooked',
};
