import { solveSchedule } from './solve-schedule.ts';
import { type Kitchenwork, type Means, RESOURCES, type Task, workTrouble } from './task.ts';
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
  | { readonly ok: false; readonly why: string };

/** So many tasks are planned exactly in the time given; more are tried, and told with their gap. */
const FEASIBLE_SHARE = 0.4;
/** Looked for no later than so many minutes after the hour. */
const MOST_LATE = 12 * 60;

/**
 * Plans all of the work back from serving: on the hour when that can be, as late in the day as may be; else at the earliest that can, with
 * the clash named. `ms`: how long it may think.
 */
export function planDinner(work: Kitchenwork, ms: number, now: () => number = () => performance.now()): DinnerPlan {
  const trouble = workTrouble(work);
  if (trouble) return { ok: false, why: trouble };
  const least = leastLate(work);
  if (least !== null) return planFrom(work, least, ms, now, null);
  // What was begun too early, or put there by hand, cannot be undone: its waits are let go, and that is said.
  const eased = easeFixed(work);
  const leastEased = eased ? leastLate(eased) : null;
  if (!eased || leastEased === null)
    return { ok: false, why: `Its waits cannot all be kept, at whatever hour: ${tightOf(work)}.` };
  return planFrom(eased, leastEased, ms, now, sayEarly(work));
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
    : `${names.join(', ')} are early: what comes after them waits longer than it should.`;
}

/** The plan on the hour when that can be, else at the earliest that can. `least`: so late it is at the least by its waits alone. */
function planFrom(work: Kitchenwork, least: number, ms: number, now: () => number, early: string | null): DinnerPlan {
  const until = now() + ms;
  const tryAt = (lateMin: number, share: number) =>
    solveSchedule(later(work, lateMin), { ms: Math.max(20, (until - now()) * share), now });
  const onTime = work.within >= 0 && least === 0 ? tryAt(0, 1) : null;
  if (onTime) return planOf(work, onTime, 0, null, early);
  // From the least on minute by minute, in growing steps first.
  let [low, high] = [Math.max(0, least - 1), least];
  let found = tryAt(high, FEASIBLE_SHARE);
  for (let step = 1; !found && high < MOST_LATE; step *= 2) {
    low = high;
    high += step;
    found = tryAt(high, FEASIBLE_SHARE);
  }
  if (!found)
    return { ok: false, why: 'No hour within twelve hours was found at which all of it is ready. Take a dish less.' };
  while (high - low > 1 && now() < until) {
    const mid = (low + high) >> 1;
    const better = tryAt(mid, FEASIBLE_SHARE);
    if (better) [high, found] = [mid, better];
    else low = mid;
  }
  return planOf(work, found, high, sayClash(work, high), early);
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
  // A pin or a task at work that may not stand holds an hour by itself: it is looked for too.
  for (let late = 0; late <= MOST_LATE; late += late < 30 ? 1 : 5)
    if (work.within + late >= 0 && Times.of(later(work, late))) return late;
  return null;
}

/** Which things clash, by taking each away: the first without which it would be on the hour. */
function sayClash(work: Kitchenwork, late: number): string {
  const quick = { ms: 250 };
  if (!Times.of(work)) return `${tightOf(work)}; ${late} min later all of it can be ready.`;
  for (const r of RESOURCES) {
    const users = work.tasks.filter((t) => r.of(t) && t.minutes > 0);
    if (users.length === 0) continue;
    const means: Means = { ...work.means, [r.id]: users.length };
    if (!solveSchedule({ ...work, means }, quick)) continue;
    const has = r.has(work.means);
    const names = [...users].sort((a, b) => b.minutes - a.minutes).slice(0, 3);
    const need = users.reduce((m, t) => m + t.minutes, 0);
    return `${has} ${has === 1 ? r.one : r.more} for ${need} min of ${names.map((t) => t.name.toLowerCase()).join(', ')}${users.length > 3 ? ' and more' : ''} ${has === 1 ? 'is' : 'are'} too little for this hour.`;
  }
  return 'Hands and rings together are too few for this hour.';
}

/** The chain that is too long for the time that is left. */
function tightOf(work: Kitchenwork): string {
  const free = Times.of({ ...work, within: 48 * 60, tasks: work.tasks.map(({ startsBefore: _, ...t }) => t) });
  if (!free) {
    const t = work.tasks.find((x) => !Times.of({ ...work, within: 48 * 60, tasks: [...upstream(work.tasks, x)] }));
    return t ? `${t.dish}: ${t.name.toLowerCase()} cannot wait as it is asked to` : 'two waits contradict each other';
  }
  const longest = work.tasks.reduce((a, b, i) => {
    const begins = (t: Task, at: number): number => free.end(at) + t.minutes;
    return begins(b, i) > begins(a, work.tasks.indexOf(a)) ? b : a;
  });
  const needs = free.end(work.tasks.indexOf(longest)) + longest.minutes;
  return needs > work.within
    ? `${longest.dish} takes ${needs} min from its first step, and ${Math.max(0, work.within)} are left`
    : 'what is begun already will have stood longer than it may';
}

/** A task and all that it waits for. */
function upstream(tasks: readonly Task[], t: Task): Set<Task> {
  const out = new Set<Task>([t]);
  for (const x of out) for (const a of x.after) out.add(tasks.find((y) => y.id === a.task)!);
  return out;
}

function planOf(
  work: Kitchenwork,
  found: NonNullable<ReturnType<typeof solveSchedule>>,
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
    gapMin: found.proven ? 0 : Math.max(0, Math.ceil((found.cost - found.least) / 1000)),
    beginsBefore: Math.max(0, ...spans.map((s) => s.starts)),
  };
}
