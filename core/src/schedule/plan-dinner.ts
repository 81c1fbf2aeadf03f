import { saySpan } from '../time/index.ts';
import { sayAll } from '../units/index.ts';
import { type Found, solveSchedule } from './solve-schedule.ts';
import { BEGIN } from './cost.ts';
import { sayShort } from './say-clash.ts';
import { type Kitchenwork, RESOURCES, type Task, workTrouble } from './task.ts';
import { Times } from './times.ts';

/** A task at its time: minutes before serving. */
export interface Placed {
  readonly task: Task;
  readonly startsBefore: number;
  readonly endsBefore: number;
  /** Which of its place, 0 for the first ring; null where it takes none. */
  readonly slot: number | null;
  /** Which pair of hands; null where it takes none. */
  readonly hand: number | null;
}

/** What a dinner's work comes to. */
export type DinnerPlan =
  | {
      readonly ok: true;
      readonly placed: readonly Placed[];
      /** Served so many minutes later than was asked; 0 on the hour. */
      readonly lateMin: number;
      /** Why it is late, in a sentence; null on the hour. */
      readonly clash: string | null;
      /** What was begun or put so early that a wait after it is longer than it should be, in a sentence; null where all waits are kept. */
      readonly early: string | null;
      readonly proven: boolean;
      /** How far the plan may be from the best, minutes that it begins too early; 0 when it is proven. */
      readonly gapMin: number;
      readonly beginsBefore: number;
    }
  | {
      readonly ok: false;
      /** 'not in time': none was found with the thinking it was given, and one may exist. */
      readonly state: 'none' | 'not in time';
      readonly why: string;
    };

/** Thinking for one dinner, steps of `solveSchedule`: some seconds on a phone. */
export const PLAN_STEPS = 16_000_000;
/** Of what is left each hour that is tried is given this share. */
const HOUR_SHARE = 0.5;
/** Looked for no later than so many minutes after the hour. */
const MOST_LATE = 12 * 60;

const none = (why: string): DinnerPlan => ({ ok: false, state: 'none', why });

/**
 * Plans all of the work back from serving: on the hour when that can be, as late in the day as may be; else at the earliest minute of the
 * next twelve hours that can, with the clash named. `steps`: how much it may think.
 */
export function planDinner(work: Kitchenwork, steps = PLAN_STEPS): DinnerPlan {
  const trouble = workTrouble(work);
  if (trouble) return none(trouble);
  const least = leastLate(work);
  if (least !== null) return planFrom(work, least, steps, null);
  // What was begun too early, or put there by hand, cannot be undone: its waits are let go, and that is said.
  const eased = easeFixed(work);
  const leastEased = eased ? leastLate(eased) : null;
  if (!eased || leastEased === null)
    return none(`The waiting times cannot all be kept, at any hour: ${tightOf(work)}.`);
  return planFrom(eased, leastEased, steps, sayEarly(work));
}

/** Without the longest waits after what stands where it is; null where nothing stands so. */
function easeFixed(work: Kitchenwork): Kitchenwork | null {
  const fixed = new Set(work.tasks.filter((t) => t.startsBefore !== undefined).map((t) => t.id));
  if (fixed.size === 0) return null;
  return {
    ...work,
    tasks: work.tasks.map((t) => ({
      ...t,
      mayStand: fixed.has(t.id) ? null : t.mayStand,
      after: t.after.map((a) => (fixed.has(a.task) || fixed.has(t.id) ? { ...a, most: null } : a)),
    })),
  };
}

/** Which steps stand too early: those without which all waits could be kept. */
function sayEarly(work: Kitchenwork): string {
  const fixed = work.tasks.filter((t) => t.startsBefore !== undefined);
  const guilty = fixed.filter((t) => {
    const { startsBefore: _, ...free } = t;
    return leastLate({ ...work, tasks: work.tasks.map((x) => (x === t ? free : x)) }) !== null;
  });
  const names = [...new Set((guilty.length > 0 ? guilty : fixed).map((t) => t.name.toLowerCase()))].slice(0, 3);
  return names.length === 1
    ? `${names[0]} is early: what comes after it waits longer than it should.`
    : `${sayAll(names)} are early: what comes after them waits longer than it should.`;
}

