import type { StoreCourse } from './store-course.ts';
import { THAWS_C } from './store-warming.ts';

/** So long above it something is thawed, ms. */
const HOUR_MS = 3_600_000;

/** When a course was warmer than a line, from and to; the last without an end where it still is. */
function above(course: StoreCourse, line: number): readonly (readonly [number, number])[] {
  const { atMs, c } = course;
  const out: [number, number][] = [];
  let since = c[0]! > line ? Number.NEGATIVE_INFINITY : null;
  for (let i = 1; i < atMs.length; i++) {
    if (c[i]! > line === (since !== null)) continue;
    const at = atMs[i - 1]! + ((line - c[i - 1]!) / (c[i]! - c[i - 1]!)) * (atMs[i]! - atMs[i - 1]!);
    if (since === null) since = at;
    else {
      out.push([since, at]);
      since = null;
    }
  }
  if (since !== null) out.push([since, Number.POSITIVE_INFINITY]);
  return out;
}
const ABOVE = new WeakMap<StoreCourse, Map<number, ReturnType<typeof above>>>();

/** The stretches of time between two instants in which a course was warmer than `line`, degC, clipped to them. */
export function warmerThan(course: StoreCourse, line: number, fromMs: number, toMs: number): [number, number][] {
  const known = ABOVE.get(course) ?? new Map<number, ReturnType<typeof above>>();
  ABOVE.set(course, known);
  const all = known.get(line) ?? above(course, line);
  known.set(line, all);
  return all.flatMap(([a, b]): [number, number][] => {
    const [from, to] = [Math.max(a, fromMs), Math.min(b, toMs)];
    return to > from ? [[from, to]] : [];
  });
}

/** From when on something in a store was no longer frozen, between two instants: above `THAWS_C` for an hour on end; null when it never was. */
export const thawedFrom = (course: StoreCourse, fromMs: number, toMs: number): number | null =>
  warmerThan(course, THAWS_C, fromMs, toMs).find(([a, b]) => b - a >= HOUR_MS)?.[0] ?? null;
