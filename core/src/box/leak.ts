import type { BoxSample } from './box-types.ts';
import { type IceFinding, likelihood } from './seen.ts';
import { ICE, type Leak } from './walls.ts';

/** What melts the ice of one filling of a box, whatever its walls: samples of `runBox` with `iceForEver`. */
export interface Melting {
  readonly samples: readonly Pick<BoxSample, 'atMs' | 'degreeS' | 'otherJ' | 'addedKg'>[];
  /** When water was let out, epoch ms. */
  readonly drainedMs: readonly number[];
  /** What was found out about the ice, in any order. */
  readonly found: readonly IceFinding[];
}

/** Ice that was put in at first: `kg`, and how sure, 1 sd. */
export interface FirstIce {
  readonly kg: number;
  readonly sdKg: number;
}

/** Grid points of the leak and of the first ice: enough that an interval is good to a tenth of its width. */
const [LEAKS, ICES] = [49, 21];
/** The grid reaches so many deviations to each side. */
const REACH = 3.5;

/** A trial that has less of the whole weight than this moves no interval. */
const NEGLIGIBLE = 1e-4;

/** Leaks that are tried of a box, W/K, evenly on the logarithm round what is usual for it. */
export function leakGrid(usual: Leak): Float64Array {
  return Float64Array.from(
    { length: LEAKS },
    (_, i) => usual.uaWK * Math.exp(usual.sdLn * REACH * ((2 * i) / (LEAKS - 1) - 1)),
  );
}

/** How likely each leak of the grid is by what the box usually is; sums to 1. */
export function usualWeights(): Float64Array {
  const w = Float64Array.from({ length: LEAKS }, (_, i) => Math.exp(-((REACH * ((2 * i) / (LEAKS - 1) - 1)) ** 2) / 2));
  return normalised(w);
}

/** The weights of a leak that is known (of a melt test) on the grid of another. */
export function weightsOf(grid: Float64Array, leak: Leak): Float64Array {
  return normalised(grid.map((ua) => Math.exp(-((Math.log(ua / leak.uaWK) / leak.sdLn) ** 2) / 2) + 1e-12));
}

/** Two things known of one leak. */
export const together = (a: Float64Array, b: Float64Array): Float64Array => normalised(a.map((v, i) => v * b[i]!));

function normalised(w: Float64Array): Float64Array {
  const sum = w.reduce((a, b) => a + b, 0);
  return sum > 0 ? w.map((v) => v / sum) : w.fill(1 / w.length);
}

function icePoints(first: FirstIce): { kg: Float64Array; weight: Float64Array } {
  const z = Float64Array.from({ length: ICES }, (_, i) => (ICES === 1 ? 0 : 3 * ((2 * i) / (ICES - 1) - 1)));
  const kg = z.map((v) => Math.max(0, first.kg + v * first.sdKg));
  return { kg, weight: normalised(z.map((v) => Math.exp(-(v * v) / 2))) };
}

/**
 * Ice at the samples for one leak and one first ice, kg: melted by what came in, none below none. `mostKg`: the most so far.
 * `waterKg`: melted since it was last let out.
 */
function walk(
  m: Melting,
  uaWK: number,
  firstKg: number,
  seen: (k: number, iceKg: number, mostKg: number, waterKg: number) => void,
): void {
  let [ice, most, water] = [firstKg, firstKg, 0];
  let before = m.samples[0];
  let drains = 0;
  m.samples.forEach((s, k) => {
    if (before && k > 0) {
      const j = uaWK * (s.degreeS - before.degreeS) + (s.otherJ - before.otherJ);
      const melted = Math.min(ice, Math.max(0, j / ICE.fusionJ));
      ice = Math.max(0, ice - melted) + (s.addedKg - before.addedKg);
      water += melted;
      most = Math.max(most, ice);
    } else if (before) {
      // What warms it before the first step melts it too.
      ice = Math.max(0, ice - before.otherJ / ICE.fusionJ);
    }
    before = s;
    seen(k, ice, most, water);
    while (drains < m.drainedMs.length && m.drainedMs[drains]! <= s.atMs) {
      water = 0;
      drains++;
    }
  });
}

