/**
 * Shares a whole mass among several by weight, to the gram: the shares add up to it exactly, each within a gram of its own part, and the
 * grams left over go where the most was cut off (largest remainder; the first of equals). `weights` above 0, else all count alike.
 * `totalG`: whole grams, 0 or more; throws RangeError else.
 */
export function apportion(totalG: number, weights: readonly number[]): number[] {
  if (!Number.isInteger(totalG) || totalG < 0) throw new RangeError(`apportion: whole grams, this was ${totalG}`);
  if (weights.length === 0) return [];
  const alike = weights.some((w) => !(w > 0) || !Number.isFinite(w));
  const of = alike ? weights.map(() => 1) : weights;
  const sum = of.reduce((a, b) => a + b, 0);
  const exact = of.map((w) => (totalG * w) / sum);
  const whole = exact.map((x) => Math.floor(x + 1e-9));
  let left = totalG - whole.reduce((a, b) => a + b, 0);
  const order = exact.map((x, i) => ({ i, rest: x - whole[i]! })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order) {
    if (left <= 0) break;
    whole[i]!++;
    left--;
  }
  return whole;
}
