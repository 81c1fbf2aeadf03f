import { normal, type Rng } from '../random/index.ts';

/** A thin thermometer, as the stand-in has it. */
const PROBE = {
  /** Out of the air it comes to what it is put into by e in so long, ms. */
  tauMs: 1600,
  airC: 17,
  noiseK: 0.03,
  /** It reads to hundredths, and is off by so much, 1 sd. */
  offK: 0.15,
  /** Its battery warms it by so much an hour. */
  driftKPerH: 0.2,
  dropOuts: 0.05,
  /** One in so many hangs at its first value. */
  hangs: 0.03,
} as const;

/** A thermometer that was switched on: what is wrong with it, by its seed. */
export interface SimulatedProbe {
  readonly offK: number;
  readonly hangs: boolean;
}
/** A simulated probe, with the error that it has all its life, K, and whether it hangs behind. `rng`: 0 to below 1. */
export const simulatedProbe = (rng: Rng): SimulatedProbe => ({
  offK: normal(rng, 0, PROBE.offK),
  hangs: rng() < PROBE.hangs,
});

/** What it reads so long after it was put into something of `trueC`, degC to hundredths; null for a reading that did not come through. */
export function simulatedProbeC(probe: SimulatedProbe, trueC: number, sinceMs: number, rng: Rng): number | null {
  if (rng() < PROBE.dropOuts) return null;
  const left = probe.hangs ? 1 : Math.exp(-sinceMs / PROBE.tauMs);
  const drift = (PROBE.driftKPerH * sinceMs) / 3_600_000;
  const noise = probe.hangs ? 0 : normal(rng, 0, PROBE.noiseK);
  const c = trueC + (PROBE.airC - trueC) * left + probe.offK + (probe.hangs ? 0 : drift) + noise;
  return Math.round(c * 100) / 100;
}

/** What the flesh of a fish really is that is reckoned at so many degC: about that, for nobody knows it. */
export const simulatedCoreC = (aboutC: number, rng: Rng): number => aboutC + normal(rng, 0, 0.7);
