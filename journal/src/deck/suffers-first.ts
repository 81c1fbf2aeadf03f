import type { SpeciesFacts } from '@dagboek/core/species';
import type { FishState } from '../state/states.ts';

/** A kind that forms histamine has more to lose than days. */
const HISTAMINE_WEIGHT = 2;
/** Without a name it may be any: as one of few days. */
const UNKNOWN_DAYS = 5;
const DAY_MS = 86_400_000;

/** How much of its days a fish has lost by waiting warm since it was killed, weighted; 0 while it lives. */
function lost(fish: FishState, species: SpeciesFacts | null, nowMs: number): number {
  const dead = fish.dispatched ?? fish.bled;
  if (!dead) return 0;
  const days = Math.max(0, nowMs - Date.parse(dead.at)) / DAY_MS;
  return (days / (species?.iceDays ?? UNKNOWN_DAYS)) * (species?.histamine ? HISTAMINE_WEIGHT : 1);
}

/** Fish that wait for the ice, the one that loses most by waiting first; those that live after them, in the order in which they were landed. */
export function suffersFirst(
  waiting: readonly FishState[],
  byId: (id: string | null) => SpeciesFacts | null,
  nowMs: number,
): FishState[] {
  return waiting
    .map((fish, i) => ({ fish, i, lost: lost(fish, byId(fish.species), nowMs) }))
    .sort((a, b) => b.lost - a.lost || a.i - b.i)
    .map((w) => w.fish);
}
