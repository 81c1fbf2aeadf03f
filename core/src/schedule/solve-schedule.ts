import { costOf, leastCost } from './cost.ts';
import { type Kitchenwork, type OneAfterOther, RESOURCES, sharedVessels, type Task } from './task.ts';
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
 * The best plan for the kitchen: every wait kept, no more at once than there are hands, rings and ovens, no vessel for two dishes at once. Branch and bound: a node is what
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
  const shared = sharedVessels(tasks);
  let best: { ends: number[]; cost: number } | null = null;
  const better = (least: number): boolean => !best || least < best.cost - 1e-6;
  const stack: Node[] = [];
  const push = (times: Times): Node | null => {
    if (!settle(times, tasks, users, shared)) return null;
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
    const pair = vesselClash(node.times, tasks, shared);
    const clash = pair ? null : clashOf(node.times, tasks, users);
    if (!pair && !clash) {
      const ends = tasks.map((_, i) => node.times.end(i));
      const cost = costOf(tasks, ends);
      if (better(cost)) best = { ends, cost };
      continue;
    }
    const next = pair ? vesselOrders(node.times, pair, tasks) : clashOrders(node.times, clash!, tasks);
    const children = next.flatMap((times) => push(times) ?? []);
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

/** The two orders in which two dishes can have their vessel, as far as they can be. */
const vesselOrders = (times: Times, { a, b }: OneAfterOther, tasks: readonly Task[]): Times[] =>
  (
    [
      [a, b],
      [b, a],
    ] as const
  ).flatMap(([first, then]) => {
    const next = times.copy();
    return allBefore(next, first, then, tasks) ? [next] : [];
  });

/** Every two of those that clash, one over before the other, as far as that can be. */
function clashOrders(times: Times, clash: readonly number[], tasks: readonly Task[]): Times[] {
  const out: Times[] = [];
  for (const i of clash)
    for (const j of clash) {
      if (i === j || !times.canBefore(j, i, tasks)) continue;
      const next = times.copy();
      if (next.before(j, i, tasks)) out.push(next);
    }
  return out;
}

/** What uses a resource of which there are so many. */
interface Users {
  readonly has: number;
  readonly who: readonly number[];
}

/** Every one of some tasks is over before any of the others begins. False when that cannot be. */
const allBefore = (times: Times, first: readonly number[], then: readonly number[], tasks: readonly Task[]): boolean =>
  first.every((j) => then.every((i) => times.before(j, i, tasks)));
const canAllBefore = (
  times: Times,
  first: readonly number[],
  then: readonly number[],
  tasks: readonly Task[],
): boolean => first.every((j) => then.every((i) => times.canBefore(j, i, tasks)));

/** So long a dish has its vessel, minutes before serving. */
const holds = (times: Times, who: readonly number[], tasks: readonly Task[]): { from: number; to: number } => ({
  from: Math.max(...who.map((i) => times.end(i) + tasks[i]!.minutes)),
  to: Math.min(...who.map((i) => times.end(i))),
});

/** Two dishes that have one vessel at once; null when none do. */
function vesselClash(times: Times, tasks: readonly Task[], shared: readonly OneAfterOther[]): OneAfterOther | null {
  return (
    shared.find(({ a, b }) => {
      const [x, y] = [holds(times, a, tasks), holds(times, b, tasks)];
      return x.to < y.from && y.to < x.from;
    }) ?? null
  );
}

/** Of two that cannot be at once the order that alone is left is set, until nothing changes. False when none is. */
function settle(
  times: Times,
  tasks: readonly Task[],
  users: readonly Users[],
  shared: readonly OneAfterOther[],
): boolean {
  for (let changed = true; changed;) {
    changed = false;
    for (const { a, b } of shared) {
      const [x, y] = [holds(times, a, tasks), holds(times, b, tasks)];
      if (x.to >= y.from || y.to >= x.from) continue;
      const [ab, ba] = [canAllBefore(times, a, b, tasks), canAllBefore(times, b, a, tasks)];
      if (!ab && !ba) return false;
      if (ab && ba) continue;
      if (!(ab ? allBefore(times, a, b, tasks) : allBefore(times, b, a, tasks))) return false;
      changed = true;
    }
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
