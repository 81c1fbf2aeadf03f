import type { DinnerPlan } from './dinner-plan.ts';
import { keepable, later } from './keep-waits.ts';
import { none, PLAN_STEPS, planDinner, planFrom } from './plan-dinner.ts';
import { type Kitchenwork, MOST_TASKS, type Task } from './task.ts';

/** The work of one of several dinners in a kitchen, counted back from its own serving. */
export interface DinnerWork {
  readonly id: string;
  readonly work: Kitchenwork;
}

/** What one of them comes to. */
export interface PlannedTogether {
  readonly id: string;
  readonly plan: DinnerPlan;
  /** Hands, places and vessels are shared with the others; false where it could only be planned as if it had them alone. */
  readonly together: boolean;
}

/** One whose hour stands: `lateMin` after the one that was asked for. */
interface Settled {
  readonly id: string;
  readonly work: Kitchenwork;
  readonly lateMin: number;
  readonly clash: string | null;
  readonly early: string | null;
}

type Timed = Pick<Settled, 'id' | 'work' | 'lateMin'>;

/** Minutes from now until a dinner is served. */
const servedIn = (s: Timed): number => s.work.within + s.lateMin;

/** What was begun of a dinner, and nothing else of it: that stands for the others too, before its own hour is known. */
function begunOf({ id, work }: DinnerWork): Timed {
  const begun = work.tasks.filter((t) => t.startsBefore !== undefined && t.startsBefore >= work.within);
  return { id, lateMin: 0, work: { ...work, tasks: begun.map((t) => ({ ...t, after: [], mayStand: null })) } };
}

/** When the last of some dinners is served, or what was begun is over, minutes from now. */
const overIn = (dinners: readonly Timed[]): number =>
  Math.max(
    ...dinners.map(servedIn),
    ...dinners.flatMap(({ work }) =>
      work.tasks.map((t) => (t.startsBefore === undefined ? 0 : work.within - t.startsBefore + t.minutes)),
    ),
  );

/** The work of some dinners as one, counted back from when all of it is over; their tasks are told apart by the dinner before the name. */
function asOne(dinners: readonly Timed[]): Kitchenwork {
  const within = overIn(dinners);
  return {
    within,
    means: dinners[0]!.work.means,
    vessels: Object.assign({}, ...dinners.map((d) => d.work.vessels)) as Record<string, string>,
    tasks: dinners.flatMap((d) => {
      const shift = within - servedIn(d);
      return later(d.work, d.lateMin).tasks.map((t): Task => ({
        ...t,
        id: `${d.id}:${t.id}`,
        after: t.after.map((a) => ({ ...a, task: `${d.id}:${a.task}` })),
        servedBefore: (t.servedBefore ?? 0) + shift,
        ...(t.startsBefore === undefined ? {} : { startsBefore: t.startsBefore + shift }),
      }));
    }),
  };
}

/**
 * Plans the dinners of one kitchen as one piece of work: no pair of hands, ring or vessel is at two of them at once. Each has its own hour: the
 * first that is given keeps it before the next, so that a later one waits for it and not the other way round. One that cannot be planned beside
 * the others is planned by itself. `dinners`: with the same means, that first which goes first; `steps`: how much it may think on each.
 */
export function planTogether(dinners: readonly DinnerWork[], steps = PLAN_STEPS): PlannedTogether[] {
  let settled: Settled[] = [];
  let joint: { readonly plan: Extract<DinnerPlan, { ok: true }>; readonly overIn: number } | null = null;
  const apart = new Map<string, DinnerPlan>();
  for (const [i, { id, work }] of dinners.entries()) {
    const can = keepable(work);
    if ('why' in can) {
      apart.set(id, none(can.why));
      continue;
    }
    const toCome = dinners.slice(i + 1).map(begunOf);
    const before = settled;
    const withThis = (lateMin: number): Timed[] => [...before, { id, work: can.work, lateMin }, ...toCome];
    const sum = settled.reduce((n, s) => n + s.work.tasks.length, work.tasks.length);
    const plan =
      sum > MOST_TASKS ? null : planFrom((lateMin) => asOne(withThis(lateMin)), can.leastLate, steps, can.early);
    if (plan?.ok) {
      const { lateMin, clash, early } = plan;
      settled = [...settled, { id, work: can.work, lateMin, clash, early }];
      joint = { plan, overIn: overIn(withThis(lateMin)) };
    } else apart.set(id, planDinner(work, steps));
  }
  return dinners.map(({ id }) => {
    const s = settled.find((x) => x.id === id);
    if (!s || !joint) return { id, plan: apart.get(id)!, together: false };
    return { id, together: true, plan: partOf(joint.plan, s, joint.overIn - servedIn(s)) };
  });
}

/** What of a plan of several is of one of them, counted back from its own serving. `shift`: so long before the last it is served, min. */
function partOf(joint: Extract<DinnerPlan, { ok: true }>, s: Settled, shift: number): DinnerPlan {
  const own = new Map(s.work.tasks.map((t) => [`${s.id}:${t.id}`, t]));
  const placed = joint.placed.flatMap((p) => {
    const task = own.get(p.task.id);
    return task ? [{ ...p, task, startsBefore: p.startsBefore - shift, endsBefore: p.endsBefore - shift }] : [];
  });
  const { lateMin, clash, early } = s;
  return { ...joint, placed, lateMin, clash, early, beginsBefore: Math.max(0, ...placed.map((p) => p.startsBefore)) };
}
