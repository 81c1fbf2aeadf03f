import { linearRegression } from 'simple-statistics';
import { studentQuantile } from '../stats/index.ts';
import { type Refusal, refuse } from '../result/index.ts';
import type { SpeciesFacts } from '../species/index.ts';

/** One fish that was measured (mm, in the species' first length kind) and weighed whole (g). */
export interface WeighedFish {
  readonly lengthMm: number;
  readonly massG: number;
}

/** How firmly the typical curve is held before any fish was weighed. */
export interface CurvePrior {
  /** How far the fatness of one stock lies from the typical one, sd of ln W at the usual length. */
  readonly levelSd: number;
  /** How far its exponent lies from the typical one, sd. */
  readonly slopeSd: number;
  /** The typical scatter counts as that of so many fish. */
  readonly scatterFish: number;
}

/**
 * Level and exponent are held apart: stocks of one species differ by some 15 in 100 in weight at a length, and by 0.12 in
 * the exponent (the spread of published fits of one species; Froese 2006, figures 6 and 13). Typical.
 */
export const CURVE_PRIOR: CurvePrior = { levelSd: 0.15, slopeSd: 0.12, scatterFish: 10 };
/** A fish grows a little stouter or leaner with length; an exponent beyond this is a mistake in the figures. */
export const B_RANGE = [2.5, 3.5] as const;
/** With fewer fish nothing is said of the exponent of their own. */
const LEAST_FISH = 5;

/** Weight at length of one's own fish, shrunk towards the typical curve. */
export interface LengthWeightFit {
  readonly n: number;
  /** W = a L^b with g and cm, posterior mean; sd of ln W. The same form as a species file's. */
  readonly weight: SpeciesFacts['weight'];
  /** The plain least-squares exponent of these fish alone; null with fewer than five, or with one length only. */
  readonly ownB: number | null;
  /** Weight of one more fish of this length: median, and the range that holds `share` of them. Grams. RangeError for a length of 0 or less. */
  readonly predict: (lengthMm: number, share?: number) => { massG: number; lowG: number; highG: number };
  /** How many standard deviations a weighed fish lies from the curve (Student's t taken to a normal). */
  readonly oddity: (fish: WeighedFish) => number;
  /** Relative condition: weight over the weight expected of its length. */
  readonly condition: (fish: WeighedFish) => number;
}

/**
 * Fits W = a L^b by least squares on logs (g, cm), shrunk towards the typical curve by a normal-inverse-gamma prior about
 * the species' usual length, its level and its exponent each with a width of its own (Gelman et al., Bayesian Data
 * Analysis, 14.8). Every fish must have a length and a weight above 0 (RangeError otherwise). Refuses when the exponent
 * leaves `B_RANGE`, and says why; the typical curve holds then.
 */
export function fitLengthWeight(
  species: Pick<SpeciesFacts, 'weight' | 'usualMm'>,
  fish: readonly WeighedFish[],
  prior: CurvePrior = CURVE_PRIOR,
): ({ readonly ok: true } & LengthWeightFit) | Refusal {
  if (fish.some((f) => !(f.lengthMm > 0 && f.massG > 0)))
    throw new RangeError('fitLengthWeight: every fish needs a length and a weight above 0');
  const centre = Math.log(Math.sqrt(species.usualMm[0] * species.usualMm[1]) / 10);
  const typical = species.weight;
  const m0 = [Math.log(typical.a) + typical.b * centre, typical.b] as const;
  // Precision of the prior in units of the scatter: about the centre level and exponent are independent.
  const p0 = [(typical.sdLog / prior.levelSd) ** 2, (typical.sdLog / prior.slopeSd) ** 2] as const;
  const points = fish.map((f) => ({ x: Math.log(f.lengthMm / 10) - centre, y: Math.log(f.massG) }));
  const n = points.length;
  const sx = points.reduce((s, p) => s + p.x, 0);
  const sxx = points.reduce((s, p) => s + p.x * p.x, 0);
  const sy = points.reduce((s, p) => s + p.y, 0);
  const sxy = points.reduce((s, p) => s + p.x * p.y, 0);
  const q = { a: p0[0] + n, b: sx, d: p0[1] + sxx };
  const det = q.a * q.d - q.b * q.b;
  const r = [p0[0] * m0[0] + sy, p0[1] * m0[1] + sxy] as const;
  const level = (q.d * r[0] - q.b * r[1]) / det;
  const b = (q.a * r[1] - q.b * r[0]) / det;
  const shape = (prior.scatterFish + n) / 2;
  const residual = points.reduce((s, p) => s + (p.y - level - b * p.x) ** 2, 0);
  // Written as a sum of squares, not as a difference of large sums, so that nothing cancels.
  const pull = p0[0] * (level - m0[0]) ** 2 + p0[1] * (b - m0[1]) ** 2;
  const rate = (prior.scatterFish * typical.sdLog ** 2 + residual + pull) / 2;
  const variance = rate / shape;
  const ownB = ownExponent(points);
  if (b < B_RANGE[0] || b > B_RANGE[1])
    return refuse(
      `These ${n} fish would give an exponent of ${b.toFixed(2)}; it lies between ${B_RANGE[0]} and ${B_RANGE[1]} for every fish. One of the lengths, weights or species is wrong: check the fish farthest off.`,
      'fish',
    );
  const at = (lengthMm: number): { x: number; mean: number; scale: number } => {
    if (!(lengthMm > 0)) throw new RangeError(`fitLengthWeight: length must be above 0, was ${lengthMm}`);
    const x = Math.log(lengthMm / 10) - centre;
    const spread = (q.d - 2 * q.b * x + q.a * x * x) / det;
    return { x, mean: level + b * x, scale: Math.sqrt(variance * (1 + spread)) };
  };
  return {
    ok: true,
    n,
    weight: { a: Math.exp(level - b * centre), b, sdLog: Math.sqrt(variance) },
    ownB,
    predict: (lengthMm, share = 0.9) => {
      const { mean, scale } = at(lengthMm);
      const t = studentQuantile(0.5 + share / 2, 2 * shape) * scale;
      return { massG: Math.exp(mean), lowG: Math.exp(mean - t), highG: Math.exp(mean + t) };
    },
    oddity: (f) => {
      const { mean, scale } = at(f.lengthMm);
      return normalOfStudent((Math.log(f.massG) - mean) / scale, 2 * shape);
    },
    condition: (f) => f.massG / Math.exp(at(f.lengthMm).mean),
  };
}

function ownExponent(points: readonly { x: number; y: number }[]): number | null {
  if (points.length < LEAST_FISH) return null;
  // Not by spreading them into Math.max: the stack holds some 120,000 arguments.
  const [least, most] = points.reduce(([lo, hi], p) => [Math.min(lo, p.x), Math.max(hi, p.x)], [Infinity, -Infinity]);
  if (most - least < 0.05) return null;
  return linearRegression(points.map((p) => [p.x, p.y])).m;
}

/** The normal deviate as unlikely as a Student's one (Wallace 1959): large ones shrink, since few fish have long tails. */
const normalOfStudent = (t: number, degrees: number): number =>
  ((Math.sign(t) * (8 * degrees + 1)) / (8 * degrees + 3)) * Math.sqrt(degrees * Math.log1p((t * t) / degrees));
