import { type KeyedSpecies, lengthLikelihood } from './key-catalogue.ts';

/** What was measured on the fish in hand. */
export interface Measured {
  readonly lengthMm?: number | null;
  /** Proportions of its body by name, as shares of its length, each with one standard deviation. */
  readonly ratios?: Readonly<Partial<Record<string, { readonly value: number; readonly sd: number }>>>;
}

/** A point set on the wrong place, or a bent fish: so often a ratio says nothing. */
const ASTRAY = 0.05;

/** Density of a ratio in a species whose range holds nine fish in ten, the reading's own error added. */
function densityOf([from, to]: readonly [number, number], value: number, sd: number): number {
  const middle = (from + to) / 2;
  const spread = Math.hypot((to - from) / 3.29, sd);
  const z = (value - middle) / spread;
  return (1 - ASTRAY) * (Math.exp((-z * z) / 2) / (spread * Math.sqrt(2 * Math.PI))) + ASTRAY;
}

/**
 * Log likelihoods of what was measured, by species in order and last of all for none of them. A species whose file gives
 * no range for a ratio, and "none of these", count as the mean of those that do: that is no evidence.
 */
export function measuredLogs(species: readonly KeyedSpecies[], measured: Measured): number[] {
  const logs = [...species.map((s) => lengthLog(s, measured.lengthMm ?? null)), 0];
  for (const [name, reading] of Object.entries(measured.ratios ?? {})) {
    if (!reading) continue;
    const densities = species.map((s) => {
      const range = s.ratios?.[name];
      return range ? densityOf(range, reading.value, reading.sd) : null;
    });
    const known = densities.filter((d) => d !== null);
    if (known.length === 0) continue;
    const mean = known.reduce((a, b) => a + b, 0) / known.length;
    logs.forEach((l, i) => (logs[i] = l + Math.log((densities[i] ?? mean) / mean)));
  }
  return logs;
}

const lengthLog = (s: KeyedSpecies, lengthMm: number | null): number =>
  lengthMm === null ? 0 : Math.log(lengthLikelihood(s, lengthMm));
