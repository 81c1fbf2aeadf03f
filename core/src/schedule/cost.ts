import type { Means, Task } from './task.ts';
import type { Times } from './times.ts';

/** What a minute costs that the whole begins earlier: more than all that stands meanwhile, so that one begins as late as one may. */
export const BEGIN = 1000;

/** What a plan costs: how early it begins, first; then the minutes that things stand, by how bad that is. `ends`: of each, before serving. */
export const costOf = (tasks: readonly Task[], ends: readonly number[] | Int32Array): number => {
  let [begin, stand] = [0, 0];
  tasks.forEach((t, i) => {
    begin = Math.max(begin, ends[i]! + t.minutes);
    stand += t.spoils * ends[i]!;
  });
  return BEGIN * begin + stand;
};

/** What a plan can cost at the least from these times on: by the waits alone, and by the work of the hands. */
export function leastCost(tasks: readonly Task[], times: Times, means: Means): number {
  let [begin, stand] = [0, 0];
  for (let i = 0; i < tasks.length; i++) {
    begin = Math.max(begin, times.end(i) + tasks[i]!.minutes);
    if (!tasks[i]!.hands) stand += tasks[i]!.spoils * times.end(i);
  }
  const work = tasks.flatMap((t, i) => (t.hands && t.minutes > 0 ? [{ i, t, from: times.end(i) }] : []));
  for (let i = 0; i < tasks.length; i++)
    if (tasks[i]!.hands && tasks[i]!.minutes === 0) stand += tasks[i]!.spoils * times.end(i);
  return BEGIN * Math.max(begin, handsBegin(work, means.hands)) + stand + handsStand(work, means.hands);
}

interface Work {
  readonly t: Task;
  readonly from: number;
}

/** When hands begin at the latest: the work that ends no later than some end, after that end, by so many hands. */
function handsBegin(work: readonly Work[], hands: number): number {
  const order = [...work].sort((a, b) => b.from - a.from);
  let [sum, most] = [0, 0];
  for (const w of order) {
    sum += w.t.minutes;
    most = Math.max(most, w.from + Math.ceil(sum / hands));
  }
  return most;
}

/**
 * What work of the hands stands at the least: cut into crumbs and given to one pair that is as fast as all, the worst first from when each
 * may (Goemans' mean busy times); no plan does better.
 */
function handsStand(work: readonly Work[], hands: number): number {
  const left = work.map((w) => w.t.minutes / hands);
  const rate = work.map((w) => w.t.spoils / w.t.minutes);
  const busy = work.map(() => 0);
  const froms = [...new Set(work.map((w) => w.from))].sort((a, b) => a - b);
  let at = 0;
  for (;;) {
    let best = -1;
    for (let i = 0; i < work.length; i++)
      if (left[i]! > 1e-12 && work[i]!.from <= at + 1e-12 && (best < 0 || rate[i]! > rate[best]!)) best = i;
    const next = froms.find((f) => f > at + 1e-12) ?? Infinity;
    if (best < 0) {
      if (next === Infinity) break;
      at = next;
      continue;
    }
    const dt = Math.min(left[best]!, next - at);
    busy[best]! += dt * (at + dt / 2);
    left[best]! -= dt;
    at += dt;
  }
  const alone = work.reduce((sum, w) => sum + w.t.spoils * w.from, 0);
  const together = work.reduce(
    (sum, w, i) => sum + w.t.spoils * (busy[i]! / (w.t.minutes / hands) - w.t.minutes / 2),
    0,
  );
  return Math.max(alone, together);
}
