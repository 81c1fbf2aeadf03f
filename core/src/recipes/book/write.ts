import type { PieceCut } from '../../cook/index.ts';
import type { Allergen, Ingredient, Recipe, Step } from '../recipe.ts';

type Of = (name: string, amount: number, unit?: Ingredient['unit'], ...allergens: Allergen[]) => Ingredient;
const of =
  (per: Ingredient['per']): Of =>
  (name, amount, unit = 'g', ...allergens) => ({ name, amount, unit, per, allergens });

/** For 100 g of fish; for a plate; once for the dish; to taste. */
export const forFish = of('fish');
export const forPlate = of('plate');
export const forDish = of('dish');
/** Something to taste, without an amount: salt, pepper. */
export const taste = (name: string, ...allergens: Allergen[]): Ingredient => ({
  name,
  amount: null,
  unit: 'g',
  per: 'dish',
  allergens,
});

type More = Partial<Pick<Step, 'after' | 'waits' | 'perPlate' | 'place' | 'hands' | 'in' | 'holds' | 'frees'>>;
const step = (id: string, name: string, say: string, takes: Step['takes'], minutes: number, more: More): Step => ({
  id,
  name,
  say,
  takes,
  minutes,
  perPlate: 0,
  hands: false,
  place: null,
  after: null,
  waits: null,
  ...more,
});

/** Work of hands. */
export const hand = (id: string, name: string, minutes: number, say: string, more: More = {}): Step =>
  step(id, name, say, 'minutes', minutes, { hands: true, ...more });
/** It stands on a ring, in the oven, or by itself. */
export const alone = (id: string, name: string, minutes: number, say: string, more: More = {}): Step =>
  step(id, name, say, 'minutes', minutes, more);
/** The fish in its fire, straight after what came before. */
export const cook = (place: Step['place'], hands: boolean, say: string, more: More = {}): Step =>
  step('cook', 'Cook the fish', say, 'cook', 0, { place, hands, waits: 5, ...more });
/** The step in which the fish rests, for as long as it is reckoned. */
export const rest = (say: string): Step => step('rest', 'Rest', say, 'rest', 0, { waits: 0 });

const FLESH: readonly PieceCut[] = ['fillet', 'portion'];

/** A dish of fish, filled up with what is usual. */
export const fishDish = (
  r: Pick<Recipe, 'id' | 'name' | 'says' | 'method' | 'ingredients' | 'steps'> & Partial<Recipe>,
): Recipe => ({
  course: 'fish',
  from: 'fish',
  cuts: FLESH,
  fat: 'either',
  stands: 5,
  spoils: 4,
  leadsTo: ['cakes'],
  ...r,
});

/** A side or a sauce, filled up with what is usual. */
export const besideIt = (
  course: 'side' | 'sauce',
  r: Pick<Recipe, 'id' | 'name' | 'says' | 'ingredients' | 'steps'> & Partial<Recipe>,
): Recipe => ({
  course,
  method: null,
  from: null,
  cuts: [],
  fat: 'either',
  stands: 15,
  spoils: 1,
  leadsTo: [],
  ...r,
});
