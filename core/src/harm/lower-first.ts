/** A sentence after a colon: its first letter small, unless it is the first of an abbreviation. */
export const lowerFirst = (s: string): string => (/^[A-Z][a-z ]/.test(s) ? s.charAt(0).toLowerCase() + s.slice(1) : s);
