import type { Asks } from '../asked.ts';
import { openTrip, tripsInOrder } from '../bodies/order.ts';
import { bleedingOf } from './bleeding-of.ts';
import { fishInHand } from './in-hand.ts';
import { soakOf } from './soak-of.ts';
import { dinnersOpen, timersOf } from '../table/dinners.ts';

/** Something whose time runs: a fish that bleeds, a limb in hot water, potatoes. */
export interface RunningTimer {
  /** Changes when it has come to a point at which someone should look. */
  readonly id: string;
  readonly of: 'bleeding' | 'soak' | 'dinner';
  readonly subject: string;
  /** What it is called, of a step of a dinner. */
  readonly name?: string;
  /** What is to be done now; null while nothing is. */
  readonly due: 'onto ice' | 'warm too long' | 'top up' | 'long enough' | 'over' | null;
}

/** A bleeding counts for so long after its trip has ended, ms. */
const LEFT_MS = 3 * 3_600_000;

/** A dinner that nobody ended rings no more so long after its hour, ms. */
const FORGOTTEN_MS = 6 * 3_600_000;

/** Everything whose time runs now: steps of a dinner, bleedings of the trip under way or the last one, and limbs in hot water of incidents that are not over. */
export function runningTimers({ book, species: byId, nowMs }: Asks<'book' | 'species' | 'nowMs'>): RunningTimer[] {
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
  const steps = dinnersOpen(book)
    .filter((d) => nowMs - d.serveAtMs < FORGOTTEN_MS)
    .flatMap((d) =>
      timersOf(d, nowMs).map((t): RunningTimer => ({
        id: `${d.id} ${t.task.id}`,
        of: 'dinner',
        subject: d.id,
        name: `${t.task.dish}: ${t.task.name.toLowerCase()}`,
        due: t.leftMs <= 0 ? 'over' : null,
      })),
    );
  return [...bleedings, ...soaks, ...steps];
}
