/** Solves `a x = b` for a symmetric, positive definite `a`, by Cholesky. */
function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = b.length;
  const l = a.map((row) => [...row]);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]![j]!;
      for (let k = 0; k < j; k++) sum -= l[i]![k]! * l[j]![k]!;
      l[i]![j] = i === j ? Math.sqrt(sum) : sum / l[j]![j]!;
    }
  const x = [...b];
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= l[i]![k]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= l[k]![i]! * x[k]!;
    x[i]! /= l[i]![i]!;
  }
  return x;
}

/** What an observation hangs on: a term by its name, its weight, and the variance of the term's prior. */
export type Term = readonly [name: string, weight: number, priorVariance: number];

/**
 * A linear regression with normal priors around 0 and an inverse-gamma scatter: conjugate, so that the posterior is exact, and any sum
 * of terms follows a Student t. Terms come into being as they are met. Source: Gelman et al., Bayesian Data Analysis, ch. 14.
 */
export class ConjugateRegression {
  private readonly index = new Map<string, number>();
  private readonly precision: number[][] = [];
  private readonly moment: number[] = [];
  private squares = 0;
  private n = 0;
  private settled: readonly number[] | null = null;

  /** `scatter`: variance of one observation expected beforehand; `shape`: its weight, half of its degrees of freedom, above 1. */
  constructor(
    private readonly scatter: number,
    private readonly shape: number,
  ) {}

  /** Makes a term that no observation need name. */
  place(name: string, priorVariance: number): number {
    const known = this.index.get(name);
    if (known !== undefined) return known;
    const i = this.moment.length;
    this.index.set(name, i);
    for (const row of this.precision) row.push(0);
    this.precision.push(Array.from({ length: i + 1 }, (_, k) => (k === i ? this.scatter / priorVariance : 0)));
    this.moment.push(0);
    return i;
  }

  learn(terms: readonly Term[], z: number): void {
    const x = terms.map(([name, w, v]) => [this.place(name, v), w] as const);
    for (const [i, vi] of x) {
      this.moment[i]! += vi * z;
      for (const [j, vj] of x) this.precision[i]![j]! += vi * vj;
    }
    this.squares += z * z;
    this.n++;
    this.settled = null;
  }

  knows(name: string): boolean {
    return this.index.has(name);
  }

  private means(): readonly number[] {
    this.settled ??= this.moment.length === 0 ? [] : solve(this.precision, this.moment);
    return this.settled;
  }

  /** Degrees of freedom of the Student t that every sum of terms follows. */
  get degrees(): number {
    return 2 * this.shape + this.n;
  }

  /** Mean of the posterior scatter's variance scale. */
  get variance(): number {
    const fitted = this.means().reduce((sum, m, i) => sum + m * this.moment[i]!, 0);
    const rate = (this.shape - 1) * this.scatter + Math.max(0, this.squares - fitted) / 2;
    return rate / (this.shape + this.n / 2);
  }

  /**
   * Mean and spread (scale of the t) of a sum of terms; `noise`: that of one more observation with it. A term that was never met brings
   * the whole of its prior with it.
   */
  sum(terms: readonly Term[], noise = false): { readonly mean: number; readonly spread: number } {
    const m = this.means();
    const full = m.map(() => 0);
    let mean = 0;
    let unmet = 0;
    for (const [name, w, v] of terms) {
      const i = this.index.get(name);
      if (i === undefined) {
        unmet += (w * w * v) / this.scatter;
        continue;
      }
      full[i]! += w;
      mean += w * m[i]!;
    }
    const known = full.length === 0 ? 0 : solve(this.precision, full).reduce((s, v, i) => s + v * full[i]!, 0);
    return { mean, spread: Math.sqrt(this.variance * ((noise ? 1 : 0) + known + unmet)) };
  }
}
