import type { Kitchenwork, Task } from './task.ts';

/** No path. */
export const NONE = -1e9;

/**
 * What must lie between the ends of tasks, minutes, as the longest paths between them: `d[a * n + b]` is by how much the end of b is before
 * that of a at the least. Node 0 is the serving; node i + 1 is task i. Ends are counted back from serving, so that the earliest of these
 * times is the latest on the clock.
 */
export class Times {
  readonly n: number;
  private constructor(readonly d: Int32Array) {
    this.n = Math.round(Math.sqrt(d.length));
  }

  /** Of tasks, their waits and windows; null when no time at all meets them. */
  static of({ tasks, within }: Kitchenwork): Times | null {
    const n = tasks.length + 1;
    const d = new Int32Array(n * n).fill(NONE);
    for (let i = 0; i < n; i++) d[i * n + i] = 0;
    const times = new Times(d);
    const at = new Map(tasks.map((t, i) => [t.id, i + 1]));
    const edges: [number, number, number][] = [];
    tasks.forEach((t, i) => {
      const me = i + 1;
      const served = t.servedBefore ?? 0;
      // What was begun or put after the hour of its course stands there; only the last hour moves.
      const over = t.startsBefore === undefined ? served : Math.max(0, t.startsBefore - t.minutes);
      edges.push([0, me, Math.min(served, over)]);
      // What was begun may have begun before now.
      if (t.startsBefore === undefined) edges.push([me, 0, t.minutes - within]);
      if (t.mayStand !== null) edges.push([me, 0, -(t.mayStand + served)]);
      if (t.startsBefore !== undefined) {
        const e = t.startsBefore - t.minutes;
        edges.push([0, me, e], [me, 0, -e]);
      }
      for (const a of t.after) {
        const other = at.get(a.task)!;
        // From the end of the other to my start; from its start its own minutes come off.
        const mine = t.minutes - (a.from === 'start' ? tasks[other - 1]!.minutes : 0);
        edges.push([me, other, mine + a.least]);
        if (a.most !== null) edges.push([other, me, -(mine + a.most)]);
      }
    });
    return edges.every(([a, b, w]) => times.add(a, b, w)) ? times : null;
  }

  copy(): Times {
    return new Times(this.d.slice());
  }

  /** The least that task i ends before serving. */
  end = (i: number): number => this.d[i + 1]!;
  /** The most; `NONE` turned round where nothing holds it. */
  latest = (i: number): number => -this.d[(i + 1) * this.n]!;

  /** From now on b ends at least w before a. False when that cannot be. */
  add(a: number, b: number, w: number): boolean {
    const { d, n } = this;
    if (d[a * n + b]! >= w) return true;
    if (d[b * n + a]! > NONE / 2 && d[b * n + a]! + w > 0) return false;
    for (let i = 0; i < n; i++) {
      const to = d[i * n + a]!;
      if (to < NONE / 2) continue;
      const via = to + w;
      for (let j = 0; j < n; j++) {
        const on = d[b * n + j]!;
        if (on > NONE / 2 && via + on > d[i * n + j]!) d[i * n + j] = via + on;
      }
    }
    return true;
  }

  /** Task j is over before task i begins. False when that cannot be. */
  before = (j: number, i: number, tasks: readonly Task[]): boolean => this.add(i + 1, j + 1, tasks[i]!.minutes);

  /** Whether `before` could be. */
  canBefore(j: number, i: number, tasks: readonly Task[]): boolean {
    const back = this.d[(j + 1) * this.n + i + 1]!;
    return back < NONE / 2 || back + tasks[i]!.minutes <= 0;
  }

  /** Whether one of them is over before the other begins, as it is. */
  apart(i: number, j: number, tasks: readonly Task[]): boolean {
    const { d, n } = this;
    return d[(i + 1) * n + j + 1]! >= tasks[i]!.minutes || d[(j + 1) * n + i + 1]! >= tasks[j]!.minutes;
  }
}
