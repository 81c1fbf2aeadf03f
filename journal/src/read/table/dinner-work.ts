import type { Vessel } from '@dagboek/core/cook';
import type { DinnerPlan, Kitchenwork, Means, Task } from '@dagboek/core/schedule';
import type { DinnerState } from '../../log/state/states.ts';
import { dishOfStep, lastServedMs, servedBefore } from './courses.ts';
import { type StepIs, stepIs, tasksNow, type Timer, timersOf } from './dinners.ts';

const MIN_MS = 60_000;

/** Vessels that dishes have now, by the dish that has each; null where two dishes have one. */
export type VesselsInUse = ReadonlyMap<string, string | null>;

/**
 * Dishes that have a vessel now: something was begun in it, and not all is done. Where two have one, people found a second: nobody is told
 * to wait for it any more. `beside`: vessels that dishes of other dinners have.
 */
export function vesselsInUse(d: DinnerState, beside: readonly VesselsInUse[] = []): VesselsInUse {
  const by = new Map<string, Set<string>>();
  for (const t of d.tasks) {
    if (t.vessel === undefined || stepIs(d, t.id) === 'to come') continue;
    const dish = dishOfStep(t.id);
    const open = d.tasks.some(
      (x) => x.vessel === t.vessel && dishOfStep(x.id) === dish && x.turn === t.turn && stepIs(d, x.id) !== 'done',
    );
    if (open) by.set(t.vessel, (by.get(t.vessel) ?? new Set()).add(dish));
  }
  const alone = (vessel: string, dishes: Set<string>): boolean =>
    dishes.size === 1 && !beside.some((other) => other.has(vessel));
  return new Map([...by].map(([vessel, dishes]) => [vessel, alone(vessel, dishes) ? [...dishes][0]! : null]));
}

/** Minutes before the last of it is served, whole, of an instant. */
const before = (d: DinnerState, ms: number): number => Math.round((lastServedMs(d) - ms) / MIN_MS);

/** What dinners that are cooked together have in common: what the kitchen has, what of it nobody is at yet, and the vessels of each. */
export interface SharedKitchen {
  readonly means: Means;
  /** Is counted down by each of them in turn. */
  readonly free: { -readonly [K in keyof Means]: Means[K] };
  readonly inUse: VesselsInUse;
}

/**
 * What is left to do from an instant on, for the planner: what was begun stands where it began and takes at least until now; what is done
 * holds nothing any more; what was put by hand stays there, unless that is past. Waits that are already too long are let go, and told by
 * `standsTooLong`. `vessels`: of the kitchen, for their names; `shared`: with other dinners, left out where it has the kitchen for itself.
 */
export function dinnerWork(
  d: DinnerState,
  nowMs: number,
  vessels: readonly Vessel[] = [],
  shared: SharedKitchen = { means: d.means, free: { ...d.means }, inUse: vesselsInUse(d) },
): Kitchenwork {
  const within = Math.floor((lastServedMs(d) - nowMs) / MIN_MS);
  const { means, free, inUse } = shared;
  const inCourse = (t: Task): Task => {
    const early = servedBefore(d, dishOfStep(t.id));
    return early > 0 ? { ...t, servedBefore: early } : t;
  };
  const tasks = tasksNow(d).map((plainTask): Task => {
    const t = inCourse(plainTask);
    const is = stepIs(d, t.id);
    if (is === 'to come') {
      const pin = d.pins[t.id];
      const { startsBefore: _, ...plain } = t;
      return pin !== undefined && pin >= nowMs - MIN_MS
        ? { ...plain, startsBefore: Math.max(t.minutes, before(d, pin)) }
        : plain;
    }
    const begun = d.begun[t.id] ?? d.done[t.id]! - t.minutes * MIN_MS;
    const ended = is === 'done' ? d.done[t.id]! : Math.max(begun + t.minutes * MIN_MS, nowMs + MIN_MS);
    const minutes = Math.max(0, Math.round((ended - begun) / MIN_MS));
    const uses = is === 'running';
    const hands = uses && t.hands && free.hands-- > 0;
    const key = t.place === null ? null : (`${t.place}s` as const);
    const place = uses && key !== null && free[key]-- > 0 ? t.place : null;
    const { vessel, turn, ...plain } = t;
    const keeps = vessel !== undefined && inUse.get(vessel) === dishOfStep(t.id);
    return {
      ...plain,
      hands,
      place,
      minutes,
      ...(keeps ? { vessel, ...(turn === undefined ? {} : { turn }) } : {}),
      after: [],
      mayStand: null,
      startsBefore: before(d, begun),
    };
  });
  const at = new Map(tasks.map((t) => [t.id, t]));
  return {
    means,
    within,
    vessels: Object.fromEntries(vessels.map((v) => [v.id, v.name])),
    tasks: tasks.map((t) => ({
      ...t,
      after: t.after.map((a) => {
        const other = at.get(a.task);
        if (a.most === null || other?.startsBefore === undefined || stepIs(d, a.task) !== 'done') return a;
        const ends = other.startsBefore - (a.from === 'end' ? other.minutes : 0);
        // It has waited longer than it may: then at once.
        return ends - a.most > within ? { ...a, most: null } : a;
      }),
    })),
  };
}

