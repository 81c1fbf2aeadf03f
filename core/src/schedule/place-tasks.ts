import { BEGIN } from './cost.ts';
import type { DinnerPlan } from './dinner-plan.ts';
import type { Found } from './solve-schedule.ts';
import { type Kitchenwork, RESOURCES, type Task } from './task.ts';

/** What was found as a plan: each task with its ring and its pair of hands. */
export function planOf(
  work: Kitchenwork,
  found: Found,
  lateMin: number,
  clash: string | null,
  early: string | null,
): DinnerPlan {
  const spans = work.tasks.map((task, i) => ({ task, ends: found.ends[i]!, starts: found.ends[i]! + task.minutes }));
  const slots = new Map<Task, number>();
  const handOf = new Map<Task, number>();
  for (const r of RESOURCES) {
    const free = Array.from({ length: r.has(work.means) }, () => Infinity);
    // In the order of the clock; the same dish stays where it was.
    const last = new Map<string, number>();
    for (const s of [...spans].sort((a, b) => b.starts - a.starts || b.ends - a.ends)) {
      if (!r.of(s.task) || s.task.minutes === 0) continue;
      const own = last.get(s.task.dish);
      const at = own !== undefined && free[own]! >= s.starts ? own : free.findIndex((f) => f >= s.starts);
      const slot = Math.max(0, at);
      free[slot] = s.ends;
      last.set(s.task.dish, slot);
      (r.id === 'hands' ? handOf : slots).set(s.task, slot);
    }
  }
  const placed = spans
    .map((s) => ({
      task: s.task,
      startsBefore: s.starts,
      endsBefore: s.ends,
      slot: slots.get(s.task) ?? null,
      hand: handOf.get(s.task) ?? null,
    }))
    .sort((a, b) => b.startsBefore - a.startsBefore || b.endsBefore - a.endsBefore);
  return {
    ok: true,
    placed,
    lateMin,
    clash,
    early,
    proven: found.proven,
    gapMin: found.proven ? 0 : Math.max(0, Math.ceil((found.cost - found.least) / BEGIN)),
    beginsBefore: Math.max(0, ...spans.map((s) => s.starts)),
  };
}
