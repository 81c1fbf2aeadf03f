import type { Course } from './cook-through.ts';
import { methodOf } from './methods.ts';
import {
  betweenRoundsS,
  cookFor,
  type Cooking,
  type CookingAsked,
  type CookingReckoned,
  cookingTrouble,
  reckonCooking,
  roundsOfCooking,
  staysS,
} from './reckon-cooking.ts';
import type { Rounds, RoundsAsked } from './rounds.ts';

/** A dish's fish as it is asked of a worker, and kept with a dinner: its way by name. */
export type DishAsked = Omit<CookingAsked, 'method'> & {
  readonly method: string;
  /** Pieces that may not all go in at once; left out: `pieces` do. */
  readonly rounds?: RoundsAsked;
};

/** The rounds of a dish, and how long its bath takes between two to be hot again, s. */
export type DishRounds = Rounds & { readonly againS: number };

/** What it comes to, and how it would go on if it stayed in: for the probe. */
export interface DishReckoned {
  readonly reckoned: CookingReckoned;
  readonly beyond: Pick<Course, 'atS' | 'coreC'> | null;
  /** Null where that was not asked. */
  readonly rounds: DishRounds | null;
}

/** So much longer than reckoned it is followed. */
const BEYOND = 2.2;

/** What was reckoned, where it could be. */
export const cookingOf = (told: DishReckoned | null): Cooking | null => (told?.reckoned.ok ? told.reckoned : null);

/** How long a dish's fish cooks; why not, where its way is not known or cannot be. */
export function reckonDish(asked: DishAsked): DishReckoned {
  const nothing = { beyond: null, rounds: null };
  const method = methodOf(asked.method);
  if (!method) return { reckoned: { ok: false, why: 'This version does not know this way of cooking.' }, ...nothing };
  const all = { ...asked, method };
  const inRounds = asked.rounds && cookingTrouble(all) === null ? roundsOfCooking(all, asked.rounds) : null;
  const full = inRounds ? { ...all, pieces: inRounds.pieces } : all;
  const reckoned = reckonCooking(full);
  if (!reckoned.ok) return { reckoned, ...nothing };
  // Followed as if it stayed in its own fire: what comes after that is not known to a probe before.
  const stays = staysS(reckoned.course);
  const { atS, coreC, outS } = cookFor(full, stays * BEYOND, stays);
  const end = atS.findIndex((s) => s >= outS - 1e-6) + 1;
  return {
    reckoned,
    beyond: { atS: atS.slice(0, end), coreC: coreC.slice(0, end) },
    rounds: inRounds && { ...inRounds, againS: inRounds.count > 1 ? betweenRoundsS(full, reckoned) : 0 },
  };
}
