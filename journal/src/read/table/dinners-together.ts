import type { Vessel } from '@dagboek/core/cook';
import type { DinnerWork, Means } from '@dagboek/core/schedule';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { lastServedMs } from './courses.ts';
import { dinnerWork, vesselsInUse } from './dinner-work.ts';
import { dinnersOpen } from './dinners.ts';

/** Dinners share a kitchen when their hours lie so near, ms: a dinner is cooked for about so long. */
const TOGETHER_MS = 90 * 60_000;

/** Other dinners that are planned for about an hour in a kitchen: they share its hands, places and vessels. */
export const dinnersAbout = (book: Book, serveAtMs: number, but: string, kitchen = ''): DinnerState[] =>
  dinnersOpen(book).filter(
    (d) => d.id !== but && d.kitchen === kitchen && Math.abs(d.serveAtMs - serveAtMs) < TOGETHER_MS,
  );

/** After its hour a dinner takes the kitchen for so long since a step of it was begun or done, ms: a cook taps about so often. */
const STILL_COOKED_MS = 30 * 60_000;

/** Whether a dinner takes anything of its kitchen: one whose hour is past takes nothing where nobody cooks it, or nobody noted that it was served. */
function takesKitchen(d: DinnerState, nowMs: number): boolean {
  if (d.ended) return false;
  const lastTap = Math.max(-Infinity, ...Object.values(d.begun), ...Object.values(d.done));
  return nowMs < lastServedMs(d) || nowMs - lastTap < STILL_COOKED_MS;
}

/**
 * The dinners that are cooked together with one, itself among them, the first to be served first: in its kitchen, each within an hour and a half of the
 * next. Whichever of them is asked, they are the same. One that takes nothing of the kitchen is alone.
 */
export function dinnersTogether(book: Book, d: DinnerState, nowMs: number): DinnerState[] {
  if (!takesKitchen(d, nowMs)) return [d];
  const others = dinnersOpen(book).filter((x) => x.kitchen === d.kitchen && x.id !== d.id && takesKitchen(x, nowMs));
  const there = [...others, d].sort((a, b) => a.serveAtMs - b.serveAtMs || (a.id < b.id ? -1 : 1));
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
  nowMs: number,
): DinnerState[] => {
  if (joins) return dinnersTogether(book, joins, nowMs);
  return serveAtMs === null ? [] : dinnersAbout(book, serveAtMs, '', kitchen).filter((d) => takesKitchen(d, nowMs));
};

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
