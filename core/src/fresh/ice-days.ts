import { type SpoilageModel, spoilageRate } from './spoilage-rate.ts';

/** A stretch of time during which the flesh moves from one temperature toward a medium's. */
export interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
  /** Temperature of what surrounds the fish, degC. */
  readonly mediumC: number;
  /** Time constant of cooling or warming, minutes; 0 = at the medium's temperature at once. */
  readonly tauMin: number;
}

const DAY_MS = 86_400_000;
const STEP_MS = 5 * 60_000;

/**
 * Ice-days used over a history: the integral of the relative rate over time, in days at 0 degC.
 * The flesh follows each medium as one lump (first order); the conduction solver of `heat` will refine this.
 * `startC`: flesh temperature at the first stretch. Stretches must not run backwards (RangeError).
 */
export function iceDays(startC: number, stretches: readonly Stretch[], model: SpoilageModel = 'temperate'): number {
  let t = startC;
  let used = 0;
  for (const s of stretches) {
    if (s.toMs < s.fromMs) throw new RangeError('iceDays: a stretch runs backwards');
    const span = s.toMs - s.fromMs;
    const tauMs = s.tauMin * 60_000;
    // Fine steps only while the flesh still moves; after eight time constants it sits at the medium.
    const moving = Math.min(span, tauMs * 8);
    const steps = Math.ceil(moving / STEP_MS);
    for (let i = 0; i < steps; i++) {
      const dt = moving / steps;
      const next = s.mediumC + (t - s.mediumC) * Math.exp(-dt / tauMs);
      used += (((spoilageRate(t, model) + spoilageRate(next, model)) / 2) * dt) / DAY_MS;
      t = next;
    }
    if (span > moving) {
      t = s.mediumC;
      used += (spoilageRate(t, model) * (span - moving)) / DAY_MS;
    }
  }
  return used;
}
