import { type Hazard } from '../species/index.ts';

/** What is needed of a species to say how it is let go. */
export interface Releasable {
  readonly name: string;
  readonly hazards: readonly Hazard[];
  /** As its file says it; left out by species written before there was such a line. */
  readonly release?: string;
}

/** What holds of every fish that goes back, beside its own way. */
export const RELEASE_ALWAYS: readonly string[] = [
  'A hook that went deep stays: cut the line close to it, and do not pull.',
  'A swollen fish from the deep goes back head first, or down on a weight.',
];

const UNKNOWN = 'In the water, without touching it: long pliers, or cut the line. It has no name yet, and may sting.';

/**
 * How a fish is let go, from the species it may be, each sentence once. One whose file says nothing and that can sting, cut
 * or bite is never let go by hand. Of no species: as if it could sting.
 */
export function releaseSentences(species: readonly Releasable[]): string[] {
  if (species.length === 0) return [UNKNOWN];
  return [...new Set(species.map((s) => s.release ?? untold(s)))];
}

const untold = (s: Releasable): string =>
  s.hazards.length > 0
    ? 'In the water: long pliers on the hook, or cut the line. Never by hand.'
    : 'In the water if it can be, else in wet hands: upright until it swims off by itself.';
