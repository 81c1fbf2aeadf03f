import { type BleedingState, bleedingState } from '@dagboek/core/handling';
import { epochMs } from '@dagboek/core/time';
import type { SpeciesFacts } from '@dagboek/core/species';
import { massOf } from '../bodies/mass-of.ts';
import type { FishState } from '../../log/state/states.ts';

/** What a fish is taken to weigh when nothing is known of it, g: it bleeds as a middling one. */
const UNKNOWN_G = 800;

/** How far the bleeding of a fish is, by the mass of one; null of a fish that was not bled, or is on ice. */
export function bleedingOf(fish: FishState, species: SpeciesFacts | null, nowMs: number): BleedingState | null {
  if (!fish.bled || fish.bled.cut === 'none' || fish.iced) return null;
  const massG = massOf(fish, species)?.g ?? UNKNOWN_G;
  return bleedingState(massG, epochMs(fish.bled.at), nowMs, fish.bled.cut === 'head snapped back');
}
