import type { MenuWishes, Planned } from '@dagboek/core/menu';
import type { Known } from '../../ui/known.ts';
import type { NotComputed } from '../../offline/workers/compute.ts';
import { useJob } from '../../offline/workers/use-job.ts';
import type { PlannedMeals } from '../../offline/workers/plan-meals.ts';

/** What is waited for, ms: longer than the solver gives itself, since a phone is slow to begin. */
const LIMIT_MS = 40_000;

/** What a plan came to, and of which wishes. */
export interface MenuFound {
  readonly planned: Planned;
  readonly methods: PlannedMeals['methods'];
  readonly of: MenuWishes;
}

/** A plan of meals, reckoned beside the page; the one before it may stand pale meanwhile. */
export function useMenu(wishes: MenuWishes | null): {
  readonly answer: Known<MenuFound, NotComputed>;
  readonly again: () => void;
} {
  const { answer, again } = useJob('planMeals', wishes, LIMIT_MS);
  const found = ({ planned, methods, of }: PlannedMeals): MenuFound | null => planned && { planned, methods, of };
  if (answer.state === 'known') {
    const value = found(answer.value);
    // Without the solver itself there is no answer.
    return { answer: value ? { state: 'known', value } : { state: 'failed', why: 'not loaded' }, again };
  }
  if (answer.state !== 'reckoning') return { answer, again };
  const before = answer.before && found(answer.before.ofBefore);
  return { answer: { ...answer, before: before && { ofBefore: before } }, again };
}
