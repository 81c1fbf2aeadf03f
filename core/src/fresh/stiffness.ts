import { courseAt, type FleshCourse, sampleBefore } from '../heat/index.ts';

/**
 * Rigor: typical onset 1 to 10 h after death, passing after 20 to 60 h on ice (docs/domain.md, section 7); sooner when warm or small.
 * Middles for 1 kg on ice, h; how they grow with mass; how many degrees double the speed; how far one fish is from another.
 */
const SETS = { hours: 5, power: 0.25, doublesK: 10, low: 0.45, high: 1.8 } as const;
const PASSES = { hours: 36, power: 0.15, doublesK: 12, low: 0.6, high: 1.6 } as const;
/** A wire down the spine puts it off. */
const WIRED = 1.8;

/** A window, epoch ms: not before `early`, most likely `middle`, surely by `late`. */
export interface Window {
  readonly early: number;
  readonly middle: number;
  readonly late: number;
}

/** When a fish becomes stiff, and when it has passed. */
export interface Stiffness {
  readonly sets: Window;
  readonly passes: Window;
}
/** In the order of time; a name stands in the log for ever. */
export const STIFF_STATES = ['not yet', 'setting in', 'stiff', 'passing', 'passed'] as const;
export type StiffNow = (typeof STIFF_STATES)[number];

const HOUR_MS = 3_600_000;
/** Nobody reckons further than so far, h. */
const MOST_H = 24 * 14;

/** When so many hours on ice have gone by at the speed that its warmth gives it. */
function after(course: FleshCourse, fromMs: number, hours: number, doublesK: number): number {
  const { atMs, meanC } = course;
  const speed = (c: number): number => 2 ** (Math.max(0, c) / doublesK);
  let [gone, at] = [0, fromMs];
  for (let i = sampleBefore(atMs, fromMs) + 1; ; i++) {
    const end = atMs[i] ?? fromMs + MOST_H * HOUR_MS;
    const v = (speed(courseAt(atMs, meanC, at)) + speed(courseAt(atMs, meanC, end))) / 2;
    const more = ((end - at) / HOUR_MS) * v;
    if (gone + more >= hours || atMs[i] === undefined) return at + ((hours - gone) / v) * HOUR_MS;
    gone += more;
    at = end;
  }
}

/** When a fish of so many grams, dead at `deathMs`, sets in and passes, by how warm it was. `wired`: a wire was run down its spine. */
export function stiffness(course: FleshCourse, deathMs: number, massG: number, wired = false): Stiffness {
  const kg = Math.max(0.05, massG / 1000);
  const of = (p: typeof SETS | typeof PASSES): Window => {
    const hours = p.hours * kg ** p.power * (wired ? WIRED : 1);
    const at = (share: number): number => after(course, deathMs, hours * share, p.doublesK);
    return { early: at(p.low), middle: at(1), late: at(p.high) };
  };
  return { sets: of(SETS), passes: of(PASSES) };
}

/** What it is at an instant, most likely. */
export function stiffAt({ sets, passes }: Stiffness, ms: number): StiffNow {
  if (ms < sets.early) return 'not yet';
  if (ms < Math.min(sets.middle, passes.early)) return 'setting in';
  if (ms < passes.early) return 'stiff';
  return ms < passes.middle ? 'passing' : 'passed';
}
