import { costOf, leastCost } from './cost.ts';
import { type Kitchenwork, RESOURCES, type Task } from './task.ts';
import { Times } from './times.ts';

/** A plan, back from serving. `ends`: minutes of each task's end before it, in the order of the tasks. */
export interface Found {
  readonly ends: readonly number[];
  readonly cost: number;
  /** The least that any plan can cost; as the cost itself when it is proven. */
  readonly least: number;
  readonly proven: boolean;
}

/** A plan, or that there is none, or that none was found before the steps were used up: one may exist. */
export type Solved =
  { readonly state: 'found'; readonly found: Found } | { readonly state: 'none' } | { readonly state: 'not in time' };

interface Node {
  readonly times: Times;
  readonly least: number;
}

/**
 * The best plan for the kitchen: every wait kept, no more at once than there are hands, rings and ovens. Branch and bound: a node is what
 * must lie between the tasks; its latest times are the best of all that meet them, so that it is solved when nothing is used twice there;
 * else it is split by which of those that clash is over before the other. `steps`: how much it may think, a node with n tasks being n x n
 * steps; no clock is asked, so that a slow machine gives the same answer as a fast one. Exact unless the steps were used up.
 */
export function solveSchedule(work: Kitchenwork, steps: number): Solved {
  const { tasks, means } = work;
  const root = Times.of(work);
  if (!root) return { state: 'none' };
  const users = RESOURCES.map((r) => ({
    has: r.has(means),
    who: tasks.flatMap((t, i) => (r.of(t) && t.minutes > 0 ? [i] : [])),
  })).filter((u) => u.who.length > u.has);
  let best: { ends: number[]; cost: number } | null = null;
  const better = (least: number): boolean => !best || least < best.cost - 1e-6;
  const stack: Node[] = [];
  const push = (times: Times): Node | null => {
    if (!settle(times, tasks, users)) return null;
    const least = leastCost(tasks, times, means);
    return better(least) ? { times, least } : null;
  };
  const first = push(root);
  if (!first) return { state: 'none' };
  stack.push(first);
  const perNode = root.n * root.n;
  let taken = 0;
  while (stack.length > 0) {
    if ((taken += perNode) > steps) break;
    const node = stack.pop()!;
    if (!better(node.least)) continue;
    const clash = clashOf(node.times, tasks, users);
    if (!clash) {
      const ends = tasks.map((_, i) => node.times.end(i));
      const cost = costOf(tasks, ends);
      if (better(cost)) best = { ends, cost };
      continue;
    }
    const children: Node[] = [];
    for (const i of clash)
      for (const j of clash) {
        if (i === j || !node.times.canBefore(j, i, tasks)) continue;
        const times = node.times.copy();
        if (!times.before(j, i, tasks)) continue;
        const child = push(times);
        if (child) children.push(child);
      }
    // The best is taken first: it lies on top.
    children.sort((a, b) => b.least - a.least);
    stack.push(...children);
  }
  const open = stack.filter((s) => better(s.least));
  const found = best as { ends: number[]; cost: number } | null;
  if (!found) return open.length > 0 ? { state: 'not in time' } : { state: 'none' };
  const least = open.reduce((m, s) => Math.min(m, s.least), found.cost);
  return { state: 'found', found: { ...found, least, proven: open.length === 0 } };
}

/** What uses a resource of which there are so many. */
interface Users {
  readonly has: number;
  readonly who: readonly number[];
}

/** Of two that cannot be at once the order that alone is left is set, until nothing changes. False when none is. */
function settle(times: Times, tasks: readonly Task[], users: readonly Users[]): boolean {
  for (let changed = true; changed;) {
    changed = false;
    for (const u of users) {
      if (u.has !== 1) continue;
      for (let a = 0; a < u.who.length; a++)
        for (let b = 0; b < a; b++) {
          const [i, j] = [u.who[a]!, u.who[b]!];
          if (times.apart(i, j, tasks)) continue;
          const [ij, ji] = [times.canBefore(i, j, tasks), times.canBefore(j, i, tasks)];
          if (!ij && !ji) return false;
          if (ij && ji) continue;
          if (!(ij ? times.before(i, j, tasks) : times.before(j, i, tasks))) return false;
          changed = true;
        }
    }
  }
  return true;
}

/** The tasks that clash first: one more than there is for, all at one minute; null when none do. Fewer choices first. */
function clashOf(times: Times, tasks: readonly Task[], users: readonly Users[]): number[] | null {
  let found: number[] | null = null;
  let fewest = Infinity;
  for (const u of users) {
    for (const i of u.who) {
      // Those at work at the minute when i, counted back, begins to be.
      const at = times.end(i);
      const others = u.who.filter((j) => j !== i && times.end(j) <= at && at < times.end(j) + tasks[j]!.minutes);
      if (others.length < u.has) continue;
      // The heaviest: whatever order they take, it moves the most.
      const set = [i, ...others.sort((a, b) => tasks[b]!.minutes - tasks[a]!.minutes).slice(0, u.has)];
      const ways = set.reduce((n, a) => n + set.filter((b) => a !== b && times.canBefore(b, a, tasks)).length, 0);
      if (ways < fewest || (ways === fewest && at < Math.min(...found!.map((k) => times.end(k))))) {
        fewest = ways;
        found = set;
      }
    }
  }
  return found;
}
