import type { RouteName } from './routes.ts';

/** What a species is to the one who cuts it. */
export interface Cuttable {
  readonly yieldClass: string;
  readonly raw: { readonly verdict: 'never' | 'cook' | 'frozen first' };
  readonly figure: { readonly fins?: readonly { readonly harm?: string | null; readonly on?: string }[] };
}

const ROUND: readonly RouteName[] = [
  'fillet from the tail',
  'fillet from the head',
  'butterfly',
  'whole for the pan',
  'gutted whole',
  'steaks',
  'field way, frame and guts in one',
];
const ARMOURED: readonly RouteName[] = [
  'tail on the bone',
  'fillet from the tail',
  'fillet from the head',
  'whole for the pan',
  'gutted whole',
];
const FLAT: readonly RouteName[] = ['flatfish, four fillets', 'flatfish, two fillets', 'flatfish, whole', 'steaks'];

/** By the class of yield, which follows the build; a class left out is cut like any round fish. */
const BY_CLASS: Readonly<Record<string, readonly RouteName[]>> = {
  turbot: FLAT,
  sole: FLAT,
  ray: ['wings'],
  shark: ['steaks', 'fillet from the head', 'tail on the bone', 'gutted whole'],
  squid: ['tube and arms'],
  eel: ['steaks', 'gutted whole', 'fillet from the head', 'whole for the pan'],
  tuna: ['four loins', 'fillet from the head', 'steaks', 'gutted whole'],
  gurnard: ARMOURED,
  scorpion: ['tail on the bone', 'fillet from the head', 'whole for the pan', 'gutted whole'],
  salmonid: ['fillet from the head', 'whole for the pan', 'gutted whole', 'butterfly', 'steaks'],
  mackerel: [
    'fillet from the head',
    'fillet from the tail',
    'butterfly',
    'whole for the pan',
    'gutted whole',
    'field way, frame and guts in one',
  ],
  none: [],
};

/**
 * Routes that suit a species, likeliest first. None for what is never eaten. A weever is cut like a gurnard: its head and
 * first fin come off first.
 */
export function routesFor(species: Cuttable | null): readonly RouteName[] {
  if (!species) return ROUND;
  if (species.raw.verdict === 'never') return [];
  const stings = species.figure.fins?.some((f) => f.harm === 'venomous' && f.on === 'dorsal') ?? false;
  if (stings && species.yieldClass === 'cod') return ARMOURED;
  return BY_CLASS[species.yieldClass] ?? ROUND;
}
