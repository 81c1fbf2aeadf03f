/**
 * What a spear asks for, besides the fish: said while it is in hand. A reminder, no medical claim.
 * Sources: freediving schools' common rules; domain.md section 4; product.md (Plan, Deck).
 */
export const SPEAR_RULES: readonly string[] = [
  'Never alone: one up, one down, and the one who is up watches.',
  'Float and flag out, line clear of the legs.',
  'Rest at the surface at least twice as long as the dive was; longer after a deep one.',
  'Shot unloaded in the water, before anyone climbs aboard; never pointed at anyone, loaded or not.',
  'Blood in the water and large predators about: fish out of the water at once, and leave.',
  'Not at night, nor when you cannot see your partner.',
];

/** At the least so many times as long at the surface as the dive was. */
const REST_TIMES = 2;

/** How long to rest at the surface after a dive, ms. A reminder: who is not well rested rests longer. */
export const surfaceRestMs = (diveMs: number): number => Math.max(0, diveMs) * REST_TIMES;
