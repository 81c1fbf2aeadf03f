import type { Asks } from '../asked.ts';
import { freshnessOfFish } from '../fish/freshness-of.ts';
import type { FishState } from '../../log/state/states.ts';

/** Without a name it may be any: as one of few days, as warm as the air. */
const UNKNOWN_DAYS = 2;
const DAY_MS = 86_400_000;
/** One that is near the clock of histamine, or over it, goes before all others. */
const NEAR = 10;

/**
 * How much a fish has lost by waiting since it was killed: the share of its days that is used, and where it forms histamine the share
 * of the hours that it may lie. 0 while it lives.
 */
function lost(asked: Asks<'book' | 'species' | 'nowMs'>, fish: FishState): number {
  const { nowMs } = asked;
  const dead = fish.dispatched ?? fish.bled;
  if (!dead) return 0;
  const fresh = freshnessOfFish(asked, fish.id);
  if (!fresh) return Math.max(0, nowMs - Date.parse(dead.at)) / DAY_MS / UNKNOWN_DAYS;
  const clock = fresh.histamine;
  if (!clock) return fresh.used;
  return fresh.used + clock.hours / clock.limitH + (clock.state === 'within' ? 0 : NEAR);
}

/** Fish that wait for the ice, the one that suffers most from it first; those that live after them, in the order in which they were landed. */
export function suffersFirst(asked: Asks<'book' | 'species' | 'nowMs'>, waiting: readonly FishState[]): FishState[] {
  return waiting
    .map((fish, i) => ({ fish, i, lost: lost(asked, fish) }))
    .sort((a, b) => b.lost - a.lost || a.i - b.i)
    .map((w) => w.fish);
}
