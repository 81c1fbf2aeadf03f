import type { Bleed } from '@dagboek/core/handling';

/** Words as the sentences of the log write them. */
export const list = (xs: readonly string[]): string =>
  xs.length < 2 ? (xs[0] ?? '') : `${xs.slice(0, -1).join(', ')} and ${xs[xs.length - 1]}`;
/** A remark of a trip as a sentence: "Lost fish: at the net.", or as it was written when it is about nothing in particular. */
export const sayTripNote = (topic: string | null, text: string): string =>
  topic === null ? text : `${capital(topic)}: ${text}${/[.!?]$/.test(text) ? '' : '.'}`;
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
/** Where a fish was cut, as the log writes it. */
export const CUT_WORDS: Readonly<Record<Bleed, string>> = {
  'both gills': 'both gills cut',
  throat: 'cut at the throat',
  tail: 'cut at the tail',
  'one gill': 'one gill cut',
  'throat and gills': 'throat and gills cut',
  'gills and tail': 'gills and tail cut',
  'throat and tail': 'throat and tail cut',
  'behind the breast fins': 'cut behind the breast fins',
  'behind the head': 'cut behind the head',
  underside: 'cut across the underside',
  'underside and tail': 'cut across the underside and at the tail',
  'head snapped back': 'by the head snapped back',
};
export const METHOD_WORDS = {
  board: 'on the board',
  mat: 'on the mat',
  tape: 'with the tape',
  photo: 'from a picture',
  eye: 'by eye',
} as const;