/** Where a step lies on the clock, epoch ms. */
export interface StepTime {
  readonly task: Task;
  readonly startMs: number;
  readonly endMs: number;
  readonly is: StepIs;
  readonly slot: number | null;
  readonly hand: number | null;
  readonly pinned: boolean;
  /** Minutes longer than it may that it will have stood; 0 when it will not. */
  readonly standsTooLong: number;
}

/** When the last of it is served by a plan: the hour that was asked for, or as much later as the plan is. */
export const servedAtBy = (d: DinnerState, plan: DinnerPlan): number =>
  lastServedMs(d) + (plan.ok ? plan.lateMin * MIN_MS : 0);

/** Every step on the clock, in its order; steps that were begun or are done where they were. */
export function stepTimes(d: DinnerState, plan: DinnerPlan): StepTime[] {
  if (!plan.ok) return [];
  const serve = servedAtBy(d, plan);
  const own = new Map(tasksNow(d).map((t) => [t.id, t]));
  return plan.placed
    .map((p): StepTime => {
      const task = own.get(p.task.id) ?? p.task;
      const is = stepIs(d, task.id);
      const begun = d.begun[task.id];
      const done = d.done[task.id];
      const startMs = begun ?? (is === 'done' ? done! - task.minutes * MIN_MS : serve - p.startsBefore * MIN_MS);
      const endMs =
        done ??
        (is === 'running'
          ? Math.max(startMs + task.minutes * MIN_MS, serve - p.endsBefore * MIN_MS)
          : serve - p.endsBefore * MIN_MS);
      const stands =
        task.mayStand === null
          ? 0
          : Math.round((serve - endMs) / MIN_MS) - servedBefore(d, dishOfStep(task.id)) - task.mayStand;
      return {
        task,
        startMs,
        endMs,
        is,
        slot: p.slot,
        hand: p.hand,
        pinned: d.pins[task.id] !== undefined && is === 'to come',
        standsTooLong: Math.max(0, stands),
      };
    })
    .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
}

/** A step of a dinner. */
export interface StepOf {
  readonly dinner: string;
  readonly task: string;
}

/**
 * The steps that are over when another begins: those that it waited for, and, where it takes hands and no pair is free, the longest begun
 * of those that hands are at. So no more run than there are hands, and plan and page agree. `beside`: dinners cooked together with it,
 * since the hands are theirs too; `hands`: of the kitchen.
 */
export function endedBy(
  { id, steps }: DinnerSteps,
  begins: Task,
  hands: number,
  beside: readonly DinnerSteps[] = [],
): StepOf[] {
  const running = steps.filter((s) => s.is === 'running' && s.task.id !== begins.id);
  const before = new Set(begins.after.filter((a) => a.from === 'end').map((a) => a.task));
  const waited = running.filter((s) => before.has(s.task.id)).map((s): StepOf => ({ dinner: id, task: s.task.id }));
  if (!begins.hands) return waited;
  const atWork = [
    ...running.filter((s) => !before.has(s.task.id)).map((s) => ({ dinner: id, s })),
    ...beside.flatMap((b) => b.steps.filter((s) => s.is === 'running').map((s) => ({ dinner: b.id, s }))),
  ]
    .filter(({ s }) => s.task.hands)
    .sort((a, b) => a.s.startMs - b.s.startMs || (a.s.task.id < b.s.task.id ? -1 : 1))
    .map(({ dinner, s }): StepOf => ({ dinner, task: s.task.id }));
  return [...waited, ...atWork.slice(0, Math.max(0, atWork.length + 1 - hands))];
}

/** A dinner with its steps on the clock. */
export interface DinnerSteps {
  readonly id: string;
  readonly steps: readonly StepTime[];
}

/** What to do now, what comes next, and what runs. */
export interface DinnerNow {
  /** Steps to begin now: their time has come. */
  readonly now: readonly StepTime[];
  readonly next: StepTime | null;
  /** Hands are at these. */
  readonly atWork: readonly StepTime[];
  readonly timers: readonly Timer[];
}

/** What is to be done now, what comes next, who is at work, and the timers that run. */
export function dinnerNow(d: DinnerState, steps: readonly StepTime[], nowMs: number): DinnerNow {
  const toCome = steps.filter((s) => s.is === 'to come');
  const now = toCome.filter((s) => s.startMs <= nowMs + MIN_MS / 2);
  return {
    now,
    next: toCome.find((s) => !now.includes(s)) ?? null,
    atWork: steps.filter((s) => s.is === 'running' && s.task.hands),
    timers: timersOf(d, nowMs),
  };
}
