import type { Vessel } from '@dagboek/core/cook';
import { type DinnerPlan, type Kitchenwork, type Task } from '@dagboek/core/schedule';
import { epochMs } from '@dagboek/core/time';
import type { DinnerState } from '../../log/state/states.ts';
import { dinnerWork, servedAtBy } from './dinner-work.ts';

const MIN_MS = 60_000;

/** The work of a dinner as it was planned first, before anything was begun or put elsewhere: for the planner. */
export const workAsSet = (d: DinnerState, vessels: readonly Vessel[] = []): Kitchenwork =>
  dinnerWork({ ...d, pins: {}, lasts: {}, begun: {}, done: {} }, epochMs(d.setAt), vessels);

/** A step as it was planned, and as it went; epoch ms. */
export interface StepDone {
  readonly task: Task;
  readonly planned: { readonly startMs: number; readonly endMs: number };
  /** Null where nobody noted it. */
  readonly begunMs: number | null;
  readonly doneMs: number | null;
  /** Longer than planned, min, shorter below nought; null where it is not known. */
  readonly longerMin: number | null;
}

/** A dinner that is over: each step as planned and as it went, in the order of the plan, and what that comes to. */
export interface PlannedAndDone {
  readonly steps: readonly StepDone[];
  /** Served so much later than planned, min, earlier below nought; null of one that was given up. */
  readonly servedLaterMin: number | null;
  /** The step that took longest beyond its plan; null where none took two minutes more. */
  readonly slowest: StepDone | null;
}

/** A step that took so much longer is told, min. */
const TOLD_MIN = 2;

/** How a dinner went beside how it was planned. `plan`: of `workAsSet`. Null where that could not be planned. */
export function plannedAndDone(d: DinnerState, plan: DinnerPlan): PlannedAndDone | null {
  if (!plan.ok) return null;
  const serve = servedAtBy(d, plan);
  const steps = plan.placed
    .map(({ task, startsBefore, endsBefore }): StepDone => {
      const [begunMs, doneMs] = [d.begun[task.id] ?? null, d.done[task.id] ?? null];
      return {
        task,
        planned: { startMs: serve - startsBefore * MIN_MS, endMs: serve - endsBefore * MIN_MS },
        begunMs,
        doneMs,
        longerMin: begunMs === null || doneMs === null ? null : Math.round((doneMs - begunMs) / MIN_MS) - task.minutes,
      };
    })
    .sort((a, b) => a.planned.startMs - b.planned.startMs || a.planned.endMs - b.planned.endMs);
  const slow = steps.filter((s) => (s.longerMin ?? 0) >= TOLD_MIN).sort((a, b) => b.longerMin! - a.longerMin!);
  return {
    steps,
    servedLaterMin: d.ended?.meal ? Math.round((epochMs(d.ended.at) - serve) / MIN_MS) : null,
    slowest: slow[0] ?? null,
  };
}
