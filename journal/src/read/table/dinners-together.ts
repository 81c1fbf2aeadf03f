import type { Vessel } from '@dagboek/core/cook';
import type { DinnerWork, Means } from '@dagboek/core/schedule';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { dinnerWork, vesselsInUse } from './dinner-work.ts';
import { dinnersAbout, dinnersOpen, TOGETHER_MS } from './dinners.ts';

/**
 * The dinners that are cooked together with one, itself among them, the first to be served first: in its kitchen, each within an hour and a half of the
 * next. Whichever of them is asked, they are the same. One that is over is alone.
 */
export function dinnersTogether(book: Book, d: DinnerState): DinnerState[] {
  if (d.ended) return [d];
  const there = [...dinnersOpen(book).filter((x) => x.kitchen === d.kitchen && x.id !== d.id), d].sort(
    (a, b) => a.serveAtMs - b.serveAtMs || (a.id < b.id ? -1 : 1),
  );
  const at = there.indexOf(d);
  const near = (i: number): boolean => there[i]!.serveAtMs - there[i - 1]!.serveAtMs < TOGETHER_MS;
  let [from, to] = [at, at + 1];
  while (from > 0 && near(from)) from--;
  while (to < there.length && near(to)) to++;
  return there.slice(from, to);
}

/** Dinners that a new dish shares a kitchen with: those cooked together with the dinner that it joins, or those about its own hour (null: it is eaten already). */
export const dinnersBeside = (
  book: Book,
  joins: DinnerState | null,
  serveAtMs: number | null,
  kitchen: string,
): DinnerState[] =>
  joins ? dinnersTogether(book, joins) : serveAtMs === null ? [] : dinnersAbout(book, serveAtMs, '', kitchen);

/** What the kitchen of dinners that are cooked together has: as it was said last. */
export const meansTogether = (dinners: readonly DinnerState[]): Means =>
  dinners.reduce((a, b) => (epochMs(b.setAt) > epochMs(a.setAt) ? b : a)).means;

/**
 * Their work for the planner, in their order. Hands that are at a step of one are not free for another.
 */
export function worksTogether(
  dinners: readonly DinnerState[],
  nowMs: number,
  vessels: readonly Vessel[] = [],
): DinnerWork[] {
  const means = meansTogether(dinners);
  const free = { ...means };
  const used = dinners.map((d) => vesselsInUse(d));
  return dinners.map((d, i) => {
    const inUse = vesselsInUse(
      d,
      used.filter((_, j) => j !== i),
    );
    return { id: d.id, work: dinnerWork(d, nowMs, vessels, { means, free, inUse }) };
  });
}
