import { epochMs } from '@dagboek/core/time';
import type { BoxState } from '../../log/state/states.ts';

/** Something noted of a box, and when, epoch ms. */
export interface At<T> {
  readonly x: T;
  readonly ms: number;
}
const timed = <T extends { at: string }>(l: readonly T[]): At<T>[] =>
  l.map((x) => ({ x, ms: epochMs(x.at) })).sort((a, b) => a.ms - b.ms);

const noted = new WeakMap<BoxState, ReturnType<typeof timesOf>>();
const timesOf = (box: BoxState) => ({
  ice: timed(box.ice),
  weighed: timed(box.weighed),
  read: timed(box.read),
  drained: timed(box.drained),
  stands: timed(box.stands),
});
/** What was noted of a box with its times, looked up once: a box of ten years has many. */
export function notedOf(box: BoxState): ReturnType<typeof timesOf> {
  const known = noted.get(box) ?? timesOf(box);
  noted.set(box, known);
  return known;
}

/** When something was found out about the ice of a box, epoch ms, the last first. */
export function looksOf(box: BoxState): number[] {
  const { ice, weighed, read, drained } = notedOf(box);
  return [...ice.filter((w) => w.x.seen !== null), ...weighed, ...read, ...drained]
    .map((w) => w.ms)
    .sort((a, b) => b - a);
}
