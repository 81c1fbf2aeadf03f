import { factsOf } from '../../log/kinds/facts-of.ts';
import type { FishState } from '../../log/state/states.ts';

/**
 * Lengths of a fish that were read and no longer count, oldest first, mm: those corrected, those struck, and a first
 * reading that was measured again. It is what an officer asks about.
 */
export function earlierLengths(fish: FishState): number[] {
  const lines = fish.log.filter((l) => l.first.kind === 'fish.measured');
  const counts = lines.filter((l) => !l.struck).at(-1);
  return lines.flatMap((l) => {
    const was = l.was.flatMap((e) => (typeof e.facts['lengthMm'] === 'number' ? [e.facts['lengthMm']] : []));
    const now = l === counts ? null : factsOf(l, 'fish.measured')?.lengthMm;
    return now === null || now === undefined ? was : [...was, now];
  });
}
