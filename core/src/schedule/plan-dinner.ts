import type { DinnerPlan } from './dinner-plan.ts';
import { keepable, later, MOST_LATE, tightOf, type WorkAt } from './keep-waits.ts';
import { planOf } from './place-tasks.ts';
import { sayShort } from './say-clash.ts';
import { type Found, solveSchedule } from './solve-schedule.ts';
import type { Kitchenwork } from './task.ts';
import { Times } from './times.ts';

/** Thinking for one dinner, steps of `solveSchedule`: some seconds on a phone. */
export const PLAN_STEPS = 16_000_000;
/** Of what is left each hour that is tried is given this share. */
const HOUR_SHARE = 0.5;

/** Says that there is no plan, and why. */
export const none = (why: string): DinnerPlan => ({ ok: false, state: 'none', why });

/**
 * Plans all of the work back from serving: on the hour when that can be, as late in the day as may be; else at the earliest minute of the
 * next twelve hours that can, with the clash named. `steps`: how much it may think.
 */
export function planDinner(work: Kitchenwork, steps = PLAN_STEPS): DinnerPlan {
  const can = keepable(work);
  if ('why' in can) return none(can.why);
  return planFrom((late) => later(can.work, late), can.leastLate, steps, can.early);
}

/** The plan on the hour when that can be, else at the earliest that can. `least`: so late it is at the least by its waits alone. */
export function planFrom(workAt: WorkAt, least: number, steps: number, early: string | null): DinnerPlan {
  let left = steps;
  // Of the hours that were tried the last at which there is surely no plan, and whether any was left open.
  let [surelyNone, open] = [least - 1, false];
  const tryAt = (lateMin: number, share: number): Found | null => {
    const own = left * share;
    left -= own;
    const r = solveSchedule(workAt(lateMin), own);
    if (r.state === 'none') surelyNone = Math.max(surelyNone, lateMin);
    if (r.state === 'not in time') open = true;
    return r.state === 'found' ? r.found : null;
  };
  let [low, high] = [least - 1, least];
  // From the least on, in growing steps first.
  let found = tryAt(high, HOUR_SHARE);
  for (let step = 1; !found && high < MOST_LATE; step *= 2) {
    low = high;
    high = Math.min(MOST_LATE, high + step);
    found = tryAt(high, HOUR_SHARE);
  }
  if (!found)
    return open
      ? {
          ok: false,
          state: 'not in time',
          why: 'No plan was found in time, but one may exist. Move a step by hand, or cook one dish less.',
        }
      : none('Within twelve hours there is no time at which everything is ready. Cook one dish less.');
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    const better = tryAt(mid, HOUR_SHARE);
    if (better) [high, found] = [mid, better];
    else low = mid;
  }
  const plan = planOf(workAt(high), found, high, high > 0 ? sayClash(workAt(0), high) : null, early);
  const earlier = high - surelyNone - 1;
  return plan.ok && earlier > 0 ? { ...plan, proven: false, gapMin: Math.max(plan.gapMin, earlier) } : plan;
}

/** Which things clash, by taking each away: the first without which it would be on the hour. */
function sayClash(work: Kitchenwork, late: number): string {
  if (!Times.of(work)) return `${tightOf(work)}; ${late} min later everything can be ready.`;
  return sayShort(work) ?? 'Cooks and hob rings together are not enough for this time.';
}
