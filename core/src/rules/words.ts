/** A text with a capital letter at its beginning. */
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** "turbot, brill and sole". */
export const andList = (list: readonly string[], word = 'and'): string =>
  list.length < 2 ? (list[0] ?? '') : `${list.slice(0, -1).join(', ')} ${word} ${list.at(-1) ?? ''}`;
