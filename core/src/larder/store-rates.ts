import { lastBefore, storeAt, type StoreCourse } from './store-course.ts';

/** A rate of temperature, known by its name, so that what it comes to over a course is reckoned once. */
export interface NamedRate {
  readonly name: string;
  readonly of: (c: number) => number;
}

/** Integrals of rates from the first point of a course to each, by the name of the rate; a course never changes. */
const INTEGRALS = new WeakMap<StoreCourse, Map<string, Float64Array>>();

/** Rates are curved: Simpson over each straight line, which is exact for the squares of the spoilage rate. */
const over = (ms: number, a: number, b: number, rate: (c: number) => number): number =>
  (ms * (rate(a) + 4 * rate((a + b) / 2) + rate(b))) / 6;

function integralsOf(course: StoreCourse, rate: NamedRate): Float64Array {
  const known = INTEGRALS.get(course) ?? new Map<string, Float64Array>();
  INTEGRALS.set(course, known);
  const before = known.get(rate.name);
  if (before) return before;
  const { atMs, c } = course;
  const sums = new Float64Array(atMs.length);
  for (let i = 1; i < atMs.length; i++)
    sums[i] = sums[i - 1]! + over(atMs[i]! - atMs[i - 1]!, c[i - 1]!, c[i]!, rate.of);
  known.set(rate.name, sums);
  return sums;
}

/** Integral from the first point of a course to an instant, below 0 before it. */
function integralTo(course: StoreCourse, rate: NamedRate, ms: number): number {
  const { atMs, c } = course;
  const i = lastBefore(atMs, ms);
  if (i < 0) return (ms - atMs[0]!) * rate.of(c[0]!);
  return integralsOf(course, rate)[i]! + over(ms - atMs[i]!, c[i]!, storeAt(course, ms), rate.of);
}

/** Mean of a rate of temperature over a course between two instants, weighted by time; the rate at the end where they are one. */
export function meanRate(course: StoreCourse, fromMs: number, toMs: number, rate: NamedRate): number {
  if (!(toMs > fromMs)) return rate.of(storeAt(course, toMs));
  return (integralTo(course, rate, toMs) - integralTo(course, rate, fromMs)) / (toMs - fromMs);
}
