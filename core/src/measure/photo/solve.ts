/** Below this share of the largest number a pivot counts as nothing. */
const NOTHING = 1e-12;

/**
 * Solves a small square system by elimination with partial pivoting; null when it has no single solution.
 * `a`: n rows of n; `b`: n. Neither is changed.
 */
export function solve(a: readonly (readonly number[])[], b: readonly number[]): number[] | null {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i] as number]);
  const scale = Math.max(...a.flat().map(Math.abs));
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(at(m, r, c)) > Math.abs(at(m, best, c))) best = r;
    if (!(Math.abs(at(m, best, c)) > NOTHING * scale)) return null;
    [m[c], m[best]] = [m[best] as number[], m[c] as number[]];
    for (let r = c + 1; r < n; r++) {
      const f = at(m, r, c) / at(m, c, c);
      if (f !== 0) for (let k = c; k <= n; k++) (m[r] as number[])[k] = at(m, r, k) - f * at(m, c, k);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    let sum = at(m, r, n);
    for (let k = r + 1; k < n; k++) sum -= at(m, r, k) * (x[k] as number);
    x[r] = sum / at(m, r, r);
  }
  return x;
}

const at = (m: readonly (readonly number[])[], r: number, c: number): number => m[r]?.[c] ?? 0;
