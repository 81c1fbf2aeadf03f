import type { Boundary } from './boundary.ts';
import { INSULATED } from './boundary.ts';
import { COARSE, Conduction, type ConductionBody } from './conduction.ts';

/** From `fromMs` on the skin meets `boundary`, until the next begins. `body`: what it is cut to from then on. */
export interface Exposure {
  readonly fromMs: number;
  readonly boundary: Boundary;
  readonly body?: ConductionBody;
}

/** The middle of it was read, degC. */
export interface CoreReading {
  readonly atMs: number;
  readonly c: number;
}

/** How warm flesh was, is and will be: samples in the order of time, straight lines between them, the last holding on. */
export interface FleshCourse {
  readonly atMs: Float64Array;
  readonly coreC: Float64Array;
  readonly meanC: Float64Array;
  /** Temperature of what surrounds it. */
  readonly mediumC: Float64Array;
  /** What the middle was reckoned at when it was read, degC, one for each reading that counted. */
  readonly readAs: readonly { readonly atMs: number; readonly c: number; readonly reckonedC: number }[];
}

/** Cells of the body: to a tenth of a degree, and twice as fast as the finest. */
const CELLS = 16;
/** A sample is kept when it moved by so much, degC, or so long after the last, ms. */
const [MOVED_C, AT_LEAST_MS] = [0.08, 1_800_000];
/** What is so near to its medium is at rest, degC; nothing is followed for longer than so many ms in one medium. */
const REST_C = 0.05;
const MOST_MS = 96 * 3_600_000;

class Samples {
  private readonly rows: number[][] = [];
  add(atMs: number, body: Conduction, mediumC: number, always = false): void {
    const [core, mean] = [body.coreC, body.meanC];
    const last = this.rows.at(-1);
    if (
      !always &&
      last &&
      atMs - last[0]! < AT_LEAST_MS &&
      Math.abs(core - last[1]!) < MOVED_C &&
      Math.abs(mean - last[2]!) < MOVED_C
    )
      return;
    this.rows.push([atMs, core, mean, mediumC]);
  }
  column(i: number): Float64Array {
    return Float64Array.from(this.rows, (r) => r[i]!);
  }
}

/**
 * Follows a body through what it meets, from `startC` throughout at the first exposure, by conduction; after the last change
 * until it is at rest. `readings` set its middle when they were taken. No exposures: no course (RangeError).
 */
export function fleshCourse(
  body: ConductionBody,
  startC: number,
  exposures: readonly Exposure[],
  readings: readonly CoreReading[] = [],
): FleshCourse {
  const order = [...exposures].sort((a, b) => a.fromMs - b.fromMs);
  const first = order[0];
  if (!first) throw new RangeError('a course begins somewhere');
  const samples = new Samples();
  const readAs: { atMs: number; c: number; reckonedC: number }[] = [];
  const reads = [...readings].sort((a, b) => a.atMs - b.atMs);
  let flesh = new Conduction(first.body ?? body, startC, CELLS, COARSE);
  samples.add(first.fromMs, flesh, first.boundary.mediumC, true);
  let cutTo: ConductionBody | undefined;
  order.forEach((e, i) => {
    const last = i === order.length - 1;
    const until = last ? Number.POSITIVE_INFINITY : order[i + 1]!.fromMs;
    // Of two at one instant the later counts; what it was cut to at that instant stays cut.
    cutTo = (i > 0 ? e.body : undefined) ?? cutTo;
    if (until <= e.fromMs) return;
    if (cutTo) flesh = new Conduction(cutTo, flesh.meanC, CELLS, COARSE);
    cutTo = undefined;
    const { mediumC } = e.boundary;
    samples.add(e.fromMs, flesh, mediumC, true);
    let at = e.fromMs;
    /** Goes on to an instant, or until it is at rest. */
    const goOn = (toMs: number): void => {
      const begun = at;
      const most = Math.min(toMs - at, MOST_MS);
      let rest = false;
      if (most > 0)
        flesh.march(most / 1000, e.boundary, INSULATED, (s) => {
          samples.add(begun + s * 1000, flesh, mediumC);
          rest = Math.abs(flesh.coreC - mediumC) < REST_C && Math.abs(flesh.meanC - mediumC) < REST_C;
          if (rest) samples.add(begun + s * 1000, flesh, mediumC, true);
          return rest;
        });
      if (Number.isFinite(toMs)) samples.add(toMs, flesh, mediumC, true);
      else samples.add(begun + most, flesh, mediumC);
      at = toMs;
    };
    for (const r of reads) {
      if (r.atMs < e.fromMs || r.atMs >= until) continue;
      goOn(r.atMs);
      readAs.push({ ...r, reckonedC: flesh.coreC });
      flesh.read(r.c);
      samples.add(r.atMs, flesh, mediumC, true);
    }
    goOn(until);
  });
  return {
    atMs: samples.column(0),
    coreC: samples.column(1),
    meanC: samples.column(2),
    mediumC: samples.column(3),
    readAs,
  };
}

/** The last sample at or before an instant; the first when it lies before all. */
export function sampleBefore(atMs: Float64Array, ms: number): number {
  let [low, high] = [0, atMs.length - 1];
  while (low < high) {
    const mid = (low + high + 1) >> 1;
    if (atMs[mid]! <= ms) low = mid;
    else high = mid - 1;
  }
  return low;
}

/** A value of a course at an instant, on a straight line between its samples; before and after them the first and the last. */
export function courseAt(atMs: Float64Array, values: Float64Array, ms: number): number {
  const i = sampleBefore(atMs, ms);
  const [a, b] = [atMs[i]!, atMs[i + 1]];
  if (b === undefined || ms <= a || b <= a) return values[i]!;
  return values[i]! + ((values[i + 1]! - values[i]!) * (ms - a)) / (b - a);
}
