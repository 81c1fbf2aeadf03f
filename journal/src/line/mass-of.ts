import { asFirstKind, expectedWeight } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { FishState } from '../state/states.ts';

/**
 * Weight of one fish, grams: by the scale, or estimated from its length, taken as the kind that the species' curve goes by.
 * Null without a species or a length, or when that length says nothing of the other.
 */
export function massOf(
  fish: FishState,
  species: SpeciesFacts | null,
): { g: number; how: 'scale' | 'estimated' } | null {
  if (fish.mass) return { g: fish.mass.g / fish.count, how: fish.mass.how };
  if (!species || !fish.length) return null;
  const middle = fish.length.longestMm ? (fish.length.mm + fish.length.longestMm) / 2 : fish.length.mm;
  const mm = asFirstKind(species, middle, fish.length.kind);
  return mm === null ? null : { g: expectedWeight(species, mm).massG, how: 'estimated' };
}
