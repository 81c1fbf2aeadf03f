import type { Verdict } from '@dagboek/core/rules';
import { epochMs } from '@dagboek/core/time';
import type { FishState } from '../state/states.ts';
import type { RELEASE_STATES } from '../kinds/deck.ts';
import { amendLine, standingLine, type Writing } from '../writing.ts';

/** How many of a lot are over what is left; 0 when all of it may stay, or none of it may. */
export function overBy(fish: FishState, verdict: Verdict | null): number {
  if (fish.count < 2 || verdict?.outcome !== 'letGo') return 0;
  // Only where allowances alone are against it: a lot that is too short goes back whole.
  const against = verdict.findings.filter((f) => f.outcome === 'letGo').map((f) => f.ruleId);
  const bags = verdict.allowances.filter((a) => against.includes(a.ruleId));
  if (bags.length < against.length) return 0;
  const left = Math.min(...bags.map((a) => a.left));
  return left > 0 && left < fish.count ? fish.count - left : 0;
}

/**
 * The writings that part a lot: the lot with fewer fish, and those that went back as a subject of their own (`id`), named
 * alike. `number`: of those that went, within the trip. Empty when the landing was struck.
 */
export function splitWritings(
  fish: FishState,
  back: number,
  state: (typeof RELEASE_STATES)[number],
  id: string,
  number: number,
): Writing[] {
  const line = standingLine(fish, 'fish.landed');
  if (!line) return [];
  const { now } = line;
  const landed = { atMs: epochMs(now.at), ...(now.about ? { about: true } : {}) };
  const orElse = fish.orElse.length > 0 ? { orElse: [...fish.orElse] } : {};
  return [
    amendLine<'fish.landed'>(line, { count: fish.count - back }, { because: `${back} of ${fish.count} went back` }),
    { kind: 'fish.landed', subject: id, facts: { ...now.facts, number, count: back }, more: landed },
    ...(fish.species
      ? [{ kind: 'fish.named' as const, subject: id, facts: { species: fish.species, ...orElse } }]
      : []),
    { kind: 'fish.released', subject: id, facts: { reason: 'over the bag', state } },
  ];
}
