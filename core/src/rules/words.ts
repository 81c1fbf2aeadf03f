import { sayAll, sayAny } from '../units/index.ts';
/** A text with a capital letter at its beginning. */
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** "turbot, brill and sole". */
export const andList = (list: readonly string[], word: 'and' | 'or' = 'and'): string =>
  word === 'and' ? sayAll(list) : sayAny(list);
