import type { Hazard } from '@dagboek/core/species';

/** Venom, or poison in the flesh: what is said before anything else. */
export const isGrave = (h: Hazard): boolean => h.kind === 'venomous' || h.kind === 'poison';

/** Whether a species stings or poisons. */
export const isDangerous = (s: { readonly hazards: readonly Hazard[] }): boolean => s.hazards.some(isGrave);

/** From the gravest down. */
const ORDER: readonly Hazard['kind'][] = ['venomous', 'poison', 'bite', 'sharp'];

/** The gravest of some hazards; null of none. */
export const worstHazard = (hazards: readonly Hazard[]): Hazard | null =>
  ORDER.flatMap((kind) => hazards.find((h) => h.kind === kind) ?? [])[0] ?? null;
