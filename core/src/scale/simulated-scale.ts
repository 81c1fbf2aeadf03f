import { normal, type Rng } from '../random/index.ts';

/** A hanging scale in a boat, as the stand-in has it. */
const SCALE = {
  /** It reads in steps of so many g. */
  stepG: 5,
  /** The swing dies down by e in so long, and goes to and fro so often: ms. */
  dampMs: 700,
  swingMs: 600,
  /** Share of the load by which the swing begins. */
  swing: 0.35,
  noiseG: 1.2,
  /** Warming up it creeps by so many g a minute. */
  driftGPerMin: 2,
  /** Share of readings that do not come through. */
  dropOuts: 0.04,
} as const;

/**
 * What the simulated scale reads so long after a load was hung on it, g; null for a reading that did not come through.
 * It swings, settles, creeps and drops out, as a real one does.
 */
export function simulatedScaleG(loadG: number, sinceMs: number, rng: Rng): number | null {
  if (rng() < SCALE.dropOuts) return null;
  const swing = SCALE.swing * Math.exp(-sinceMs / SCALE.dampMs) * Math.cos((2 * Math.PI * sinceMs) / SCALE.swingMs);
  const raw = loadG * (1 - swing) + (SCALE.driftGPerMin * sinceMs) / 60_000 + normal(rng, 0, SCALE.noiseG);
  return Math.max(0, Math.round(raw / SCALE.stepG) * SCALE.stepG);
}

/** What a fish that is reckoned at so many g weighs on the simulated scale, g: about that, by its seed. */
export const simulatedLoadG = (aboutG: number, rng: Rng): number =>
  Math.max(20, aboutG * Math.exp(normal(rng, 0, 0.08)));
