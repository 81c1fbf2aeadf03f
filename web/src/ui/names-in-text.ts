import { sayAny } from '@dagboek/core/units';
/** First words of common names that are names of places, and keep their capital. */
const PLACES = new Set(['Atlantic', 'Arctic', 'Mediterranean', 'European', 'Pacific', 'Baltic']);

/** With a capital to begin with. */
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** A species' name within a sentence: "greater weever", but "John Dory" and "Arctic char". */
export function inSentence(name: string): string {
  const [first = '', ...rest] = name.split(' ');
  if (PLACES.has(first) || rest.some((w) => /^\p{Lu}/u.test(w))) return name;
  return first.toLowerCase() + name.slice(first.length);
}

/** "a brill", "an Arctic char". */
export const withArticle = (name: string): string => `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${inSentence(name)}`;

/** "Turbot or brill or John Dory". */
export const orNames = (names: readonly string[]): string => sayAny(names.map((n, i) => (i === 0 ? n : inSentence(n))));
