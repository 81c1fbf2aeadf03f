import { epochMs } from '@dagboek/core/time';
import type { FactsOf, Kind } from '../../log/kinds/index.ts';
import type { FishState } from '../../log/state/states.ts';
import { fishLineIs } from './fish-lines.ts';
import { amendLine, standingLine, type Writing } from '../../log/book/writing.ts';

/**
 * The writings that take `n` fish out of a lot as a lot of their own (`id`), with all that befell them, so that they go to the board
 * or back into the water while the others stay where they are. A weight is shared by count, to the gram. `number`: of those taken, within the trip.
 * Empty where the landing was struck; throws RangeError unless 1 <= n < count.
 */
export function partOfLot(
  fish: FishState,
  n: number,
  id: string,
  number: number,
  because = `${n} of ${fish.count} onto the board`,
): Writing[] {
  if (!Number.isInteger(n) || n < 1 || n >= fish.count)
    throw new RangeError(`part of a lot: from 1 to ${fish.count - 1}, this was ${n}`);
  const landing = standingLine(fish, 'fish.landed');
  if (!landing) return [];
  const out: Writing[] = [amendLine<'fish.landed'>(landing, { count: fish.count - n }, { because })];
  const at = (line: { now: { at: string; about?: boolean } }) => ({
    atMs: epochMs(line.now.at),
    ...(line.now.about ? { about: true } : {}),
  });
  out.push({ kind: 'fish.landed', subject: id, facts: { ...landing.now.facts, number, count: n }, more: at(landing) });
  for (const line of fish.log) {
    const kind = line.now.kind as Kind;
    if (line.struck || line.apart || !fishLineIs(kind).ofEach) continue;
    if (kind !== 'fish.weighed') {
      out.push({ kind, subject: id, facts: line.now.facts, more: at(line) });
      continue;
    }
    const { massG, ...facts } = line.now.facts as unknown as FactsOf<'fish.weighed'>;
    const share = Math.max(1, Math.round((massG * n) / fish.count));
    const rest = Math.max(1, massG - share);
    // What was typed in another unit was of all of them.
    const untyped = Object.fromEntries(Object.entries(facts).filter(([k]) => k === 'how'));
    out.push(amendLine<'fish.weighed'>(line, { massG: rest, typed: undefined } as never, { because }));
    out.push({ kind, subject: id, facts: { ...untyped, massG: share }, more: at(line) });
  }
  return out;
}
