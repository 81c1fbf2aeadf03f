import { buildAnatomy } from '../anatomy.ts';
import type { FigureSpec } from '../spec.ts';
import { L } from '../units.ts';
import { steakSpan } from './cut-lines.ts';

/** Steaks of one thickness, counted before the first is cut. Masses in g, of a fish that was gutted. */
export interface SteakPlan {
  /** From the head on. */
  readonly steaksG: readonly number[];
  /** Head and shoulders before the first, and the tail that is too thin to steak. */
  readonly headG: number;
  readonly tailG: number;
}

/** Samples of the body along its length: its mass is found by the trapezoid rule, good to a thousandth. */
const SAMPLES = 1200;

/**
 * How many steaks of a thickness a fish gives, and what each weighs: its drawn body with an elliptic cross-section, as heavy in all as
 * `massG`. The fins count nothing. `lengthMm`: total length; `thickMm`: of a steak. Throws RangeError for what is not above 0. Of
 * flatfish the cross-section is as wide as they are thick, so that the width cancels out: the shares come from the outline alone.
 */
export function steakPlan(spec: FigureSpec, of: { lengthMm: number; massG: number; thickMm: number }): SteakPlan {
  if (!(of.lengthMm > 0) || !(of.massG > 0) || !(of.thickMm > 0))
    throw new RangeError('steaks: length, mass and thickness are above 0');
  const an = buildAnatomy(spec);
  const { body } = an;
  const start = body.outline.reduce((u, [x]) => Math.min(u, x / L), 1);
  const slab = (body.end - start) / SAMPLES;
  // Depth times width, and width goes with depth: the square of the depth; a flatfish is about as thick all over.
  const area = (u: number): number => body.depth(u) ** (spec.plan === 'flat' ? 1 : 2);
  const sums = [0];
  for (let i = 0; i < SAMPLES; i++)
    sums.push(sums[i] + ((area(start + i * slab) + area(start + (i + 1) * slab)) / 2) * slab);
  const upTo = (u: number): number => {
    const k = Math.min(SAMPLES, Math.max(0, (u - start) / slab));
    const i = Math.min(SAMPLES - 1, Math.floor(k));
    return ((sums[i] + (sums[i + 1] - sums[i]) * (k - i)) / sums[SAMPLES]) * of.massG;
  };
  const { from, to } = steakSpan(an);
  const step = of.thickMm / of.lengthMm;
  const n = Math.floor((to - from) / step + 1e-9);
  const steaksG = Array.from({ length: n }, (_, i) => upTo(from + (i + 1) * step) - upTo(from + i * step));
  return { steaksG, headG: upTo(from), tailG: of.massG - upTo(from + n * step) };
}
