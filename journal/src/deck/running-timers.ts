import type { SpeciesFacts } from '@dagboek/core/species';
import { openTrip, tripsInOrder } from '../line/order.ts';
import type { Book } from '../state/book.ts';
import { bleedingOf } from './bleeding-of.ts';
import { fishInHand } from './in-hand.ts';
import { soakOf } from './soak-of.ts';

/** Something whose time runs: a fish that bleeds, a limb in hot water. */
export interface RunningTimer {
  /** Changes when it has come to a point at which someone should look. */
  readonly id: string;
  readonly of: 'bleeding' | 'soak';
  readonly subject: string;
  /** What is to be done now; null while nothing is. */
  readonly due: 'onto ice' | 'warm too long' | 'top up' | 'long enough' | null;
}

/** A bleeding counts for so long after its trip has ended, ms. */
const LEFT_MS = 3 * 3_600_000;

/** Everything whose time runs now: bleedings of the trip under way or the last one, and limbs in hot water of incidents that are not over. */
export function runningTimers(
  book: Book,
  byId: (id: string | null) => SpeciesFacts | null,
  nowMs: number,
): RunningTimer[] {
  const trip = openTrip(book) ?? tripsInOrder(book).at(-1);
  const bleedings = (trip ? fishInHand(book, trip.id).bleeding : []).flatMap((f): RunningTimer[] => {
    // Nobody waits any more for one that was left bleeding when its trip had long ended.
    if (trip?.endedAt && nowMs - Date.parse(f.bled?.at ?? trip.endedAt) > LEFT_MS) return [];
    const b = bleedingOf(f, byId(f.species), nowMs);
    if (!b) return [];
    const due = b.state === 'runs' ? null : b.state === 'warm' ? 'warm too long' : 'onto ice';
    return [{ id: f.id, of: 'bleeding', subject: f.id, due }];
  });
  const soaks = book.all('incident').flatMap((i): RunningTimer[] => {
    const s = soakOf(i, nowMs, null);
    if (!s) return [];
    const due = s.state === 'soaks' ? (s.water === 'top up' ? 'top up' : null) : 'long enough';
    return [{ id: i.id, of: 'soak', subject: i.id, due }];
  });
  return [...bleedings, ...soaks];
}
