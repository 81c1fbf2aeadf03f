import type { Cooking } from './reckon-cooking.ts';

/** A probe in the middle read so, so long after it was laid in. */
export interface ProbeReading {
  readonly atS: number;
  readonly c: number;
}

/** What the readings make of the estimate. */
export interface ByProbe {
  /** It cooks so many times slower than reckoned. */
  readonly slower: number;
  readonly pullS: number;
  readonly lowS: number;
  readonly highS: number;
  /** Later than reckoned, s; earlier below nought. */
  readonly laterS: number;
  /** Readings that were left out, and why. */
  readonly refused: readonly { readonly atS: number; readonly why: string }[];
  readonly used: number;
}

/** What a household probe errs by, and the place of its tip, degC and shares of what the middle rose. */
const [PROBE_SD_C, PLACE_SD] = [0.7, 0.04];
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
 * The estimate corrected by a probe. One unknown, how much slower than reckoned the middle warms, as its logarithm: what was reckoned is
 * one witness with the width of its band, each reading another; they are weighed by their widths. A reading that cannot be is left out.
 * `course`: of a piece that stays in, so that it goes on beyond the pull.
 */
export function byProbe(
  cooking: Cooking,
  course: Pick<Cooking['course'], 'atS' | 'coreC'>,
  readings: readonly ProbeReading[],
): ByProbe {
  const { pulledS, pulledC } = cooking.course;
  const sd0 = Math.log(cooking.highS / pulledS) / NINE_IN_TEN;
  let [mean, weight] = [0, 1 / Math.max(1e-4, sd0 ** 2)];
  const refused: { atS: number; why: string }[] = [];
  let used = 0;
  let last: ProbeReading | null = null;
  // A probe reads every few seconds, and what is off in one is off in all: their weight is that of a few.
  for (const r of [...readings].sort((a, b) => a.atS - b.atS)) {
    if (!(r.atS > 0) || !Number.isFinite(r.c) || r.c < -30 || r.c > 120) {
      refused.push({ atS: r.atS, why: 'that is no reading of a middle' });
      continue;
    }
    if (last && Math.abs(r.c - last.c) > MOST_KS * (r.atS - last.atS) + 3) {
      refused.push({ atS: r.atS, why: 'it jumped: is the tip in the middle?' });
      continue;
    }
    const at = whenAt(course, r.c);
    const [c, k] = slopeAt(course, r.atS / Math.exp(mean));
    // So flat it says nothing of the time.
    if (at === null || at < 1 || k < 1e-3) {
      if (Math.abs(r.c - c) > FAR_SD * 3)
        refused.push({ atS: r.atS, why: 'it is far from all that is likely: is the tip in the middle?' });
      continue;
    }
    const says = Math.log(r.atS / at);
    const sdC = Math.hypot(PROBE_SD_C, PLACE_SD * Math.abs(r.c - course.coreC[0]!));
    const sd = Math.max(0.03, sdC / (k * r.atS));
    const off = Math.abs(says - mean) / Math.hypot(sd, 1 / Math.sqrt(weight), sd0);
    if (off > FAR_SD) {
      refused.push({ atS: r.atS, why: 'it is far from all that is likely: is the tip in the middle?' });
      continue;
    }
    last = r;
    used++;
    const w = 1 / sd ** 2;
    mean = (mean * weight + says * w) / (weight + w);
    weight += w;
  }
  const slower = Math.exp(mean);
  const half = NINE_IN_TEN / Math.sqrt(weight);
  const at = whenAt(course, pulledC) ?? pulledS;
  return {
    slower,
    pullS: at * slower,
    lowS: at * slower * Math.exp(-half),
    highS: at * slower * Math.exp(half),
    laterS: at * slower - pulledS,
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
