import { useAsked } from '../../asked/asked.ts';
import {
  type Course,
  coursesOf,
  type DinnerNow,
  dinnerNow,
  type DinnerState,
  endedBy,
  lastServedMs,
  mealsOfDinner,
  packsGone,
  standingLine,
  strikeLine,
  type StepTime,
  stepTimes,
  type Writing,
} from '@dagboek/journal';
import type { DinnerPlan, Means } from '@dagboek/core/schedule';
import { useMemo } from 'react';
import { useNow } from '../../ui/use-now.ts';
import { units } from '../../asked/units.ts';
import { useWrite, type WriteResult } from '../../asked/use-write.ts';
import type { JobTold } from '../../offline/workers/use-job.ts';
import { type Beside, usePlannedTogether } from './use-planned-together.ts';

const MIN_MS = 60_000;

/** A dinner as it stands this second: planned anew each minute, and after every line. */
export interface Dinner {
  readonly d: DinnerState;
  readonly nowMs: number;
  readonly plan: DinnerPlan | null;
  /** The plan is of before the last line, and is drawn pale. */
  readonly pale: boolean;
  readonly told: JobTold<'planKitchen'>;
  readonly steps: readonly StepTime[];
  readonly now: DinnerNow;
  /** Other dinners of the kitchen at about the hour, with their steps: they share its hands, places and vessels with this. */
  readonly besides: readonly Beside[];
  /** What the kitchen has for all of them. */
  readonly means: Means;
  /** False where it could only be planned as if it had the kitchen for itself. */
  readonly together: boolean;
  /** The hour of the dinner, and of the last of its courses, as the plan has them. */
  readonly servedMs: number;
  readonly lastMs: number;
  readonly courses: readonly Course[];
  /** The meals that it has become so far, by dish. */
  readonly served: ReturnType<typeof mealsOfDinner>;
  /** What has become of its packs, so that it cannot be served of them. */
  readonly gone: readonly string[];
  /** Begins a step; what it waited for is then done, and so is what the one pair of hands was at. */
  readonly begin: (s: StepTime) => Promise<WriteResult>;
  readonly finish: (s: StepTime) => Promise<WriteResult>;
  /** Takes back that a step was begun, or is done: its line is struck. */
  readonly takeBack: (task: string, did: 'begun' | 'done') => Promise<WriteResult>;
  readonly put: (task: string, startMs: number | null) => Promise<WriteResult>;
  readonly lasts: (task: string, minutes: number) => Promise<WriteResult>;
  readonly move: (serveAtMs: number) => Promise<WriteResult>;
}

export function useDinner(d: DinnerState): Dinner {
  const nowMs = useNow(1000);
  const minute = Math.floor(nowMs / MIN_MS) * MIN_MS;
  const asked = useAsked(nowMs);
  const { write, writeAll } = useWrite();
  const { told, pale, plan, together, besides, means } = usePlannedTogether(d, minute);
  const lateMin = plan?.ok ? plan.lateMin : 0;
  const steps = plan ? stepTimes(d, plan) : [];
  // Each pack is followed from the water on: once a minute, and after each line.
  const gone = useMemo(() => (d.ended ? [] : packsGone({ ...asked, nowMs: minute }, d, units)), [asked, d, minute]);
  const sharing = besides.filter((b) => b.together).map((b) => ({ id: b.d.id, steps: b.steps }));
  const step = (task: string, did: 'begun' | 'done', dinner = d.id): Writing => ({
    kind: 'dinner.step',
    subject: dinner,
    facts: { task, did },
  });
  return {
    d,
    nowMs,
    plan,
    pale,
    told,
    steps,
    besides,
    means,
    together,
    now: dinnerNow(d, steps, nowMs),
    gone,
    servedMs: d.serveAtMs + lateMin * MIN_MS,
    lastMs: lastServedMs(d) + lateMin * MIN_MS,
    courses: coursesOf(d, lateMin),
    served: mealsOfDinner(asked.book, d),
    begin: (s) =>
      writeAll([
        ...endedBy({ id: d.id, steps }, s.task, means.hands, sharing).map((x) => step(x.task, 'done', x.dinner)),
        step(s.task.id, 'begun'),
      ]),
    finish: (s) => writeAll([step(s.task.id, 'done')]),
    takeBack: (task, did) => {
      const line = standingLine(d, 'dinner.step', (f) => f.task === task && f.did === did);
      return line
        ? writeAll([strikeLine(line, did === 'begun' ? 'not begun' : 'not done')])
        : Promise.resolve({ ok: false, why: 'That was undone already.' });
    },
    put: (task, startMs) => write('dinner.put', d.id, startMs === null ? { task } : { task, startMs }),
    lasts: (task, minutes) => write('dinner.lasts', d.id, { task, minutes }),
    move: (serveAtMs) => write('dinner.moved', d.id, { serveAtMs }),
  };
}
