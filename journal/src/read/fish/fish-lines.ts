import type { Kind } from '../../log/kinds/index.ts';

/** Kinds of lines about a fish that is landed already. */
type FishLine = Exclude<Extract<Kind, `fish.${string}`>, 'fish.landed'>;

/** What becomes of a kind of line where two fish become one, or a lot becomes two. */
interface FishLineIs {
  /** A fish has one that counts; of the others it takes as many as there were. */
  readonly once: boolean;
  /** It befell each fish of a lot, and goes along with those that are taken out of it; else it is of the lot as it was. */
  readonly ofEach: boolean;
}

const befell = (once: boolean): FishLineIs => ({ once, ofEach: true });

/** Every kind of line about a fish: a new one that is not in this table does not compile. */
const FISH_LINES: { readonly [K in FishLine]: FishLineIs } = {
  'fish.named': befell(true),
  'fish.measured': befell(true),
  'fish.weighed': befell(true),
  'fish.dispatched': befell(true),
  'fish.bled': befell(true),
  'fish.iced': befell(true),
  'fish.moved': befell(false),
  'fish.read': befell(false),
  'fish.noted': befell(false),
  'fish.released': { once: true, ofEach: false },
  'fish.discarded': { once: true, ofEach: false },
  'fish.reported': { once: false, ofEach: false },
  'fish.pictured': { once: false, ofEach: false },
};

/** What a kind of line is to a fish; of a kind that this version does not know, one of many that stays where it is. */
export const fishLineIs = (kind: string): FishLineIs =>
  Object.hasOwn(FISH_LINES, kind) ? FISH_LINES[kind as FishLine] : { once: false, ofEach: false };
