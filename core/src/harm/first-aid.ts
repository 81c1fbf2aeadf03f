import type { Hazard } from '../species/index.ts';
import type { AidCard, AidId } from './aid-card.ts';
import { AID_CARDS } from './aid-cards.ts';
import { severityOf } from './hazards.ts';

/** When to call for help at once, whatever was done: on top of every card. */
export const CALL_SIGNS: readonly string[] = [
  'Hard to breathe, faint, or numb lips',
  'A wound of chest, belly, neck, face or a joint',
  'Bleeding that does not stop, or swelling that spreads',
  'Stung in the water and not out of it yet, or alone there',
];

/** The card of an id; null of one that is none. */
export const aidCard = (id: string): AidCard | null => AID_CARDS.find((c) => c.id === id) ?? null;

/** A fish whose barb it is has a card of its own, and none of a spine. */
const hasBarb = (hazards: readonly Hazard[]): boolean => hazards.some((h) => h.part === 'tail barb');

/** Which cards the hazards of some fish ask for. */
function fits(card: AidCard, hazards: readonly Hazard[]): boolean {
  if (!card.helps.some((k) => hazards.some((h) => h.kind === k))) return false;
  if (card.id === 'barb') return hasBarb(hazards);
  if (card.id === 'sting') return hazards.some((h) => h.kind === 'venomous' && h.part !== 'tail barb');
  return true;
}

/**
 * Every card, those that the hazards of some species ask for first and said to fit; without a species all as they stand,
 * none of which is said to fit. None is ever left out: the fish may have been another.
 */
export function cardsFor(
  species: readonly { readonly hazards: readonly Hazard[] }[],
): readonly { readonly card: AidCard; readonly fits: boolean }[] {
  const hazards = species.flatMap((s) => s.hazards);
  const told = AID_CARDS.map((card) => ({ card, fits: fits(card, hazards) }));
  return [...told.filter((t) => t.fits), ...told.filter((t) => !t.fits)];
}

/** The card that opens for a fish: that of a poison that can kill, else the first that fits; null when nothing is known of it. */
export function cardOf(species: { readonly hazards: readonly Hazard[] } | null): AidId | null {
  if (!species) return null;
  if (species.hazards.some((h) => h.kind === 'poison' && severityOf(h) === 'can kill')) return 'poison';
  return cardsFor([species]).find((c) => c.fits)?.card.id ?? null;
}
