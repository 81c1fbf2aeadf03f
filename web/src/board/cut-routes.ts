import type { Species } from '@dagboek/catalogue';
import type { ROUTES } from '@dagboek/journal';

export type Route = (typeof ROUTES)[number];

const ROUND: readonly Route[] = ['fillet from the tail', 'fillet from the head', 'butterfly', 'gutted whole', 'steaks'];
/** By the class of yield, which follows the build; a class left out is cut like any round fish. */
const BY_CLASS: Readonly<Record<string, readonly Route[]>> = {
  turbot: ['flatfish, four fillets', 'gutted whole', 'steaks'],
  sole: ['flatfish, four fillets', 'gutted whole', 'steaks'],
  ray: ['wings'],
  shark: ['steaks', 'fillet from the head', 'gutted whole'],
  squid: ['butterfly', 'gutted whole'],
  eel: ['steaks', 'gutted whole', 'fillet from the head'],
  tuna: ['fillet from the head', 'steaks', 'gutted whole'],
  gurnard: ['tail on the bone', 'fillet from the tail', 'fillet from the head', 'gutted whole'],
  scorpion: ['tail on the bone', 'fillet from the head', 'gutted whole'],
  salmonid: ['fillet from the head', 'gutted whole', 'butterfly', 'steaks'],
  none: [],
};

/** Cuts that suit a species, likeliest first. None for what is never eaten. A weever is cut like a gurnard: its head and first fin come off first. */
export function routesFor(species: Pick<Species, 'yieldClass' | 'raw' | 'figure'> | null): readonly Route[] {
  if (!species) return ROUND;
  if (species.raw.verdict === 'never') return [];
  const stings = species.figure.fins?.some((f) => f.harm === 'venomous' && f.on === 'dorsal') ?? false;
  if (stings && species.yieldClass === 'cod') return BY_CLASS['gurnard'] ?? ROUND;
  return BY_CLASS[species.yieldClass] ?? ROUND;
}
