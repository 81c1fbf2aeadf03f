/** The language that every sentence is written in: another would be put in here, and its words beside these. */
const LANGUAGE = 'en-GB';
const RULES = new Intl.PluralRules(LANGUAGE);
const ALL = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' });
const ANY = new Intl.ListFormat(LANGUAGE, { type: 'disjunction' });

/** The word for so many: `wordFor(1, 'fin')` is "fin", `wordFor(2, 'fin')` is "fins". `many`: where it is not the word with an s. */
export const wordFor = (n: number, one: string, many = `${one}s`): string => (RULES.select(n) === 'one' ? one : many);

/** A count with its noun: "1 pack", "3 packs", "2 entries" by `plural(2, 'entry', 'entries')`. */
export const plural = (n: number, one: string, many?: string): string => `${n} ${wordFor(n, one, many)}`;

/** All of a list: "Wren", "Wren and Tomas", "Wren, Tomas and Ilse"; nothing of an empty one. */
export const sayAll = (list: readonly string[]): string => ALL.format(list);

/** Any of a list: "turbot", "turbot or brill", "turbot, brill or plaice"; nothing of an empty one. */
export const sayAny = (list: readonly string[]): string => ANY.format(list);
