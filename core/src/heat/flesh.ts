/** How heat lies in a material and goes through it. All per volume, since a fish that freezes keeps its place. */
export interface Material {
  /** Volumetric enthalpy, J/m3, of a temperature, degC. Grows with it; 0 where freezing begins. */
  enthalpy(c: number): number;
  /** The temperature of an enthalpy, degC: the inverse of `enthalpy`. */
  temperature(h: number): number;
  /** How fast the temperature grows with the enthalpy there, K m3/J. */
  slope(h: number): number;
  /** Conductivity at a temperature, W/(m K). */
  conductivity(c: number): number;
  /** From this enthalpy on it is unfrozen: linear, of one conductivity. */
  readonly linear: { readonly from: number; readonly c0: number; readonly perJ: number; readonly k: number };
  /** The same of many enthalpies at once, into `c`, `k` and `slope`: the solver asks for nothing else. */
  lookUp(h: Float64Array, c: Float64Array, k: Float64Array, slope: Float64Array): void;
}

/** A material that does not freeze: everything is linear. `rhoC`: J/(m3 K), `k`: W/(m K). */
export const plainMaterial = (rhoC: number, k: number): Material => ({
  enthalpy: (c) => rhoC * c,
  temperature: (h) => h / rhoC,
  slope: () => 1 / rhoC,
  conductivity: () => k,
  linear: { from: Number.NEGATIVE_INFINITY, c0: 0, perJ: 1 / rhoC, k },
  lookUp: (h, c, ks, slope) => {
    for (let i = 0; i < h.length; i++) {
      c[i] = h[i]! / rhoC;
      ks[i] = k;
      slope[i] = 1 / rhoC;
    }
  },
});

/** Flesh of fish, typical: docs/domain.md, section 5. */
export const FLESH = {
  /** kg/m3 */
  density: 1050,
  /** J/(kg K), unfrozen: lean, oily, and frozen. */
  heatLean: 3600,
  heatOily: 3200,
  heatFrozen: 1900,
  /** W/(m K) */
  conductivity: 0.5,
  conductivityFrozen: 1.6,
  /** J/kg, given off between these temperatures, degC. */
  latent: 250_000,
  freezesFromC: -1,
  freezesToC: -7,
} as const;

/**
 * Flesh that freezes, in enthalpy form: three straight pieces (unfrozen, freezing between −1 and −7 degC, frozen), its
 * conductivity growing in a straight line while it freezes.
 */
export function flesh(fat: 'lean' | 'oily'): Material {
  const { density, heatFrozen, latent, conductivity, conductivityFrozen, freezesFromC: from, freezesToC: to } = FLESH;
  const warm = density * (fat === 'lean' ? FLESH.heatLean : FLESH.heatOily);
  const cold = density * heatFrozen;
  // While it freezes both phases are there, and the heat of freezing comes on top.
  const between = (warm + cold) / 2 + (density * latent) / (from - to);
  const frozen = -between * (from - to);
  const [perWarm, perBetween, perCold] = [1 / warm, 1 / between, 1 / cold];
  const [wet, dry] = [conductivity as number, conductivityFrozen as number];
  const conductivityAt = (c: number): number =>
    c >= from ? wet : c <= to ? dry : wet + ((dry - wet) * (from - c)) / (from - to);
  return {
    enthalpy: (c) => (c >= from ? warm * (c - from) : c >= to ? between * (c - from) : frozen + cold * (c - to)),
    temperature: (h) => (h >= 0 ? from + h / warm : h >= frozen ? from + h / between : to + (h - frozen) / cold),
    slope: (h) => (h >= 0 ? perWarm : h >= frozen ? perBetween : perCold),
    conductivity: conductivityAt,
    linear: { from: 0, c0: from, perJ: perWarm, k: wet },
    lookUp: (h, c, k, slope) => {
      for (let i = 0; i < h.length; i++) {
        const x = h[i]!;
        if (x >= 0) {
          c[i] = from + x * perWarm;
          k[i] = wet;
          slope[i] = perWarm;
        } else if (x >= frozen) {
          c[i] = from + x * perBetween;
          k[i] = conductivityAt(c[i]!);
          slope[i] = perBetween;
        } else {
          c[i] = to + (x - frozen) * perCold;
          k[i] = dry;
          slope[i] = perCold;
        }
      }
    },
  };
}
