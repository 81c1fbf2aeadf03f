import type { Bleed } from '@dagboek/core/handling';
import type { ICE_SEEN, IceNoted } from './book.ts';
import type { NOTE_TOPICS } from './trip.ts';
import { METRIC, sayDepth, sayHeavy, type Units, sayVolume } from '@dagboek/core/units';

/** Words as the sentences of the log write them. */
const ICE_WORDS: Readonly<Record<(typeof ICE_SEEN)[number], string>> = {
  full: 'full of ice',
  half: 'half the ice',
  'a few lumps': 'a few lumps of ice',
  gone: 'the ice is gone',
};
/** What was noted of the ice of a box: "3 kg of ice added", "half the ice". */
export const sayIce = (ice: IceNoted, units: Units = METRIC): string =>
  ice.seen !== null
    ? ICE_WORDS[ice.seen]
    : `${sayHeavy(ice.kg, units)} of ice added${ice.seaL ? `, with ${sayVolume(ice.seaL, units)} of sea water` : ''}`;

/** What a remark of a trip says, as far as it does. */
export interface TripNote {
  readonly topic: (typeof NOTE_TOPICS)[number] | null;
  readonly text: string;
  readonly depthM: number | null;
  readonly cost: number | null;
}
/** "30.00": money of the book, which has no name. */
export const sayCost = (cost: number): string => cost.toFixed(2);
/** A remark of a trip as a sentence: "Lost fish: at the net.", "Ground: anchored, 24 m." (`typed`: how the depth was typed), or as it was written when it is about nothing in particular. */
export function sayTripNote({ topic, text, depthM, cost }: TripNote, units: Units = METRIC, typed = ''): string {
  const said = [
    text,
    ...(depthM === null ? [] : [`${sayDepth(depthM, units)}${typed}`]),
    ...(cost === null ? [] : [sayCost(cost)]),
  ].join(', ');
  return topic === null ? said : `${capital(topic)}: ${said}${/[.!?]$/.test(said) ? '' : '.'}`;
}
/** A text with a capital letter at its beginning. */
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
