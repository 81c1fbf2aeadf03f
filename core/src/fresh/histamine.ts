import { airC, type KeptFrom, stretchesOf, TYPICAL_C } from './history.ts';

/**
 * Hours that a former of histamine may lie warm, as the guidance for commercial boats has them: on ice within so long of
 * death, and afterwards so long in total above `aboveC`, less when any of it was hot.
 * Source: US FDA, Fish and Fishery Products Hazards and Controls Guidance, chapter 7; Codex CXC 52.
 */
export const HISTAMINE_LIMITS = {
  toIceH: 9,
  toIceHotH: 6,
  hotC: 28,
  /** A tuna heavier than this, not gutted, counts as if it were hot. Grams. */
  largeG: 9000,
  laterH: 8,
  laterHotH: 4,
  laterHotC: 21,
  aboveC: 4.4,
  source: 'US FDA hazards guide, chapter 7: guidance used for commercial boats',
} as const;

/** How far the clock of histamine has run. */
export interface HistamineClock {
  /** `over`: do not eat, cooked neither. `near`: three quarters of the time are gone. */
  readonly state: 'within' | 'near' | 'over';
  /** Which limit is nearest: until ice, or warm hours afterwards. */
  readonly limit: 'to ice' | 'later';
  readonly hours: number;
  readonly limitH: number;
  /** When it passes the limit if it goes on lying as it does, epoch ms; null when it lies cold. */
  readonly overAtMs: number | null;
}

const HOUR_MS = 3_600_000;
const NEAR = 0.75;
const isCold = (k: KeptFrom): boolean => k.keeping === 'box' || k.keeping === 'fridge' || k.keeping === 'freezer';

/**
 * The clock of histamine for a fish that forms it, from where it lay since death up to `untilMs`. It reckons with the
 * warm side of typical temperatures until they are read. Cooking does not turn it back; freezing only stops it.
 */
export function histamineClock(input: {
  readonly kept: readonly KeptFrom[];
  readonly massG: number;
  readonly waterC: number | null;
  readonly untilMs: number;
}): HistamineClock {
  const L = HISTAMINE_LIMITS;
  const order = [...input.kept].sort((a, b) => a.atMs - b.atMs);
  const deathMs = order[0]?.atMs ?? input.untilMs;
  const chilled = order.find(isCold);
  const hot = airC(input.waterC) > L.hotC || (input.waterC ?? TYPICAL_C.unknownWater) > L.hotC;
  const toIceLimit = hot || input.massG > L.largeG ? L.toIceHotH : L.toIceH;
  const coldAtMs = Math.min(chilled?.atMs ?? input.untilMs, input.untilMs);
  const toIce = Math.max(0, coldAtMs - deathMs) / HOUR_MS;
  const lying = chilled === undefined || chilled.atMs > input.untilMs;
  if (lying || toIce > toIceLimit)
    return clock('to ice', toIce, toIceLimit, lying ? deathMs + toIceLimit * HOUR_MS : null);
  const since = order.filter((k) => k.atMs >= chilled.atMs);
  const later = warmLater(since, input);
  const limitH = later.hot ? L.laterHotH : L.laterH;
  // Warm now: the hours that are left run from here.
  const overAtMs = later.warmNow ? input.untilMs + Math.max(0, limitH - later.hours) * HOUR_MS : null;
  return clock('later', later.hours, limitH, overAtMs);
}

function clock(limit: HistamineClock['limit'], hours: number, limitH: number, overAtMs: number | null): HistamineClock {
  const state = hours > limitH ? 'over' : hours >= limitH * NEAR ? 'near' : 'within';
  return { state, limit, hours, limitH, overAtMs };
}

/** Hours above 4.4 degC after it was first chilled; the cooling itself does not count. */
function warmLater(
  since: readonly KeptFrom[],
  input: { readonly massG: number; readonly waterC: number | null; readonly untilMs: number },
): { hours: number; hot: boolean; warmNow: boolean } {
  const L = HISTAMINE_LIMITS;
  // The flesh is taken to be cold when the first cold stretch begins; from there on it follows what surrounds it.
  let t: number = TYPICAL_C.box;
  let [hours, hot] = [0, false];
  for (const s of stretchesOf(since, input.massG, input.waterC, input.untilMs)) {
    const steps = Math.max(1, Math.ceil((s.toMs - s.fromMs) / 600_000));
    const dt = (s.toMs - s.fromMs) / steps;
    for (let i = 0; i < steps; i++) {
      t = s.tauMin > 0 ? s.mediumC + (t - s.mediumC) * Math.exp(-dt / (s.tauMin * 60_000)) : s.mediumC;
      if (t <= L.aboveC) continue;
      hours += dt / HOUR_MS;
      hot ||= t > L.laterHotC;
    }
  }
  return { hours, hot, warmNow: t > L.aboveC };
}
