import type { SpeciesFacts } from '../species/index.ts';
import { meatFrom } from '../plates/index.ts';
import { formFacts, type PackForm } from './pack-forms.ts';

type Yields = Pick<SpeciesFacts, 'yields'>;

/** A fish without its guts, share of the round: the middle of the usual 80 to 90 %, where the species says nothing. */
const GUTTED = 0.85;
/** Head and guts off, share of the round: the middle of the usual 58 to 70 %. Steaks and what lies open weigh about as much. */
const HEADED = 0.64;
/** The tail of an armoured or spiny fish, skinned, share of the round. Our own assumption. */
const TAIL_ALONE = 0.5;

/** Both collars, and both cheeks, share of the round: large-headed fish give more. Our own assumption. */
const COLLARS = 0.06;
const CHEEKS = 0.012;
/** Meat on a collar, share of it: a fan of bone runs through it. Our own assumption. */
const MEAT_ON_COLLAR = 0.45;

const middle = (r: readonly [number, number] | undefined, other: number): number => (r ? (r[0] + r[1]) / 2 : other);

/**
 * Share of the round fish that a form is, 0 to 1: what comes off the board of 1 kg, in kg. `species` null: nobody knows what it is.
 * Example: gutted pollack of 1 kg weighs some 0.85 kg.
 */
export function shareOfRound(form: PackForm, species: Yields | null): number {
  const meat = meatFrom(species ?? { yields: {} }, 1);
  switch (form) {
    case 'whole':
      return 1;
    case 'gutted':
      return middle(species?.yields.gutted, GUTTED);
    case 'butterflied':
    case 'steaks':
      return Math.max(HEADED, meat);
    case 'tail':
      return Math.max(TAIL_ALONE, meat);
    case 'collars':
      return COLLARS;
    case 'cheeks':
      return CHEEKS;
    default:
      return meat;
  }
}

/**
 * Boneless meat in a mass of a form, g. A fish has so much meat however it is cut: a form that is more of the round fish holds the same
 * meat beside bone, skin and head. 0 for what is no dish by itself. Example: 850 g of gutted pollack hold some 380 g.
 */
export function meatIn(form: PackForm, massG: number, species: Yields | null): number {
  const { plates } = formFacts(form);
  if (plates === 'none') return 0;
  if (plates === 'flesh') return massG;
  if (form === 'collars') return massG * MEAT_ON_COLLAR;
  const roundG = massG / shareOfRound(form, species);
  return Math.min(massG, meatFrom(species ?? { yields: {} }, roundG));
}
