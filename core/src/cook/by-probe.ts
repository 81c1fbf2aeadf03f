import type { Cooking } from './reckon-cooking.ts';

/** A probe in the middle read so, so long after it was laid in. */
export interface ProbeReading {
  readonly atS: number;
  readonly c: number;
}

/** A reading that was left out. `index`: which, in the order in which they were given. */
export interface Refused {
  readonly index: number;
  readonly atS: number;
  readonly why: string;
}

/** What the readings make of the estimate. */
export interface ByProbe {
  /** It cooks so many times slower than reckoned. */
  readonly slower: number;
  /** When it is taken out of its own fire, since it was laid in the first. */
  readonly pullS: number;
  readonly lowS: number;
  readonly highS: number;
  /** Later than reckoned, s; earlier below nought. */
  readonly laterS: number;
  /** Readings that were left out, and why. */
  readonly refused: readonly Refused[];
  readonly used: number;
}

/**
 * What a household probe errs by, and the place of its tip, degC and share of what the middle rose, 1 sd: the same in every reading of
 * one piece, so that many readings do not take it away. Our own assumption.
 */
const [PROBE_SD_C, PLACE_SD] = [0.7, 0.04];
/** What one reading differs by from the next, degC, 1 sd: digits, and a hand that moves. Our own assumption. */
const READING_SD_C = 0.3;
/** The reckoned curve is not the piece's own, whatever is read: share of the time, 1 sd. Our own assumption. */
const MODEL_SD = 0.03;
const NINE_IN_TEN = 1.645;
/** A middle that warms faster than this was touched by something else, K/s: a probe drawn out, or in the pan. */
const MOST_KS = 0.5;
/** A reading so far off all that is likely is none, standard deviations. */
const FAR_SD = 5;

/** When the reckoned middle comes to `c` on its way up, s; null when it does not before the end. */
function whenAt(
  { atS, coreC }: { readonly atS: readonly number[]; readonly coreC: readonly number[] },
  c: number,
): number | null {
  for (let i = 1; i < atS.length; i++) {
    const [a, b] = [coreC[i - 1]!, coreC[i]!];
    if (a <= c && c < b) return atS[i - 1]! + ((c - a) / (b - a)) * (atS[i]! - atS[i - 1]!);
  }
  return null;
}

/** The reckoned middle, degC, and how fast it warms, K/s. */
function slopeAt(
  { atS, coreC }: { readonly atS: readonly number[]; readonly coreC: readonly number[] },
  s: number,
): [number, number] {
  let i = 1;
  while (i < atS.length - 1 && atS[i]! < s) i++;
  const span = Math.max(1e-6, atS[i]! - atS[i - 1]!);
  const k = (coreC[i]! - coreC[i - 1]!) / span;
  return [coreC[i - 1]! + k * (s - atS[i - 1]!), k];
}

/**
 * The estimate corrected by a probe. The unknown is how much slower than reckoned the middle warms, as its logarithm; it begins with the
 * width of the band. What a probe and the place of its tip err by is shared by all readings and is not learned from them (a filter that
 * considers it: Schmidt 1966), so that the band of many readings is hardly narrower than that of a few. A reading that cannot be is left
 * out. `course`: of a piece that stays in, so that it goes on beyond the pull.
 */
export function byProbe(
  cooking: Cooking,
  course: Pick<Cooking['course'], 'atS' | 'coreC'>,
  readings: readonly ProbeReading[],
): ByProbe {
  const { pulledS, outS, outC } = cooking.course;
  const sd0 = Math.log(cooking.highS / pulledS) / NINE_IN_TEN;
  let mean = 0;
  // Variance of the logarithm, and its covariance with the shared error, which is of one standard deviation.
  let [variance, shared] = [Math.max(1e-4, sd0 ** 2), 0];
  const refused: Refused[] = [];
  let used = 0;
  let last: ProbeReading | null = null;
  const inTurn = readings.map((r, index) => ({ ...r, index })).sort((a, b) => a.atS - b.atS);
  for (const r of inTurn) {
    const refuse = (why: string): void => void refused.push({ index: r.index, atS: r.atS, why });
    if (!(r.atS > 0) || !Number.isFinite(r.c) || r.c < -30 || r.c > 120) {
      refuse('that is no reading of a middle');
      continue;
    }
    if (last && Math.abs(r.c - last.c) > MOST_KS * (r.atS - last.atS) + 3) {
      refuse('it jumped. Is the tip in the middle?');
      continue;
    }
    const at = whenAt(course, r.c);
    const [c, k] = slopeAt(course, r.atS / Math.exp(mean));
    // So flat it says nothing of the time.
    if (at === null || at < 1 || k < 1e-3) {
      if (Math.abs(r.c - c) > FAR_SD * 3) refuse('it is very unlikely. Is the tip in the middle?');
      continue;
    }
    const says = Math.log(r.atS / at);
    // Errors of a temperature, as errors of the logarithm of a time.
    const g = Math.hypot(PROBE_SD_C, PLACE_SD * Math.abs(r.c - course.coreC[0]!)) / (k * r.atS);
    const noise = READING_SD_C / (k * r.atS);
    if (Math.abs(says - mean) / Math.hypot(g, noise, MODEL_SD, Math.sqrt(variance), sd0) > FAR_SD) {
      refuse('it is very unlikely. Is the tip in the middle?');
      continue;
    }
    last = r;
    used++;
    const all = variance + 2 * g * shared + g ** 2 + noise ** 2;
    const gain = Math.max(0, (variance + g * shared) / all);
    mean += gain * (says - mean);
    variance = (1 - gain) ** 2 * variance - 2 * (1 - gain) * gain * g * shared + gain ** 2 * (g ** 2 + noise ** 2);
    shared = (1 - gain) * shared - gain * g;
  }
  const slower = Math.exp(mean);
  const half = NINE_IN_TEN * Math.hypot(Math.sqrt(variance), used > 0 ? MODEL_SD : 0);
  const at = whenAt(course, outC) ?? outS;
  return {
    slower,
    pullS: at * slower,
    lowS: at * slower * Math.exp(-half),
    highS: at * slower * Math.exp(half),
    laterS: at * slower - outS,
    refused,
    used,
  };
}

/**
 * What the simulated probe reads: the reckoned middle as it would warm `slower` times as slowly, with a steady wander of a few tenths.
 * `seed`: of the piece, so that it reads the same again.
 */
export function simulatedProbe(
  course: Pick<Cooking['course'], 'atS' | 'coreC'>,
  atS: number,
  slower: number,
  seed: number,
): number {
  const [c] = slopeAt(course, Math.min(atS / slower, course.atS.at(-1)!));
  return Math.round((c + 0.3 * Math.sin(seed + atS / 17)) * 10) / 10;
}
