import { courseAt, type FleshCourse } from '../heat/index.ts';

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
  /** When it passes the limit if it goes on lying as it does, epoch ms; null when it does not. */
  readonly overAtMs: number | null;
}

/** What the clock goes by: when it died, when it first lay cold, and how warm its middle was. */
export interface ClockHistory {
  readonly deathMs: number;
  /** When it first came onto ice, or into a fridge or a freezer, epoch ms; null while it has not. */
  readonly chilledMs: number | null;
  /** The warmest air or water that it lay in before that, degC. */
  readonly warmestC: number;
  readonly course: FleshCourse;
  /** Stretches that it lay on ice or in slurry, epoch ms: there it cools as the guidance means it. */
  readonly onIce: readonly { readonly fromMs: number; readonly toMs: number }[];
}

const HOUR_MS = 3_600_000;
const NEAR = 0.75;

/**
 * The clock of histamine for a fish that forms it, by the temperature of its middle, up to `untilMs`. Cooling down on ice does not
 * count; all that is warm in air does, also in that of a fridge or a freezer, and all that is warm once it was cold. Cooking does not turn it back; freezing only stops it.
 */
export function histamineClock(h: ClockHistory, massG: number, untilMs: number): HistamineClock {
  const L = HISTAMINE_LIMITS;
  const toIceLimit = h.warmestC > L.hotC || massG > L.largeG ? L.toIceHotH : L.toIceH;
  const coldAtMs = Math.min(h.chilledMs ?? untilMs, untilMs);
  const toIce = Math.max(0, coldAtMs - h.deathMs) / HOUR_MS;
  const lying = h.chilledMs === null || h.chilledMs > untilMs;
  if (lying || toIce > toIceLimit)
    return clock('to ice', toIce, toIceLimit, lying ? h.deathMs + toIceLimit * HOUR_MS : null);
  const { hours, hot, overAtMs } = warmLater(h, h.chilledMs ?? untilMs, untilMs);
  return clock('later', hours, hot ? L.laterHotH : L.laterH, overAtMs);
}

function clock(limit: HistamineClock['limit'], hours: number, limitH: number, overAtMs: number | null): HistamineClock {
  const state = hours > limitH ? 'over' : hours >= limitH * NEAR ? 'near' : 'within';
  return { state, limit, hours, limitH, overAtMs };
}

/** Share of a straight line from `a` to `b` that lies above a mark. */
const shareAbove = (a: number, b: number, mark: number): number =>
  a > mark && b > mark ? 1 : a <= mark && b <= mark ? 0 : (Math.max(a, b) - mark) / Math.abs(a - b);

/** A piece of a course on a straight line. */
interface Piece {
  readonly a: number;
  readonly b: number;
  readonly ta: number;
  readonly tb: number;
  readonly mediumC: number;
}

/** The pieces of a course between two instants; after its last sample it holds on. */
function pieces({ atMs, coreC, mediumC }: FleshCourse, fromMs: number, toMs: number): Piece[] {
  const list: Piece[] = [];
  for (let i = 0; i < atMs.length; i++) {
    const a = Math.max(fromMs, atMs[i]!);
    const b = Math.min(toMs, atMs[i + 1] ?? toMs);
    if (b > a) list.push({ a, b, ta: courseAt(atMs, coreC, a), tb: courseAt(atMs, coreC, b), mediumC: mediumC[i]! });
  }
  return list;
}

/** Nobody asks what is in a month, ms. */
const AHEAD_MS = 30 * 24 * HOUR_MS;

/** Hours of its middle above 4.4 degC after it was first chilled, and when they pass their limit as it goes on lying. */
function warmLater(
  { course, onIce }: Pick<ClockHistory, 'course' | 'onIce'>,
  fromMs: number,
  untilMs: number,
): { hours: number; hot: boolean; overAtMs: number | null } {
  const { aboveC, laterHotC, laterH, laterHotH } = HISTAMINE_LIMITS;
  let [total, hot, cold] = [0, false, false];
  /** Adds a piece; says when the limit was passed in it. */
  const add = ({ a, b, ta, tb, mediumC }: Piece): number | null => {
    // Cooling down for the first time counts but on ice: the air of a fridge takes a day for a large fish.
    cold ||= ta <= aboveC;
    const iced = onIce.some((s) => s.fromMs <= a && b <= s.toMs);
    const counts = cold || mediumC > aboveC || !iced;
    const more = counts ? (shareAbove(ta, tb, aboveC) * (b - a)) / HOUR_MS : 0;
    if (counts && Math.max(ta, tb) > laterHotC) hot = true;
    cold ||= tb <= aboveC;
    const limit = hot ? laterHotH : laterH;
    const passed = more > 0 && total + more > limit ? a + Math.max(0, (limit - total) / more) * (b - a) : null;
    total += more;
    return passed;
  };
  let overAtMs: number | null = null;
  for (const p of pieces(course, fromMs, untilMs)) overAtMs ??= add(p);
  const soFar = { hours: total, hot };
  if (overAtMs === null)
    for (const p of pieces(course, Math.max(fromMs, untilMs), untilMs + AHEAD_MS)) {
      overAtMs = add(p);
      if (overAtMs !== null) break;
    }
  return { ...soFar, overAtMs };
}
