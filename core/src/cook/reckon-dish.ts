import type { Course } from './cook-through.ts';
import { methodOf } from './methods.ts';
import { cookFor, type Cooking, type CookingAsked, type CookingReckoned, reckonCooking } from './reckon-cooking.ts';

/** A dish's fish as it is asked of a worker, and kept with a dinner: its way by name. */
export type DishAsked = Omit<CookingAsked, 'method'> & { readonly method: string };

/** What it comes to, and how it would go on if it stayed in: for the probe. */
export interface DishReckoned {
  readonly reckoned: CookingReckoned;
  readonly beyond: Pick<Course, 'atS' | 'coreC'> | null;
}

/** So much longer than reckoned it is followed. */
const BEYOND = 2.2;

/** What was reckoned, where it could be. */
export const cookingOf = (told: DishReckoned | null): Cooking | null => (told?.reckoned.ok ? told.reckoned : null);

/** How long a dish's fish cooks; why not, where its way is not known or cannot be. */
export function reckonDish(asked: DishAsked): DishReckoned {
  const method = methodOf(asked.method);
  if (!method) return { reckoned: { ok: false, why: 'This version does not know this way of cooking.' }, beyond: null };
  const full = { ...asked, method };
  const reckoned = reckonCooking(full);
  if (!reckoned.ok) return { reckoned, beyond: null };
  const { atS, coreC, pulledS } = cookFor(full, reckoned.course.pulledS * BEYOND, reckoned.course.pulledS);
  const end = atS.findIndex((s) => s >= pulledS - 1e-6) + 1;
  return { reckoned, beyond: { atS: atS.slice(0, end), coreC: coreC.slice(0, end) } };
}
