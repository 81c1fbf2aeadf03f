/** A line of an authority for freezing that makes raw eating safer: the core so cold for so long. */
export interface FreezingLine {
  readonly by: 'US' | 'EU';
  readonly c: number;
  readonly hours: number;
}

/**
 * Sources: US FDA Food Code 3-402.11 (-20 degC for 7 days; -35 degC for 15 hours); Regulation (EC) 853/2004, Annex III, section VIII
 * (-20 degC for 24 hours, -35 degC for 15 hours, in every part). Flukes are excepted.
 */
export const FREEZING_LINES: readonly FreezingLine[] = [
  { by: 'EU', c: -20, hours: 24 },
  { by: 'EU', c: -35, hours: 15 },
  { by: 'US', c: -20, hours: 24 * 7 },
  { by: 'US', c: -35, hours: 15 },
];

/** Where a clock stands against one line. */
export interface LineClock {
  readonly line: FreezingLine;
  /** Hours on end for which the core was so cold: of the stretch that met it, else of the one that runs. */
  readonly hours: number;
  readonly met: boolean;
  /** When it will be met as it lies and if it is read until then, epoch ms; null when met, or not running. */
  readonly readyMs: number | null;
}

/** The clock of a frozen pack. */
export interface RawClock {
  readonly lines: readonly LineClock[];
  /** Why it does not run; null while it runs or a line is met. `void`: it was thawed before any was. */
  readonly why: 'not frozen' | 'void' | 'never read' | 'too warm' | 'not read lately' | null;
}

const HOUR_MS = 3_600_000;
/** A reading speaks for so long after it, and no longer: nobody knows what the freezer did since, ms. */
export const READ_HOLDS_MS = 36 * HOUR_MS;

/** What the clock is reckoned from. `coreC`: of the pack's middle at `atMs`, straight lines between, the last holding on. */
export interface ClockFacts {
  readonly atMs: readonly number[] | Float64Array;
  readonly coreC: readonly number[] | Float64Array;
  /** Since when it lies frozen; null when it does not. */
  readonly frozenMs: number | null;
  readonly thawed: boolean;
  /** Stretches of time for which a reading of the store that it lay in speaks, epoch ms; see `spokenFor`. */
  readonly spoken: readonly (readonly [number, number])[];
  readonly nowMs: number;
}

/** The stretches over which the core was at `c` or colder, since `fromMs` until `toMs`. */
function coldStretches(f: ClockFacts, c: number, fromMs: number, toMs: number): [number, number][] {
  const out: [number, number][] = [];
  let since: number | null = null;
  const [t, v] = [f.atMs, f.coreC];
  const put = (until: number): void => {
    if (since === null) return;
    const [a, b] = [Math.max(since, fromMs), Math.min(until, toMs)];
    if (b > a) out.push([a, b]);
    since = null;
  };
  for (let i = 0; i < t.length; i++) {
    const cold = v[i]! <= c;
    const before = i > 0 ? v[i - 1]! : null;
    const crossed =
      before === null || before === v[i] ? t[i]! : t[i - 1]! + ((before - c) / (before - v[i]!)) * (t[i]! - t[i - 1]!);
    if (cold && since === null) since = before === null ? t[i]! : crossed;
    if (!cold && since !== null) put(crossed);
  }
  put(Number.POSITIVE_INFINITY);
  return out;
}

/**
 * For which time readings of a store speak, of a pack that lay in it from `fromMs` to `toMs`: from each for `READ_HOLDS_MS`, never beyond
 * its stay. Neighbours are joined.
 */
export function spokenFor(readMs: readonly number[], fromMs: number, toMs: number): [number, number][] {
  return joined(
    readMs.flatMap((r): [number, number][] => {
      const [a, b] = [Math.max(r, fromMs), Math.min(r + READ_HOLDS_MS, toMs)];
      return b >= a ? [[a, b]] : [];
    }),
  );
}

/** Stretches in the order of time, those that touch made one. */
function joined(list: readonly (readonly [number, number])[]): [number, number][] {
  const out: [number, number][] = [];
  for (const [a, b] of [...list].sort((x, y) => x[0] - y[0])) {
    const last = out.at(-1);
    if (last && a <= last[1]) last[1] = Math.max(last[1], b);
    else out.push([a, b]);
  }
  return out;
}

/**
 * How long a pack's core has been cold enough, by each line. Hours on end: a core that warmed begins anew, and hours for which no
 * reading speaks do not count. Never says that it is safe, only what is met.
 */
export function rawClock(f: ClockFacts): RawClock {
  const { frozenMs, nowMs } = f;
  if (frozenMs === null || f.thawed) {
    const lines = FREEZING_LINES.map((line) => ({ line, hours: 0, met: false, readyMs: null }));
    return { lines, why: f.thawed ? 'void' : 'not frozen' };
  }
  const spoken = joined(f.spoken);
  const lines = FREEZING_LINES.map((line): LineClock => {
    const cold = coldStretches(f, line.c, frozenMs, nowMs);
    const counted = cold.flatMap(([a, b]) =>
      spoken.flatMap(([s, e]): [number, number][] =>
        Math.min(b, e) > Math.max(a, s) ? [[Math.max(a, s), Math.min(b, e)]] : [],
      ),
    );
    const longest = counted.reduce((h, [a, b]) => Math.max(h, (b - a) / HOUR_MS), 0);
    const met = longest >= line.hours - 1e-9;
    const running = counted.find(([, b]) => b >= nowMs) ?? null;
    const hours = met ? longest : running ? (running[1] - running[0]) / HOUR_MS : 0;
    return { line, hours, met, readyMs: met || !running ? null : running[0] + line.hours * HOUR_MS };
  });
  if (lines.some((l) => l.met || l.readyMs !== null)) return { lines, why: null };
  if (spoken.length === 0) return { lines, why: 'never read' };
  return { lines, why: spoken.at(-1)![1] < nowMs ? 'not read lately' : 'too warm' };
}
