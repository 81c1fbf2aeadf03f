import type { Fire } from './fire.ts';
import { type Cooked, FleshInFire, type Fineness, USUAL } from './flesh-in-fire.ts';

/** One fire of a row. Between it and the one that goes on until the fish is done it lies so long where the earlier fire rests it, s. */
export interface Stage {
  readonly fire: Fire;
  readonly seconds: number;
  readonly waitS: number;
}

/** The fires around the one that goes on until the fish is done: each as long as it is set to. */
export interface Around {
  readonly before: readonly Stage[];
  readonly after: readonly Stage[];
  /** The fire in the middle is that of the stage before it, as warm as it is by then: a lid on, the flame off. */
  readonly sameBath: boolean;
}
export const ALONE: Around = { before: [], after: [], sameBath: false };

/** What became of it. `atS` since it was laid in; its middle, where that is coldest, and the bath, degC. */
export interface Course {
  readonly atS: readonly number[];
  readonly coreC: readonly number[];
  readonly bathC: readonly number[];
  /** The fire that goes on until it is done: from, to, its middle as it is taken out of that, and its bath at first, at its coldest and at last. */
  readonly inS: number;
  readonly outS: number;
  readonly outC: number;
  readonly bathStartC: number;
  readonly bathLowC: number;
  readonly bathEndC: number;
  /** It leaves the last fire. */
  readonly pulledS: number;
  readonly pulledC: number;
  readonly peakS: number;
  readonly peakC: number;
}

/**
 * A piece through its fire for `seconds`, and those around it, then at rest until its middle has been at its warmest. The bath is cooled by
 * what goes in, in stretches of some seconds; a surface that boils gets no hotter.
 */
export function cookThrough(
  what: Cooked,
  fire: Fire,
  seconds: number,
  fineness: Fineness = USUAL,
  { before, after, sameBath }: Around = ALONE,
): Course {
  const flesh = new FleshInFire(what, before[0]?.fire ?? fire, fineness);
  for (const s of before) {
    flesh.cook(s.fire, s.seconds);
    flesh.wait(s.fire.rest, s.waitS);
  }
  const inS = flesh.at;
  const bath = flesh.cook(fire, seconds, sameBath);
  const [outS, outC] = [flesh.at, flesh.middleC];
  let last = fire;
  for (const s of after) {
    flesh.wait(last.rest, s.waitS);
    flesh.cook(s.fire, s.seconds);
    last = s.fire;
  }
  const [pulledS, pulledC] = [flesh.at, flesh.middleC];
  const peak = flesh.rest(last.rest, fire.restMostS);
  const { atS, coreC, bathC } = flesh;
  return {
    atS,
    coreC,
    bathC,
    inS,
    outS,
    outC,
    ...bath,
    pulledS,
    pulledC,
    peakS: atS[peak]!,
    peakC: coreC[peak]!,
  };
}

/** What the middle comes to, as far as that may be counted on: its peak, but no further above its pull than it may coast, degC. */
export const reachedC = ({ pulledC, peakC }: Course, { coastMostK = Infinity }: Fire): number =>
  Math.min(peakC, pulledC + coastMostK);

/** Longer nothing is cooked, s. */
export const MOST_COOK_S = 4 * 3600;
/** The time is found to so many seconds, or the middle to so many degrees. */
const [TO_S, TO_K] = [1, 0.02];
/** A bath that gives no more in so much more time does not get there, K. */
const NO_MORE_K = 0.05;

/**
 * How long it stays in its fire so that its middle comes to `toC` there or, as far as it may coast, at rest; null where it never does. The
 * longer it stays the warmer it gets: the time is bracketed from `guessS` on, then found by false position (Illinois). Where the fires
 * around it do that alone it is in its own for a second or two.
 */
export function cookUntil(
  what: Cooked,
  fire: Fire,
  toC: number,
  fineness: Fineness = USUAL,
  guessS = 240,
  around: Around = ALONE,
): Course | null {
  const after = (s: number): Course => cookThrough(what, fire, s, fineness, around);
  const reached = (c: Course): number => reachedC(c, fire);
  const stays = (c: Course): number => c.outS - c.inS;
  let high = after(guessS);
  let low: Course | null = null;
  while (reached(high) < toC) {
    const s = stays(high) * 1.8;
    if (s > MOST_COOK_S) return null;
    const next = after(s);
    if (s > 1800 && reached(next) < toC && reached(next) - reached(high) < NO_MORE_K) return null;
    [low, high] = [high, next];
  }
  for (let s = guessS / 1.8; low === null; s /= 1.8) {
    const next = after(s);
    if (reached(next) < toC) low = next;
    else if (s < 2) return next;
    else high = next;
  }
  let [a, fa, b, fb] = [stays(low), reached(low) - toC, stays(high), reached(high) - toC];
  let best = high;
  for (let i = 0; i < 40 && b - a > TO_S && reached(best) - toC > TO_K; i++) {
    const s = Math.min(b - TO_S / 4, Math.max(a + TO_S / 4, (a * fb - b * fa) / (fb - fa)));
    const next = after(s);
    const f = reached(next) - toC;
    if (f >= 0) {
      [b, fb, best] = [s, f, next];
      fa /= 2;
    } else {
      [a, fa] = [s, f];
      fb /= 2;
    }
  }
  return best;
}
