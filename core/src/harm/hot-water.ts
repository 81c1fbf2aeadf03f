import { HOT_WATER } from './aid-card.ts';

const MIN = 60_000;
/** Without a thermometer: water in a bowl is topped up so often, ms. It cools some 5 degC in that time. */
const TOP_UP_MS = 10 * MIN;
/** With one: topped up when it is so near the least, degC. */
const NEAR_C = 1;

/** How far a soak in hot water is. */
export interface SoakState {
  /** `soaks`: before its least minutes; `enough`: it may end when the pain has; `over`: longer helps no more. */
  readonly state: 'soaks' | 'enough' | 'over';
  readonly goneMs: number;
  readonly toLeastMs: number;
  readonly toMostMs: number;
  /** `too hot`: out at once, it scalds; `top up`: it cools. */
  readonly water: 'right' | 'top up' | 'too hot';
  /** ms until it wants topping up, by the clock; 0 with a reading. */
  readonly topUpInMs: number;
}

/**
 * How far a soak is. `sinceMs`: when the limb went in; `toppedMs`: when the water was last made hot; `waterC`: what a
 * thermometer reads, degC, or null. Lines: `HOT_WATER`.
 */
export function soakState(sinceMs: number, toppedMs: number, nowMs: number, waterC: number | null): SoakState {
  const [least, most] = HOT_WATER.minutes;
  const goneMs = Math.max(0, nowMs - sinceMs);
  const toLeastMs = Math.max(0, least * MIN - goneMs);
  const toMostMs = Math.max(0, most * MIN - goneMs);
  const topUpInMs = waterC === null ? Math.max(0, toppedMs + TOP_UP_MS - nowMs) : 0;
  const cools = waterC === null ? topUpInMs === 0 : waterC < HOT_WATER.leastC + NEAR_C;
  return {
    state: toLeastMs > 0 ? 'soaks' : toMostMs > 0 ? 'enough' : 'over',
    goneMs,
    toLeastMs,
    toMostMs,
    water: waterC !== null && waterC > HOT_WATER.mostC ? 'too hot' : cools ? 'top up' : 'right',
    topUpInMs,
  };
}

/** What a soak asks for just now, gravest first: `line` beside the clock, `key` under the key that writes a topping up. */
export function saySoak(s: SoakState): { readonly line: string; readonly key: string } {
  if (s.water === 'too hot')
    return { line: 'Take it out now: the water is too hot and scalds.', key: 'not now: let it cool first' };
  if (s.state === 'over') return { line: 'Take it out: longer does not help.', key: 'long enough: out of it' };
  if (s.water === 'top up')
    return {
      line: 'It cools. Take the limb out, pour, stir, test, put the limb back.',
      key: 'due now: limb out, pour, stir, test',
    };
  const right = s.topUpInMs > 0 ? `Top up in ${Math.ceil(s.topUpInMs / MIN)} min.` : 'The water is warm enough.';
  return { line: right, key: 'limb out, pour, stir, test' };
}

/** How hot water is tried, each time: a numb or helped limb scalds. */
export const SOAK_TEST = `Test with the uninjured hand first: as hot as it can bear, and never above ${HOT_WATER.mostC}°.`;

/** A bowl of hot water as the simulated thermometer has it: filled at this many degC, in air of so many, e-folding in ms. */
const BOWL = { filledC: 44, airC: 15, foldMs: 70 * MIN };

/** What the simulated thermometer reads so long after the water was made hot, degC. Newton's cooling of an open bowl. */
export const simulatedBowlC = (sinceToppedMs: number): number =>
  BOWL.airC + (BOWL.filledC - BOWL.airC) * Math.exp(-Math.max(0, sinceToppedMs) / BOWL.foldMs);
