import type { Stage } from '../mass-balance.ts';
import type { WayChoice } from './way-names.ts';

/**
 * Lines of the knife by name. The figure draws each by the landmarks of the fish in hand (`@dagboek/figure`, cut-lines), so that a
 * route is told once for every species of its build.
 */
export const CUT_LINE_NAMES = [
  // round the fish
  'behind the head',
  'along the back',
  'along the back, tail first',
  'over the ribs',
  'tail notch',
  'tail off',
  'thin tail off',
  'head off',
  'head and guts off',
  'down the backbone',
  'belly to the tail',
  'belly',
  'gut pocket',
  'gills',
  'kidney line',
  'fins',
  'venomous spines',
  'round the spines',
  'slashes',
  'steaks',
  'dark line',
  'pin bones',
  'v-cut',
  'cheek',
  'throat',
  'skin from the tail',
  'skin from the head',
  // flatfish
  'middle line',
  'out to the fin edge',
  'round the fin edge',
  // rays
  'free the wing',
  'wing skin',
  // squid and cuttlefish
  'arms off',
  'beak',
  'mantle',
  'mantle fins',
] as const;
export type CutLineName = (typeof CUT_LINE_NAMES)[number];

/** How the blade lies in the fish, seen in section. */
export type BladePose =
  | 'down onto the bone'
  | 'along the bone'
  | 'over the ribs'
  | 'tip only, edge up'
  | 'into the side, to the bone'
  | 'down beside the body'
  | 'flat on the skin'
  | 'either side of the pin bones'
  | 'flat on the side bones';

/** A part of the fish that hands or blade come near, so that what hurts there is said again. */
export const TOUCHES = ['fins', 'gills', 'mouth', 'head', 'skin', 'belly', 'blood', 'flesh', 'tail'] as const;
export type Touch = (typeof TOUCHES)[number];

/** A weighing on a route. */
export interface Weighing {
  readonly name: string;
  /** In one word, for a key or a station; the name where left out. */
  readonly short?: string;
  /** What to do before it, in one sentence. */
  readonly todo: string;
  /** How the blade is kept from the hands; nothing where none is used. */
  readonly caution?: string;
  readonly weigh: Stage;
}

/** One step at the board: one sentence, one cut. Its name in the log tells what has then been done. */
export interface CutStep {
  /** One sentence: what to do. */
  readonly todo: string;
  /** How it feels when it is right, in a second voice. */
  readonly how?: string;
  readonly lines?: readonly CutLineName[];
  readonly pose?: BladePose;
  /** What must not be pierced. */
  readonly spare?: string;
  /** How the blade is kept from the hands; nothing where none is used. What stings or pricks is told by the species. */
  readonly caution?: string;
  readonly touches?: readonly Touch[];
  readonly tools?: readonly string[];
  /** Where a clock helps: from and to, minutes, and what for. */
  readonly clock?: { readonly fromMin: number; readonly toMin: number; readonly of: string };
  /** The house way that decides how it is done, shown with its other school. */
  readonly way?: WayChoice['of'];
}
