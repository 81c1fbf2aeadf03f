import { HOLD } from './words.ts';
import type { Weighing } from './step.ts';

/** What is weighed on a route, by names of their own: told apart from the other steps, since every page that reads a log knows them. */
export const WEIGHINGS = {
  'weigh four': {
    name: 'Fillets, skin on',
    short: 'Fillets',
    todo: 'Take two fillets off each side, along the middle line first, and weigh them.',
    caution: HOLD,
    weigh: 'fillets',
  },
  'weigh two': {
    name: 'Fillets, skin on',
    short: 'Fillets',
    todo: 'Take one wide fillet off each side, and weigh both.',
    caution: HOLD,
    weigh: 'fillets',
  },
  'weigh tail': {
    name: 'Tail',
    todo: 'Take head and guts off in one, skin the tail, and weigh it on the bone.',
    caution: 'Blade away from the hand that holds the tail, in the cut-proof glove.',
    weigh: 'trimmed',
  },
  'weigh loins': {
    name: 'Loins, skin on',
    short: 'Loins',
    todo: 'Take four loins off the bone, and weigh them.',
    caution: HOLD,
    weigh: 'fillets',
  },
  'weigh wings': {
    name: 'Wings, skin on',
    short: 'Wings',
    todo: 'Cut both wings off along the body, and weigh them.',
    caution: 'Blade away from the hand that holds the wing, in the cut-proof glove.',
    weigh: 'fillets',
  },
  'weigh skinned wings': {
    name: 'Wings, skinned',
    short: 'Skinned',
    todo: 'Pull the skin off with pliers, and weigh what will be eaten.',
    caution: 'Pull with pliers, away from you; where the knife helps, it lies flat and points away.',
    weigh: 'trimmed',
  },
  'weigh tube': {
    name: 'Tube and arms',
    todo: 'Weigh tube, fins and arms, cleaned.',
    caution: 'Knife laid down, point away, before wet hands lift what they cut.',
    weigh: 'trimmed',
  },
  'weigh steaks': {
    name: 'Steaks',
    todo: 'Head and tail off, cut across into steaks, and weigh them with the bone.',
    caution:
      'The backbone wants a saw or a serrated blade; the fish lies flat and dry under the other hand, in the cut-proof glove.',
    weigh: 'trimmed',
  },
  'weigh flat': {
    name: 'Opened flat',
    todo: 'Open it flat, lift the bone out, and weigh what is left.',
    caution: HOLD,
    weigh: 'trimmed',
  },
  'weigh fillets': {
    name: 'Fillets, skin on',
    short: 'Fillets',
    todo: 'Take both sides off the bone, and weigh them.',
    caution: HOLD,
    weigh: 'fillets',
  },
  'weigh trimmed': {
    name: 'Trimmed',
    todo: 'Skin, bone and trim, and weigh what will be eaten.',
    caution: 'Skin toward you, blade flat and away; keep the fingers off its path.',
    weigh: 'trimmed',
  },
  'weigh whole': { name: 'Whole', todo: 'Weigh it whole, wiped.', weigh: 'round' },
  'weigh gutted': {
    name: 'Gutted',
    todo: 'Gut it, gills out, wipe it clean, and weigh.',
    caution: 'Blade up and away from you; only the tip goes in, so that the gut stays whole.',
    weigh: 'gutted',
  },
} as const satisfies Readonly<Record<string, Weighing>>;
export type WeighingId = keyof typeof WEIGHINGS;
