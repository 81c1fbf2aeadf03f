/** The shapes of which the exact answer is known. */
export type ExactShape = 'slab' | 'cylinder' | 'sphere';

/** So many terms: at Fo 0.02 the last of them has long died. */
const TERMS = 16;
const SCAN = 0.05;
/** Points of the integral below; it is periodic, so that it converges faster than any power. */
const POINTS = 120;

/** Bessel function of the first kind, order 0 or 1 (Bessel's integral). */
export function bessel(order: 0 | 1, x: number): number {
  let sum = 0;
  for (let i = 0; i < POINTS; i++) {
    const t = (Math.PI * (i + 0.5)) / POINTS;
    sum += Math.cos(order * t - x * Math.sin(t));
  }
  return sum / POINTS;
}

/** Zero at the eigenvalues of a shape at a Biot number, without poles. */
const characteristic: Readonly<Record<ExactShape, (m: number, bi: number) => number>> = {
  slab: (m, bi) => m * Math.sin(m) - bi * Math.cos(m),
  cylinder: (m, bi) => m * bessel(1, m) - bi * bessel(0, m),
  sphere: (m, bi) => (1 - bi) * Math.sin(m) - m * Math.cos(m),
};

/** The first eigenvalues, by scanning and halving. */
function eigenvalues(shape: ExactShape, bi: number): number[] {
  const f = (m: number): number => characteristic[shape](m, bi);
  const found: number[] = [];
  // A sphere's function is 0 at 0, which is none of them.
  for (let a = SCAN / 2; found.length < TERMS; a += SCAN) {
    let [low, high] = [a, a + SCAN];
    if (f(low) > 0 === f(high) > 0) continue;
    for (let i = 0; i < 60; i++) {
      const mid = (low + high) / 2;
      if (f(mid) > 0 === f(low) > 0) low = mid;
      else high = mid;
    }
    found.push((low + high) / 2);
  }
  return found;
}

const term: Readonly<Record<ExactShape, (m: number, x: number) => number>> = {
  slab: (m, x) => ((4 * Math.sin(m)) / (2 * m + Math.sin(2 * m))) * Math.cos(m * x),
  cylinder: (m, x) => {
    const [j0, j1] = [bessel(0, m), bessel(1, m)];
    return ((2 * j1) / (m * (j0 * j0 + j1 * j1))) * bessel(0, m * x);
  },
  sphere: (m, x) =>
    ((4 * (Math.sin(m) - m * Math.cos(m))) / (2 * m - Math.sin(2 * m))) * (x === 0 ? 1 : Math.sin(m * x) / (m * x)),
};

/**
 * What is left of a step in the medium's temperature, 1 to 0: the exact series of a body without freezing (Carslaw and Jaeger).
 * `bi`: h R/k. `x`: share of the way from the middle to the surface. `fo`: alpha t/R2, one answer for each.
 */
export function exactLeft(shape: ExactShape, bi: number, x: number, fo: readonly number[]): number[] {
  const m = eigenvalues(shape, bi);
  const c = m.map((v) => term[shape](v, x));
  return fo.map((f) => m.reduce((sum, v, i) => sum + c[i]! * Math.exp(-v * v * f), 0));
}