/** The sample at or before an instant; -1 when all are later. */
const sampleAt = (samples: Melting['samples'], ms: number): number => {
  let k = -1;
  for (const [i, s] of samples.entries()) if (s.atMs <= ms) k = i;
  return k;
};

/** A finding tied to the sample that it is compared with. */
function placed(m: Melting): Map<number, IceFinding[]> {
  const at = new Map<number, IceFinding[]>();
  for (const f of m.found) {
    const k = sampleAt(m.samples, f.atMs);
    if (k >= 0) at.set(k, [...(at.get(k) ?? []), f]);
  }
  return at;
}

/** How likely what was found is for one leak and one first ice. */
function likely(m: Melting, at: ReadonlyMap<number, readonly IceFinding[]>, uaWK: number, firstKg: number): number {
  let p = 1;
  walk(m, uaWK, firstKg, (k, ice, most, water) => {
    for (const f of at.get(k) ?? []) p *= likelihood(f, ice, most, water);
  });
  return p;
}

/** How likely each leak of the grid makes what was found in one filling, whatever its first ice was. All 1 where nothing was found. */
export function leakLikelihood(m: Melting, grid: Float64Array, first: FirstIce): Float64Array {
  if (m.found.length === 0) return new Float64Array(grid.length).fill(1);
  const [at, { kg, weight }] = [placed(m), icePoints(first)];
  return grid.map((ua) => kg.reduce((sum, v, i) => sum + weight[i]! * likely(m, at, ua, v), 0));
}

/** Mean of the logarithm and its deviation: what is known of a leak, W/K. `low`, `high`: nineteen in twenty lie between. */
export interface LeakKnown extends Leak {
  readonly low: number;
  readonly high: number;
}

/** What is known of a leak from the weights over its grid, W/K: middle, spread of its logarithm, and the range of 95 %. */
export function leakKnown(grid: Float64Array, weights: Float64Array): LeakKnown {
  const ln = grid.map(Math.log);
  const mean = weights.reduce((s, w, i) => s + w * ln[i]!, 0);
  const sd = Math.sqrt(weights.reduce((s, w, i) => s + w * (ln[i]! - mean) ** 2, 0));
  const [low, high] = [0.025, 0.975].map((p) => Math.exp(quantile(ln, weights, p))) as [number, number];
  return { uaWK: Math.exp(mean), sdLn: sd, low, high };
}

/** Value below which a share of the weight lies; the points grow; between two on a straight line of the summed weight. */
function quantile(points: Float64Array, weights: Float64Array, p: number): number {
  let sum = 0;
  for (let i = 0; i < points.length; i++) {
    const next = sum + weights[i]!;
    if (next >= p) {
      // Each point stands for half the way to its neighbours.
      const left = i > 0 ? (points[i - 1]! + points[i]!) / 2 : points[i]!;
      const right = i < points.length - 1 ? (points[i]! + points[i + 1]!) / 2 : points[i]!;
      return left + ((right - left) * (p - sum)) / (weights[i]! || 1);
    }
    sum = next;
  }
  return points[points.length - 1]!;
}

/** What is known of a filling after all that was found: every leak and first ice that may be, each with its weight. */
export interface IcePosterior {
  readonly leak: LeakKnown;
  /** The first ice, the mean of what is known, kg. */
  readonly firstKg: number;
  readonly trials: readonly { readonly uaWK: number; readonly kg: number; readonly w: number }[];
}

/** Weighs every leak and first ice by what was found (Bayes on a grid). `weights`: what is known of the leak from elsewhere, on `grid`. */
export function icePosterior(m: Melting, grid: Float64Array, weights: Float64Array, first: FirstIce): IcePosterior {
  const [at, ices] = [placed(m), icePoints(first)];
  const leakW = new Float64Array(grid.length);
  const trials: { uaWK: number; kg: number; w: number }[] = [];
  let [total, firstKg] = [0, 0];
  for (const [g, uaWK] of grid.entries()) {
    if (weights[g]! < NEGLIGIBLE / 100) continue;
    for (const [i, kg] of ices.kg.entries()) {
      const w = weights[g]! * ices.weight[i]! * (at.size > 0 ? likely(m, at, uaWK, kg) : 1);
      trials.push({ uaWK, kg, w });
      leakW[g]! += w;
      total += w;
      firstKg += w * kg;
    }
  }
  return {
    leak: leakKnown(grid, normalised(leakW)),
    firstKg: firstKg / total,
    trials: trials.map((t) => ({ ...t, w: t.w / total })).filter((t) => t.w > NEGLIGIBLE),
  };
}

