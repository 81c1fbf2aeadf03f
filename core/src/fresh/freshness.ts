import { type ClockHistory, type HistamineClock, histamineClock } from './histamine.ts';
import { iceDaysUsed } from './spoiling.ts';
import type { SpoilageModel } from './spoilage-rate.ts';

export type FreshTone = 'fresh' | 'half' | 'use' | 'past';

/** What was done to a fish that shortens its time, and the share of its time that remains. Typical. */
export const HANDLING_PENALTY = { notBled: 0.8, gutBurst: 0.6, freshWater: 0.9 } as const;
export type Penalty = keyof typeof HANDLING_PENALTY;

/** Shares of its time within which a fish may be eaten raw (where nothing else forbids it), and is worth freezing. Typical. */
export const GOOD_FOR = { raw: 1 / 3, freezing: 1 / 2, cooking: 1 } as const;
export type GoodFor = keyof typeof GOOD_FOR;

/** Share of the keeping time used, and what it is made of. */
export interface Freshness {
  /** 0 = just dead, 1 = the species' keeping time is used up; may exceed 1. */
  readonly used: number;
  readonly iceDaysUsed: number;
  readonly iceDaysAllowed: number;
  /** What shortened its time. */
  readonly penalties: readonly Penalty[];
  /** Days on ice until it is past being eaten raw, frozen, cooked; 0 when it is. */
  readonly daysLeft: Readonly<Record<GoodFor, number>>;
  /** `past` also when the clock of histamine has run out, however fresh it smells. */
  readonly tone: FreshTone;
  /** Null for a fish that forms none. */
  readonly histamine: HistamineClock | null;
}

/** Tone of a share used: under half fresh, then half used, use now, past. */
export const freshTone = (used: number): FreshTone =>
  used < 0.5 ? 'fresh' : used < 0.8 ? 'half' : used < 1 ? 'use' : 'past';

/**
 * Freshness used by `untilMs`, from how warm it was. `iceDaysAllowed` > 0: the species' keeping time on ice, before penalties.
 * `histamine`: whether it forms histamine; `model`: how it spoils as it warms.
 * The figure is an estimate from typical values, never a fact about this fish: show it as such.
 */
export function freshness(input: {
  history: ClockHistory;
  massG: number;
  untilMs: number;
  iceDaysAllowed: number;
  penalties?: readonly Penalty[];
  model?: SpoilageModel;
  histamine?: boolean;
}): Freshness {
  const penalties = input.penalties ?? [];
  const allowed = penalties.reduce((days, p) => days * HANDLING_PENALTY[p], input.iceDaysAllowed);
  if (!(allowed > 0)) throw new RangeError('freshness: the keeping time must be above 0');
  const days = iceDaysUsed(input.history.course, input.untilMs, input.model ?? 'temperate');
  const used = days / allowed;
  const histamine = input.histamine ? histamineClock(input.history, input.massG, input.untilMs) : null;
  const over = histamine?.state === 'over';
  const left = (share: number): number => (over ? 0 : Math.max(0, allowed * share - days));
  return {
    used,
    iceDaysUsed: days,
    iceDaysAllowed: allowed,
    penalties,
    daysLeft: { raw: left(GOOD_FOR.raw), freezing: left(GOOD_FOR.freezing), cooking: left(GOOD_FOR.cooking) },
    tone: over ? 'past' : freshTone(used),
    histamine,
  };
}
