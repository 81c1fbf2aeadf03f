import { iceDays } from './ice-days.ts';
import { type HistamineClock, histamineClock } from './histamine.ts';
import { airC, type KeptFrom, stretchesOf } from './history.ts';
import type { SpoilageModel } from './spoilage-rate.ts';

export type FreshTone = 'fresh' | 'half' | 'use' | 'past';

/** Share of the keeping time used, and what it is made of. */
export interface Freshness {
  /** 0 = just dead, 1 = the species' keeping time is used up; may exceed 1. */
  readonly used: number;
  readonly iceDaysUsed: number;
  readonly iceDaysAllowed: number;
  /** `past` also when the clock of histamine has run out, however fresh it smells. */
  readonly tone: FreshTone;
  /** Null for a fish that forms none. */
  readonly histamine: HistamineClock | null;
}

/** Not bled shortens the keeping time; a burst gut more. Shares of the keeping time that remain. Typical. */
export const HANDLING_PENALTY = { notBled: 0.8, gutBurst: 0.6 } as const;

/** Tone of a share used: under half fresh, then half used, use now, past. */
export const freshTone = (used: number): FreshTone =>
  used < 0.5 ? 'fresh' : used < 0.8 ? 'half' : used < 1 ? 'use' : 'past';

/**
 * Freshness used by `untilMs`, from where the fish lay. `iceDaysAllowed` > 0: the species' keeping time on ice.
 * `histamine`: whether it forms histamine; `model`: how it spoils as it warms.
 * The figure is an estimate from typical values, never a fact about this fish: show it as such.
 */
export function freshness(input: {
  kept: readonly KeptFrom[];
  massG: number;
  waterC: number | null;
  untilMs: number;
  iceDaysAllowed: number;
  bled: boolean;
  model?: SpoilageModel;
  histamine?: boolean;
}): Freshness {
  const allowed = input.iceDaysAllowed * (input.bled ? 1 : HANDLING_PENALTY.notBled);
  if (!(allowed > 0)) throw new RangeError('freshness: the keeping time must be above 0');
  const days = iceDays(
    airC(input.waterC),
    stretchesOf(input.kept, input.massG, input.waterC, input.untilMs),
    input.model ?? 'temperate',
  );
  const used = days / allowed;
  const histamine = input.histamine ? histamineClock(input) : null;
  const tone = histamine?.state === 'over' ? 'past' : freshTone(used);
  return { used, iceDaysUsed: days, iceDaysAllowed: allowed, tone, histamine };
}
