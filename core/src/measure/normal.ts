/**
 * Standard normal distribution function, absolute error below 1.2e-7.
 * Through erfc by the Chebyshev fit of Press et al., Numerical Recipes, section 6.2.
 * Domain: every finite z; example: normalCdf(1.96) = 0.9750.
 */
export function normalCdf(z: number): number {
  const x = -z / Math.SQRT2;
  const t = 1 / (1 + 0.5 * Math.abs(x));
  const poly =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t * (0.27886807 + t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const erfc = t * Math.exp(-x * x + poly);
  return x >= 0 ? erfc / 2 : 1 - erfc / 2;
}
