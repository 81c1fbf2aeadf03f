import type { Verdict } from '@dagboek/core/rules';
import { epochMs } from '@dagboek/core/time';
import type { FishState } from '../../log/state/states.ts';
import type { RELEASE_REASONS, RELEASE_STATES } from '../../log/facts/deck.ts';
import { partOfLot } from '../fish/part-of-lot.ts';
import { amendLine, standingLine, type Writing } from '../../log/book/writing.ts';

/** Why a part of a lot goes back, while the rest stays. */
export interface PartBack {
  /** How many go back most likely, from 1 to all but one. */
  readonly likely: number;
  /** Whether that is certain by the count; else only whoever holds them knows. */
  readonly counted: boolean;
  readonly reason: Extract<(typeof RELEASE_REASONS)[number], 'over the bag' | 'too short'>;
  /** The least length of those that stay, mm; null where length is not what parts them. */
  readonly leastMm: number | null;
}

/** How many of a lot are over what is left; 0 when all of it may stay, or none of it may. */
export function overBy(fish: FishState, verdict: Verdict | null): number {
  if (fish.count < 2 || verdict?.outcome !== 'letGo') return 0;
  // Only where allowances alone are against it.
  const against = verdict.findings.filter((f) => f.outcome === 'letGo').map((f) => f.ruleId);
  const bags = verdict.allowances.filter((a) => against.includes(a.ruleId));
  if (bags.length < against.length) return 0;
  const left = Math.min(...bags.map((a) => a.left));
  return left > 0 && left < fish.count ? fish.count - left : 0;
}

/** Which part of a lot goes back, where a limit divides it; null where all of it may stay, or nothing speaks for a part of it. */
export function partBack(fish: FishState, verdict: Verdict | null): PartBack | null {
  const over = overBy(fish, verdict);
  if (over > 0) return { likely: over, counted: true, reason: 'over the bag', leastMm: null };
  if (fish.count < 2 || !fish.length || !(verdict?.outcome === 'letGo' || verdict?.outcome === 'measureAgain'))
    return null;
  // Only where a minimum length alone is against it: what else forbids the lot forbids each of it.
  const against = verdict.findings.filter((f) => f.outcome === 'letGo' || f.outcome === 'measureAgain');
  const leastMm = Math.max(0, ...against.flatMap((f) => f.leastMm ?? []));
  if (against.length === 0 || against.some((f) => f.kind !== 'minimumSize' || f.leastMm === undefined)) return null;
  const { mm: shortest, longestMm } = fish.length;
  if (longestMm === null || longestMm <= leastMm) return null;
  // As if their lengths lay evenly between the shortest and the longest.
  const share = Math.min(1, Math.max(0, (leastMm - shortest) / Math.max(1, longestMm - shortest)));
  const likely = Math.min(fish.count - 1, Math.max(1, Math.round(share * fish.count)));
  return { likely, counted: false, reason: 'too short', leastMm };
}

/**
 * The writings that part a lot: the lot with fewer fish, and those that went back as a subject of their own (`id`), with all that befell
 * them before. Where a length parts them, those that stay are at least so long, and those that went at most. `number`: of those that
 * went, within the trip. Empty when the landing was struck; throws RangeError unless 1 <= back < count.
 */
export function splitWritings(
  fish: FishState,
  back: number,
  part: Pick<PartBack, 'reason' | 'leastMm'>,
  state: (typeof RELEASE_STATES)[number],
  id: string,
  number: number,
): Writing[] {
  const landing = standingLine(fish, 'fish.landed');
  if (!landing) return [];
  const because = `${back} of ${fish.count} went back`;
  const { leastMm } = part;
  const measured = leastMm === null ? null : standingLine(fish, 'fish.measured');
  const parted = partOfLot(fish, back, id, number, because).map((w): Writing =>
    measured && leastMm !== null && w.kind === 'fish.measured' && w.subject === id
      ? { ...w, facts: { ...w.facts, longestMm: leastMm, typed: undefined } }
      : w,
  );
  return [
    ...parted,
    ...(measured && leastMm !== null
      ? [amendLine<'fish.measured'>(measured, { lengthMm: leastMm, typed: undefined } as never, { because })]
      : []),
    // A lot that was named as it was landed has no line of its name.
    ...(fish.species &&
    !parted.some((w) => w.subject === id && w.kind === 'fish.named') &&
    !landing.now.facts['species']
      ? [
          {
            kind: 'fish.named' as const,
            subject: id,
            facts: { species: fish.species },
            more: { atMs: epochMs(landing.now.at) },
          },
        ]
      : []),
    { kind: 'fish.released', subject: id, facts: { reason: part.reason, state } },
  ];
}
