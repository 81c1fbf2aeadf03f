import { buildAnatomy } from '../anatomy.ts';
import type { FigureSpec } from '../spec.ts';
import { steakSpan } from './cut-lines.ts';
import { massAlong } from './mass-along.ts';

/** Steaks of one thickness, counted before the first is cut. Masses in g, of a fish that was gutted. */
export interface SteakPlan {
  /** From the head on. */
  readonly steaksG: readonly number[];
  /** Head and shoulders before the first, and the tail that is too thin to steak. */
  readonly headG: number;
  readonly tailG: number;
}

/**
 * How many steaks of a thickness a fish gives, and what each weighs: its drawn body with an elliptic cross-section, as heavy in all as
 * `massG`. The fins count nothing. `lengthMm`: total length; `thickMm`: of a steak. Throws RangeError for what is not above 0. Of
 * flatfish the cross-section is as wide as they are thick, so that the width cancels out: the shares come from the outline alone.
 */
export function steakPlan(spec: FigureSpec, of: { lengthMm: number; massG: number; thickMm: number }): SteakPlan {
  if (!(of.lengthMm > 0) || !(of.massG > 0) || !(of.thickMm > 0))
    throw new RangeError('steaks: length, mass and thickness are above 0');
  const an = buildAnatomy(spec);
  const along = massAlong(an);
  const upTo = (u: number): number => along.upTo(u) * of.massG;
  const { from, to } = steakSpan(an);
  const step = of.thickMm / of.lengthMm;
  const n = Math.floor((to - from) / step + 1e-9);
  const steaksG = Array.from({ length: n }, (_, i) => upTo(from + (i + 1) * step) - upTo(from + i * step));
  return { steaksG, headG: upTo(from), tailG: of.massG - upTo(from + n * step) };
}
