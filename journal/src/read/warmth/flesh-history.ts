import type { Asked, Asks } from '../asked.ts';
import { type ClockHistory, TYPICAL_C } from '@dagboek/core/fresh';
import type { FleshCourse } from '@dagboek/core/heat';
import { epochMs } from '@dagboek/core/time';
import { courseOf } from './course-of.ts';
import type { FishState, PackState } from '../../log/state/states.ts';
import { bodyOf } from '../bodies/body-of.ts';
import type { CustodyLine } from '../places/custody.ts';
import { historyOf, type Lay } from './history-of.ts';

/** How warm a fish was from its death on, and where it lay. */
export interface FleshHistory extends ClockHistory {
  readonly lays: readonly Lay[];
  readonly massG: number;
}

const COLD: readonly Lay['keeping'][] = ['box', 'fridge', 'freezer'];

/** The warmth of a fish that lay so. */
function courseOfFish(fish: FishState, lays: readonly Lay[], byId: Asked['species'], startC: number): FleshCourse {
  const { body } = bodyOf(fish, byId(fish.species));
  return courseOf(
    body,
    startC,
    lays,
    fish.reads.map((r) => ({ atMs: epochMs(r.at), c: r.c })),
  );
}

/**
 * How warm a fish was, is and will be; `into`: the pack to follow it into, as in `historyOf`. `untilMs`: as it lies then and no
 * further, for what is asked of the past: what its box will come to changes with each fish that is put beside it, and what was does not.
 */
export function fleshHistory(
  asked: Asks<'book' | 'species'>,
  line: CustodyLine,
  into: PackState | null = null,
  untilMs = Number.POSITIVE_INFINITY,
): FleshHistory {
  const { book, species: byId } = asked;
  const { fish } = line;
  const all = historyOf(asked, line, into);
  const lays = all.filter((l, i) => i === 0 || l.atMs <= untilMs);
  const waterC = book.getAny('trip', fish.trip)?.waterC ?? TYPICAL_C.unknownWater;
  return fromLays(fish, lays, byId, waterC);
}

/** The same for a fish that lay otherwise than it did: what its handling cost. */
export function fromLays(fish: FishState, lays: readonly Lay[], byId: Asked['species'], waterC: number): FleshHistory {
  const { massG } = bodyOf(fish, byId(fish.species));
  const chilled = lays.find((l) => COLD.includes(l.keeping));
  const before = lays.filter((l) => !chilled || l.atMs < chilled.atMs);
  return {
    lays,
    massG,
    deathMs: lays[0]?.atMs ?? 0,
    chilledMs: chilled?.atMs ?? null,
    warmestC: Math.max(waterC, ...before.map((l) => l.boundary.mediumC)),
    course: courseOfFish(fish, lays, byId, waterC),
    onIce: lays.flatMap((l, i) =>
      l.keeping === 'box' ? [{ fromMs: l.atMs, toMs: lays[i + 1]?.atMs ?? Number.POSITIVE_INFINITY }] : [],
    ),
  };
}
