import type { Task } from './task.ts';

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
