import { saySpan } from '../time/index.ts';
import { sayAll } from '../units/index.ts';
import { type Kitchenwork, type Task, workTrouble } from './task.ts';
import { Times } from './times.ts';

/** Looked for no later than so many minutes after the hour. */
export const MOST_LATE = 12 * 60;

/** The work when it is served so many minutes later than was asked. */
export type WorkAt = (lateMin: number) => Kitchenwork;

/** Work whose waits can all be kept at some hour, from so late on. `early`: what was begun too early for that, in a sentence. */
interface Keepable {
  readonly work: Kitchenwork;
  readonly leastLate: number;
  readonly early: string | null;
}

/** The work as its waits can be kept, or why they never can. */
export function keepable(work: Kitchenwork): Keepable | { readonly why: string } {
  const trouble = workTrouble(work);
  if (trouble) return { why: trouble };
  const least = leastLate((late) => later(work, late));
  if (least !== null) return { work, leastLate: least, early: null };
  // What was begun too early, or put there by hand, cannot be undone: its waits are let go, and that is said.
  const eased = easeFixed(work);
  const leastEased = eased ? leastLate((late) => later(eased, late)) : null;
  if (!eased || leastEased === null)
    return { why: `The waiting times cannot all be kept, at any hour: ${tightOf(work)}.` };
  return { work: eased, leastLate: leastEased, early: sayEarly(work) };
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
    const without = { ...work, tasks: work.tasks.map((x) => (x === t ? free : x)) };
    return leastLate((late) => later(without, late)) !== null;
  });
  const names = [...new Set((guilty.length > 0 ? guilty : fixed).map((t) => t.name.toLowerCase()))].slice(0, 3);
  return names.length === 1
    ? `${names[0]} is early: what comes after it waits longer than it should.`
    : `${sayAll(names)} are early: what comes after them waits longer than it should.`;
}

/** The same work, served later: what was begun or pinned stands where it is on the clock. */
export const later = (work: Kitchenwork, min: number): Kitchenwork =>
  min === 0
    ? work
    : {
        ...work,
        within: work.within + min,
        tasks: work.tasks.map((t) => (t.startsBefore === undefined ? t : { ...t, startsBefore: t.startsBefore + min })),
      };

/** The least that it is late by waits and work alone, min; null when the waits contradict each other. */
function leastLate(workAt: WorkAt): number | null {
  const can = (late: number): boolean => {
    const work = workAt(late);
    return work.within >= 0 && Times.of(work) !== null;
  };
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

/** Minutes as people say them: "24 h 41 min". */
const span = (min: number): string => saySpan(min * MIN_MS);
const MIN_MS = 60_000;

/** The chain that is too long for the time that is left. */
export function tightOf(work: Kitchenwork): string {
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
