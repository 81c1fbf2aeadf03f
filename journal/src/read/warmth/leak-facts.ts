import type { Asks } from '../asked.ts';
import { type Leak, meltTestLeak, usualLeak } from '@dagboek/core/box';
import { epochMs } from '@dagboek/core/time';
import { looksOf } from './box-marks.ts';
import { type FillingFacts, gatherFilling } from './filling-facts.ts';
import { firstFrom, tripsWith } from './trips-with-box.ts';
import type { BoxState, TripState } from '../../log/state/states.ts';

/** Fillings that teach a box's leak: the last so many of which something was seen. */
const TEACH = 12;

/** What is known of the leak of a box besides one filling: what it usually is, what was tested, and the fillings that teach it. */
export interface LeakFacts {
  readonly usual: Leak;
  readonly tests: readonly Leak[];
  readonly taught: readonly FillingFacts[];
}

/** The leak's facts as they are before an instant: only fillings in which somebody looked can teach, the last of them. */
export function gatherLeak(asked: Asks<'book' | 'species'>, box: BoxState, beforeMs: number): LeakFacts {
  const { book } = asked;
  const trips = tripsWith(book, box.id);
  const taught = new Set<TripState>();
  for (const ms of looksOf(box)) {
    if (taught.size === TEACH) break;
    const at = trips[firstFrom(trips, ms + 1) - 1];
    if (at && at.ms < beforeMs) taught.add(at.trip);
  }
  return {
    usual: usualLeak(box.litres, box.walls),
    tests: box.tests
      .filter((t) => epochMs(t.at) < beforeMs)
      .flatMap((t) => {
        const leak = meltTestLeak(t);
        return typeof leak === 'string' ? [] : [leak];
      }),
    taught: [...taught].flatMap((t) => {
      const g = gatherFilling(asked, box, t);
      return g && g.facts.fromMs < beforeMs && g.facts.found.length > 0 ? [g.facts] : [];
    }),
  };
}
