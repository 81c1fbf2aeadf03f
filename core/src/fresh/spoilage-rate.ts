/**
 * Spoilage relative to melting ice (= 1) at a flesh temperature in degC, for cold and temperate species:
 * (1 + 0.1 T)^2, the square-root model (FAO Fisheries Technical Paper 348, section 6).
 * Below -5 degC it is taken as nil (frozen); between, the curve runs on.
 */
export function spoilageRate(tempC: number): number {
  if (tempC <= -5) return 0;
  return (1 + 0.1 * tempC) ** 2;
}
