/**
 * What a spear asks for, besides the fish: said while it is in hand. A reminder, no medical claim.
 * Sources: freediving schools' common rules; Divers Alert Network, breath-hold diving workshop 2006 (hyperventilation, watching the
 * surface); Lindholm 2007; docs/domain.md, section 4; product.md (Plan, Deck).
 */
export const SPEAR_RULES: readonly string[] = [
  'Never alone: one up, one down. The one at the surface watches, also for 30 seconds after each dive.',
  'No fast or deep breathing before a dive: it hides the need for air, and you black out without a warning.',
  'Weighted so that you float at the surface with empty lungs, and at 10 m. Snorkel out of the mouth under water.',
  'No dive after alcohol, or when ill, cold or tired.',
  'Float and flag out, line clear of the legs.',
  'Loaded only in the water.',
  'Rest at the surface at least twice as long as the dive was; longer after a deep one.',
  'Unload the speargun in the water, before anyone climbs aboard. Never point it at anyone, loaded or not.',
  'Blood in the water and large predators near: get the fish out of the water at once, and leave.',
  'Not at night, and not when you cannot see your partner.',
];

/** So long the partner is watched after coming up: most blackouts come at the surface, s. */
export const WATCH_S = 30;

/** At the least so many times as long at the surface as the dive was. */
const REST_TIMES = 2;

/** How long to rest at the surface after a dive, ms. A reminder: who is not well rested rests longer. */
export const surfaceRestMs = (diveMs: number): number => Math.max(0, diveMs) * REST_TIMES;