/** The plan on the hour when that can be, else at the earliest that can. `least`: so late it is at the least by its waits alone. */
function planFrom(work: Kitchenwork, least: number, steps: number, early: string | null): DinnerPlan {
  let left = steps;
  // Of the hours that were tried the last at which there is surely no plan, and whether any was left open.
  let [surelyNone, open] = [least - 1, false];
  const tryAt = (lateMin: number, share: number): Found | null => {
    const own = left * share;
    left -= own;
    const r = solveSchedule(later(work, lateMin), own);
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
  const plan = planOf(work, found, high, high > 0 ? sayClash(work, high) : null, early);
  const earlier = high - surelyNone - 1;
  return plan.ok && earlier > 0 ? { ...plan, proven: false, gapMin: Math.max(plan.gapMin, earlier) } : plan;
}

/** The same work, served later: what was begun or pinned stands where it is on the clock. */
const later = (work: Kitchenwork, min: number): Kitchenwork =>
  min === 0
    ? work
    : {
        ...work,
        within: work.within + min,
        tasks: work.tasks.map((t) => (t.startsBefore === undefined ? t : { ...t, startsBefore: t.startsBefore + min })),
      };

/** The least that it is late by waits and work alone, min; null when the waits contradict each other. */
function leastLate(work: Kitchenwork): number | null {
  const can = (late: number): boolean => work.within + late >= 0 && Times.of(later(work, late)) !== null;
  // A pin or a task at work that may not stand holds an hour by itself: each minute is looked at, the first ones one by one.
  for (let late = 0; late <= MOST_LATE; late += late < 30 ? 1 : STRIDE) {
    if (!can(late)) continue;
    let least = late;
    for (let m = late - 1; m > 30 && m > late - STRIDE; m--) if (can(m)) least = m;
    return least;
  }
  return null;
}
/** Beyond half an hour it is looked at every so many minutes, and then at those between. */
const STRIDE = 5;

/** Which things clash, by taking each away: the first without which it would be on the hour. */
function sayClash(work: Kitchenwork, late: number): string {
  if (!Times.of(work)) return `${tightOf(work)}; ${late} min later everything can be ready.`;
  return sayShort(work) ?? 'Cooks and hob rings together are not enough for this time.';
}

/** Minutes as people say them: "24 h 41 min". */
const span = (min: number): string => saySpan(min * MIN_MS);
const MIN_MS = 60_000;

/** The chain that is too long for the time that is left. */
function tightOf(work: Kitchenwork): string {
  const free = Times.of({ ...work, within: 48 * 60, tasks: work.tasks.map(({ startsBefore: _, ...t }) => t) });
  if (!free) {
    const t = work.tasks.find((x) => !Times.of({ ...work, within: 48 * 60, tasks: [...upstream(work.tasks, x)] }));
    return t ? `${t.dish}: ${t.name.toLowerCase()} cannot wait as it is asked to` : 'two waits contradict each other';
  }
  const begins = (t: Task): number => free.end(work.tasks.indexOf(t)) + t.minutes;
  const longest = work.tasks.reduce((a, b) => (begins(b) > begins(a) ? b : a));
  const needs = begins(longest);
  // Both are told up to the hour of its own course.
  const own = longest.servedBefore ?? 0;
  return needs > work.within
    ? `${longest.dish} takes ${span(needs - own)} from its first step, and ${span(Math.max(0, work.within - own))} are left`
    : 'what was started will have waited too long';
}

/** A task and all that it waits for. */
function upstream(tasks: readonly Task[], t: Task): Set<Task> {
  const out = new Set<Task>([t]);
  for (const x of out) for (const a of x.after) out.add(tasks.find((y) => y.id === a.task)!);
  return out;
}

function planOf(
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
