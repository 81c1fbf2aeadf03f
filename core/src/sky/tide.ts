import { stamp, wallTime } from '../time/index.ts';
import { METRIC, sayTideHeight, type Units } from '../units/index.ts';

/** High or low water. */
export interface TideTurn {
  readonly kind: 'high' | 'low';
  readonly atMs: number;
  /** Above the chart's datum, m. */
  readonly heightM: number;
}

/** What a tide source says. */
export interface Tide {
  readonly heightM: number;
  readonly runs: 'flood' | 'ebb' | 'slack';
  /** The turns to come, the next first. */
  readonly turns: readonly TideTurn[];
}

/** Parts of the tide: amplitude m, period h, and a high of it (epoch ms). */
interface Part {
  readonly m: number;
  readonly hours: number;
  readonly highMs: number;
}

/** A spring tide of the simulated coast. */
const SPRING_MS = Date.parse('2026-09-12T15:20:00+01:00');
const MEAN_M = 2.2;
/** The moon's and the sun's half-day parts, and two of a day; periods as the harmonic method has them. */
const PARTS: readonly Part[] = [
  { m: 1.35, hours: 12.4206012, highMs: SPRING_MS },
  { m: 0.5, hours: 12, highMs: SPRING_MS },
  { m: 0.09, hours: 23.93447213, highMs: SPRING_MS - 2 * 3_600_000 },
  { m: 0.08, hours: 25.81933871, highMs: SPRING_MS + 3 * 3_600_000 },
];
const HOUR_MS = 3_600_000;
const phase = (p: Part, atMs: number): number => (2 * Math.PI * (atMs - p.highMs)) / (p.hours * HOUR_MS);

/** Height of the simulated tide, m above datum: the sum of its parts (harmonic method). */
export const tideHeightM = (atMs: number): number =>
  PARTS.reduce((sum, p) => sum + p.m * Math.cos(phase(p, atMs)), MEAN_M);

/** m an hour; above 0 it floods. */
const rateMh = (atMs: number): number =>
  PARTS.reduce((sum, p) => sum - ((2 * Math.PI * p.m) / p.hours) * Math.sin(phase(p, atMs)), 0);

const STEP_MS = 10 * 60_000;
/** A turn is known to the second. */
const EXACT_MS = 1000;
/** So long before and after a turn the water stands. */
const SLACK_MS = 20 * 60_000;

/** The first turn after an instant. */
function turnAfter(fromMs: number): TideTurn {
  let a = fromMs + EXACT_MS;
  while (Math.sign(rateMh(a)) === Math.sign(rateMh(a + STEP_MS))) a += STEP_MS;
  let b = a + STEP_MS;
  const rising = rateMh(a) > 0;
  while (b - a > EXACT_MS) {
    const mid = (a + b) / 2;
    if (rateMh(mid) > 0 === rising) a = mid;
    else b = mid;
  }
  const atMs = Math.round(b / EXACT_MS) * EXACT_MS;
  return { kind: rising ? 'high' : 'low', atMs, heightM: Number(tideHeightM(atMs).toFixed(2)) };
}

/** A simulated tide source: the water now, and the next turns. The same time gives the same tide. */
export function simulatedTide(nowMs: number, turns = 3): Tide {
  const list: TideTurn[] = [];
  let from = nowMs;
  for (let i = 0; i < turns; i++) {
    const t = turnAfter(from);
    list.push(t);
    from = t.atMs;
  }
  const next = list[0] ?? turnAfter(nowMs);
  const last = turnAfter(nowMs - SLACK_MS);
  const slack = next.atMs - nowMs < SLACK_MS || (last.atMs <= nowMs && nowMs - last.atMs < SLACK_MS);
  return {
    heightM: Number(tideHeightM(nowMs).toFixed(2)),
    runs: slack ? 'slack' : next.kind === 'high' ? 'flood' : 'ebb',
    turns: list,
  };
}

const RUNS = { flood: 'Flood runs', ebb: 'Ebb runs', slack: 'Slack water' } as const;

/** "Flood runs, high at 15:20 (3.9 m)": as it stands in the log. */
export function sayTide(t: Tide, zone: string, sayTime: (hhmm: string) => string, units: Units = METRIC): string {
  const [next] = t.turns;
  if (!next) return RUNS[t.runs];
  return `${RUNS[t.runs]}, ${next.kind} at ${sayTime(wallTime(stamp(next.atMs, zone), zone))} (${sayTideHeight(next.heightM, units)})`;
}
