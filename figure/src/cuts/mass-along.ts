import type { Anatomy } from '../anatomy.ts';
import { L } from '../units.ts';

/** How the mass of a drawn body lies along it, from nose to the root of the tail; places are shares u of the total length. */
export interface MassAlong {
  readonly start: number;
  readonly end: number;
  /** Share of all of it before u, 0 to 1. */
  readonly upTo: (u: number) => number;
  /** Where so much of it lies before: the inverse of `upTo`. */
  readonly at: (share: number) => number;
}

/** Samples of the body along its length: its mass is found by the trapezoid rule, good to a thousandth. */
const SAMPLES = 1200;

/**
 * The mass of a drawn body with an elliptic cross-section, along its length. The fins count nothing. A round fish is as wide as it is deep, in
 * its own proportion, so that its mass goes with the square of its depth; a flatfish is about as thick all over.
 */
export function massAlong({ body, spec }: Pick<Anatomy, 'body' | 'spec'>): MassAlong {
  const start = body.outline.reduce((u, [x]) => Math.min(u, x / L), 1);
  const slab = (body.end - start) / SAMPLES;
  const area = (u: number): number => body.depth(u) ** (spec.plan === 'flat' ? 1 : 2);
  const sums = [0];
  for (let i = 0; i < SAMPLES; i++)
    sums.push(sums[i] + ((area(start + i * slab) + area(start + (i + 1) * slab)) / 2) * slab);
  const all = sums[SAMPLES];
  const upTo = (u: number): number => {
    const k = Math.min(SAMPLES, Math.max(0, (u - start) / slab));
    const i = Math.min(SAMPLES - 1, Math.floor(k));
    return (sums[i] + (sums[i + 1] - sums[i]) * (k - i)) / all;
  };
  const at = (share: number): number => {
    const want = Math.min(1, Math.max(0, share)) * all;
    const i =
      Math.max(
        1,
        sums.findIndex((s) => s >= want),
      ) - 1;
    const wide = sums[i + 1] - sums[i];
    return start + (i + (wide > 0 ? (want - sums[i]) / wide : 0)) * slab;
  };
  return { start, end: body.end, upTo, at };
}
