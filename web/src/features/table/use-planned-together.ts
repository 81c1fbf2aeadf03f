import {
  type DinnerState,
  dinnersTogether,
  kitchenOf,
  meansTogether,
  type StepTime,
  stepTimes,
  worksTogether,
} from '@dagboek/journal';
import type { PlannedTogether } from '@dagboek/core/schedule';
import { useBook } from '../../offline/journal-context.tsx';
import { useJob } from '../../offline/workers/use-job.ts';
import { drawable } from '../../ui/known.ts';

const MIN_MS = 60_000;
/** A phone is slow to begin, ms. */
const LIMIT_MS = 30_000;

/** A dinner that is cooked in the same kitchen at about the hour. */
export interface Beside {
  readonly d: DinnerState;
  readonly steps: readonly StepTime[];
  readonly servedMs: number;
  readonly together: boolean;
}

const besideOf = (d: DinnerState, planned: PlannedTogether): Beside => ({
  d,
  steps: stepTimes(d, planned.plan),
  servedMs: d.serveAtMs + (planned.plan.ok ? planned.plan.lateMin : 0) * MIN_MS,
  together: planned.together,
});

/** The plan of a dinner from a minute on, and those of the others that are cooked together with it. */
export function usePlannedTogether(d: DinnerState, minuteMs: number) {
  const { book } = useBook();
  const group = dinnersTogether(book, d, minuteMs);
  const told = useJob(
    'planKitchen',
    d.ended ? null : worksTogether(group, minuteMs, kitchenOf(book, d.kitchen).vessels),
    LIMIT_MS,
  );
  const { value: planned, pale } = drawable(told.answer) ?? { value: [], pale: false };
  const own = planned.find((p) => p.id === d.id) ?? null;
  const besides = group.flatMap((x) => {
    const p = planned.find((y) => y.id === x.id);
    return x !== d && p ? [besideOf(x, p)] : [];
  });
  return { told, pale, plan: own?.plan ?? null, together: own?.together ?? true, besides, means: meansTogether(group) };
}
