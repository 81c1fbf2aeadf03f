import { costOf } from './cost.ts';
import { type Kitchenwork, RESOURCES, sharedVessels, type Task } from './task.ts';

/** A task of a minute or more at somebody's hands, unless said otherwise. */
export const task = (id: string, minutes: number, more: Partial<Task> = {}): Task => ({
  id,
  dish: id.charAt(0),
  name: `Task ${id}`,
  minutes,
  hands: false,
  place: null,
  after: [],
  mayStand: null,
  spoils: 1,
  ...more,
});
export const after = (id: string, least = 0, most: number | null = null) => ({
  task: id,
  from: 'end' as const,
  least,
  most,
});
export const MEANS = { hands: 1, rings: 2, ovens: 1, grills: 1 };

/** What is broken of the waits, windows and means by these ends; empty when nothing. */
export function brokenBy({ tasks, means, within }: Kitchenwork, ends: readonly number[]): string[] {
  const out: string[] = [];
  const at = new Map(tasks.map((t, i) => [t.id, { t, end: ends[i]!, start: ends[i]! + t.minutes }]));
  for (const { t, end, start } of at.values()) {
    const served = t.servedBefore ?? 0;
    if (end < 0 || (end < served && t.startsBefore === undefined)) out.push(`${t.id} ends after it is served`);
    if (t.startsBefore === undefined && start > within) out.push(`${t.id} lies outside`);
    if (t.mayStand !== null && end - served > t.mayStand) out.push(`${t.id} stands ${end}`);
    if (t.startsBefore !== undefined && start !== t.startsBefore) out.push(`${t.id} is not where it was put`);
    for (const a of t.after) {
      const other = at.get(a.task)!;
      const gap = (a.from === 'end' ? other.end : other.start) - start;
      if (gap < a.least || (a.most !== null && gap > a.most)) out.push(`${t.id} waits ${gap} for ${a.task}`);
    }
  }
  for (const { vessel, a, b } of sharedVessels(tasks)) {
    const held = (who: readonly number[]): [from: number, to: number] => [
      Math.max(...who.map((i) => ends[i]! + tasks[i]!.minutes)),
      Math.min(...who.map((i) => ends[i]!)),
    ];
    const [[aFrom, aTo], [bFrom, bTo]] = [held(a), held(b)];
    if (aTo < bFrom && bTo < aFrom) out.push(`${vessel} is used twice at once`);
  }
  for (const r of RESOURCES)
    for (let m = 0; m < within; m++) {
      const busy = [...at.values()].filter((x) => r.of(x.t) && x.end <= m && m < x.start).length;
      if (busy > r.has(means)) out.push(`${busy} ${r.id} at ${m}`);
    }
  return out;
}

/** The least cost over every minute that every task may end at: by trying all; null when nothing can be. */
export function exhaustive(work: Kitchenwork): number | null {
  const { tasks, within } = work;
  let best: number | null = null;
  const ends: number[] = [];
  const go = (): void => {
    const i = ends.length;
    if (i === tasks.length) {
      if (brokenBy(work, ends).length > 0) return;
      const c = costOf(tasks, ends);
      if (best === null || c < best) best = c;
      return;
    }
    const most = Math.max(within, tasks[i]!.startsBefore ?? 0);
    for (let e = 0; e + tasks[i]!.minutes <= most; e++) {
      ends.push(e);
      go();
      ends.pop();
    }
  };
  go();
  return best;
}

/** A dinner as they are: dishes in chains, each with hands, a place, a rest. */
export function someDinner(next: () => number, dishes: number, steps: number): Task[] {
  const whole = (low: number, high: number): number => low + Math.floor(next() * (high - low + 1));
  return Array.from({ length: dishes }, (_, d) => {
    const name = String.fromCharCode(97 + d);
    const place = (['ring', 'ring', 'oven', 'grill'] as const)[whole(0, 3)]!;
    return Array.from({ length: steps }, (_, s): Task => {
      const last = s === steps - 1;
      const cooks = s % 2 === 1;
      return task(`${name}${s}`, whole(2, cooks ? 14 : 5), {
        hands: !cooks,
        place: cooks ? place : null,
        after: s > 0 ? [after(`${name}${s - 1}`, 0, cooks ? null : whole(0, 6))] : [],
        mayStand: last ? whole(2, 15) : null,
        spoils: whole(1, 4),
      });
    });
  }).flat();
}
