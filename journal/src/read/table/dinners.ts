import type { Task } from '@dagboek/core/schedule';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';

const MIN_MS = 60_000;

/** Dinners that are neither served nor given up, the next to be served first. */
export const dinnersOpen = (book: Book): DinnerState[] =>
  book.reckoned('open dinners', ['dinner'], [], () =>
    book
      .all('dinner')
      .filter((d) => d.ended === null)
      .sort((a, b) => a.serveAtMs - b.serveAtMs),
  );

/** A dinner by its id, as long as it is neither served nor given up. */
export const openDinner = (book: Book, id: string | null): DinnerState | null => {
  const d = id === null ? null : book.get('dinner', id);
  return d && d.ended === null ? d : null;
};

/** How a step stands. */
export type StepIs = 'to come' | 'running' | 'done';
/** Whether a step is to come, runs, or is done. */
export const stepIs = (d: DinnerState, task: string): StepIs =>
  d.done[task] !== undefined ? 'done' : d.begun[task] !== undefined ? 'running' : 'to come';

/** Its steps, each as long as it now is. */
export const tasksNow = (d: DinnerState): Task[] =>
  d.tasks.map((t) => (d.lasts[t.id] === undefined ? t : { ...t, minutes: d.lasts[t.id]! }));

/** A timer that runs: a step without hands that was begun, and what is left of it, ms; below nought when it is over. */
export interface Timer {
  readonly task: Task;
  readonly endMs: number;
  readonly leftMs: number;
}

/** Timers of all that was begun and is not done, the next to end first. */
export const timersOf = (d: DinnerState, nowMs: number): Timer[] =>
  tasksNow(d)
    .filter((t) => stepIs(d, t.id) === 'running')
    .map((task) => {
      const endMs = d.begun[task.id]! + task.minutes * MIN_MS;
      return { task, endMs, leftMs: endMs - nowMs };
    })
    .sort((a, b) => a.leftMs - b.leftMs);