/** Ice at the samples of a filling for one leak and one first ice, kg. */
export function iceWith(m: Melting, uaWK: number, firstKg: number): Float64Array {
  const ice = new Float64Array(m.samples.length);
  walk(m, uaWK, firstKg, (k, left) => void (ice[k] = left));
  return ice;
}

/** The ice of a filling at its samples: the middle and nineteen in twenty, kg. */
export interface IceBand {
  readonly midKg: Float64Array;
  readonly lowKg: Float64Array;
  readonly highKg: Float64Array;
  /** When it is gone: early (one in forty), middle, late; null where it is not within the samples. */
  readonly gone: { readonly early: number | null; readonly middle: number | null; readonly late: number | null };
}

/** How sure the ice of a filling is, from all that it may be. */
export function iceBand(m: Melting, posterior: IcePosterior): IceBand {
  const n = m.samples.length;
  const tried = posterior.trials.map((t) => {
    const ice = iceWith(m, t.uaWK, t.kg);
    const lastWith = ice.findLastIndex((v) => v > 0);
    const goneMs = lastWith === n - 1 ? Number.POSITIVE_INFINITY : goneAt(m, ice, lastWith, t.uaWK);
    return { w: t.w, ice, goneMs };
  });
  /** Weighted quantiles of what each trial says. */
  const among = (say: (x: (typeof tried)[number]) => number, ps: readonly number[]): number[] => {
    const order = tried.map((x) => ({ v: say(x), w: x.w })).sort((a, b) => a.v - b.v);
    let [sum, i] = [0, 0];
    return ps.map((p) => {
      while (i < order.length - 1 && sum + order[i]!.w < p) sum += order[i++]!.w;
      return order[i]?.v ?? 0;
    });
  };
  const [midKg, lowKg, highKg] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  // Ice lies on a smooth curve: reckoned at every few samples, and straight between.
  const at = placed(m);
  const every = Math.max(1, Math.floor(n / 40));
  for (let k = 0; k < n; k++) {
    if (k % every !== 0 && k !== n - 1 && !at.has(k)) continue;
    [lowKg[k], midKg[k], highKg[k]] = among((x) => x.ice[k]!, [0.025, 0.5, 0.975]) as [number, number, number];
  }
  if (every > 1) between([midKg, lowKg, highKg], n, every, at);
  const [early, middle, late] = among((x) => x.goneMs, [0.025, 0.5, 0.975]);
  const known = (ms: number | undefined): number | null => (ms !== undefined && Number.isFinite(ms) ? ms : null);
  return { midKg, lowKg, highKg, gone: { early: known(early), middle: known(middle), late: known(late) } };
}

/** Fills what was not reckoned, on straight lines. */
function between(list: readonly Float64Array[], n: number, every: number, at: ReadonlyMap<number, unknown>): void {
  let before = 0;
  for (let k = 1; k < n; k++) {
    if (k % every !== 0 && k !== n - 1 && !at.has(k)) continue;
    for (const v of list)
      for (let i = before + 1; i < k; i++) v[i] = v[before]! + ((v[k]! - v[before]!) * (i - before)) / (k - before);
    before = k;
  }
}

/** When the last of it melts, between two samples. */
function goneAt(m: Melting, ice: Float64Array, k: number, uaWK: number): number {
  const [a, b] = [m.samples[Math.max(0, k)]!, m.samples[k + 1]!];
  if (k < 0) return a.atMs;
  const j = uaWK * (b.degreeS - a.degreeS) + (b.otherJ - a.otherJ);
  const share = j > 0 ? Math.min(1, (ice[k]! * ICE.fusionJ) / j) : 1;
  return a.atMs + share * (b.atMs - a.atMs);
}
