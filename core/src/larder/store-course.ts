/** What was noted of a store's temperature: read, or its current went off or came back. */
export type StoreMark =
  { readonly atMs: number; readonly c: number } | { readonly atMs: number; readonly power: 'off' | 'on' };

/** How warm a store was and is: points in the order of time, straight lines between them, the first and the last holding on. */
export interface StoreCourse {
  readonly atMs: readonly number[];
  readonly c: readonly number[];
}

/** What a store is, for the warming of one whose current is off. */
export interface StoreBody {
  /** Temperature it is taken to have until it is read, degC. */
  readonly setC: number;
  /** What lies in it, kg; 0 for none. */
  readonly massKg: number;
  /** What it holds, litres. */
  readonly litres: number;
  /** Of the room around it, degC. */
  readonly roomC: number;
}

const HOUR_MS = 3_600_000;
/** Before the first reading it had the temperature assumed, up to so long before; from then it went there in a straight line, ms. */
const FIRST_READ_MS = 12 * HOUR_MS;
/** It is followed for so long without current, h: then it is as warm as the room. */
const WITHOUT_H = 24 * 7;
const STEP_H = 0.5;

/** Heat that goes through the walls, W/K, for each square metre of a cube that holds so many litres: a household chest or cupboard. */
const U_WALL = 0.55;
const wallM2 = (litres: number): number => 6 * (Math.max(1, litres) / 1000) ** (2 / 3);
/** Heat for a kg of fish, J/K: frozen, thawed; and to melt it, J. Sources: domain notes, section 5. */
const [FROZEN, THAWED, LATENT] = [2000, 3700, 250_000] as const;
/** The outer packs are thawed long before the middle: so much of the latent heat goes in until they are. Fits the authority's 48 h of a full freezer. */
const OUTER = 0.1;
/** It thaws from about here on, degC. */
export const THAWS_C = -2;
/** Walls, shelves and air hold something too, kg of fish alike for each 100 l. */
const OWN_KG = 2;

/**
 * How warm what lies in a store is, so many hours after its current went off, its door kept shut, from `fromC`: a lump with the heat of
 * its walls; of melting only the outer tenth counts. degC, at steps of half an hour. Agrees with the authority's 48 h of a full freezer
 * and 24 h of a half full one until food at its outside thaws (FDA/FSIS, power outages).
 */
export function warmUp(
  body: Omit<StoreBody, 'setC'>,
  fromC: number,
): readonly { readonly h: number; readonly c: number }[] {
  const ua = U_WALL * wallM2(body.litres);
  const kg = body.massKg + (OWN_KG * body.litres) / 100;
  const out = [{ h: 0, c: fromC }];
  let c = fromC;
  let melted = fromC > THAWS_C ? 1 : 0;
  for (let h = STEP_H; h <= WITHOUT_H; h += STEP_H) {
    let joules = ua * (body.roomC - c) * STEP_H * 3600;
    if (c < THAWS_C && joules > 0) {
      const toThaw = (THAWS_C - c) * kg * FROZEN;
      const used = Math.min(joules, toThaw);
      c += used / (kg * FROZEN);
      joules -= used;
    }
    if (melted < 1 && joules > 0 && c >= THAWS_C - 1e-9) {
      const toMelt = (1 - melted) * OUTER * kg * LATENT;
      const used = Math.min(joules, toMelt);
      melted += used / (OUTER * kg * LATENT);
      joules -= used;
    }
    if (joules !== 0 && (melted >= 1 || joules < 0)) c += joules / (kg * (c < THAWS_C ? FROZEN : THAWED));
    out.push({ h, c });
    if (Math.abs(body.roomC - c) < 0.2) break;
  }
  return out;
}

/**
 * How warm a store was: its assumed temperature until half a day before it was first read, straight lines between readings, the last
 * holding on; without current it warms by `warmUp`, and is as cold as before again 12 hours after it came back, or as it is read.
 * Marks in any order; those that hold no number are passed over.
 */
export function storeCourse(body: StoreBody, marks: readonly StoreMark[]): StoreCourse {
  const order = marks
    .filter((m) => Number.isFinite(m.atMs) && ('power' in m || Number.isFinite(m.c)))
    .sort((a, b) => a.atMs - b.atMs);
  const [atMs, c]: [number[], number[]] = [[], []];
  const put = (ms: number, value: number): void => {
    if (atMs.length > 0 && ms <= atMs.at(-1)!) {
      if (ms === atMs.at(-1)) c[c.length - 1] = value;
      return;
    }
    atMs.push(ms);
    c.push(value);
  };
  /** Points after an instant were only expected. */
  const forget = (after: number): void => {
    while (atMs.length > 0 && atMs.at(-1)! > after) (atMs.pop(), c.pop());
  };
  let usualC = body.setC;
  let off: { readonly atMs: number; readonly fromC: number } | null = null;
  /** Follows the warming from `off` to an instant; the temperature there. */
  const warmTo = (toMs: number): number => {
    if (!off) return c.at(-1) ?? usualC;
    let last = off.fromC;
    for (const { h, c: w } of warmUp(body, off.fromC)) {
      const ms = off.atMs + h * HOUR_MS;
      if (ms > toMs) break;
      last = w;
      put(ms, w);
    }
    return last;
  };
  for (const m of order) {
    if ('power' in m) {
      if (m.power === 'off' && !off) {
        // The cold that was to come after the current came back does not come: it warms from what it is by now.
        const now = atMs.length > 0 ? storeAt({ atMs, c }, m.atMs) : usualC;
        forget(m.atMs);
        put(m.atMs, now);
        off = { atMs: m.atMs, fromC: now };
      } else if (m.power === 'on' && off) {
        put(m.atMs, warmTo(m.atMs));
        off = null;
        put(m.atMs + FIRST_READ_MS, usualC);
      }
      continue;
    }
    if (off) {
      // A reading without current corrects the warming from there on.
      warmTo(m.atMs - 1);
      put(m.atMs, m.c);
      off = { atMs: m.atMs, fromC: m.c };
      continue;
    }
    // What was to come after the current came back gives way to what was read.
    forget(m.atMs);
    if (atMs.length === 0) put(m.atMs - FIRST_READ_MS, usualC);
    put(m.atMs, m.c);
    usualC = m.c;
  }
  if (off) warmTo(Number.POSITIVE_INFINITY);
  if (atMs.length === 0) put(0, usualC);
  return { atMs, c };
}

/** The temperature of a course at an instant, degC. */
export function storeAt({ atMs, c }: StoreCourse, ms: number): number {
  const i = lastBefore(atMs, ms);
  if (i < 0) return c[0]!;
  const [a, b] = [atMs[i]!, atMs[i + 1]];
  return b === undefined ? c[i]! : c[i]! + ((c[i + 1]! - c[i]!) * (ms - a)) / (b - a);
}

function lastBefore(atMs: readonly number[], ms: number): number {
  let [low, high] = [0, atMs.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (atMs[mid]! <= ms) low = mid + 1;
    else high = mid;
  }
  return low - 1;
}

/** The stretches of a course between two instants: each with its ends and its temperatures there. */
export function stretchesOf(
  course: StoreCourse,
  fromMs: number,
  toMs: number,
): { readonly fromMs: number; readonly toMs: number; readonly fromC: number; readonly toC: number }[] {
  if (!(toMs > fromMs)) return [];
  const inside = course.atMs.slice(lastBefore(course.atMs, fromMs) + 1, lastBefore(course.atMs, toMs) + 1);
  if (inside.at(-1) === toMs) inside.pop();
  const ends = [fromMs, ...inside, toMs];
  return ends.slice(1).map((end, i) => ({
    fromMs: ends[i]!,
    toMs: end,
    fromC: storeAt(course, ends[i]!),
    toC: storeAt(course, end),
  }));
}

/** A rate of temperature, known by its name, so that what it comes to over a course is reckoned once. */
export interface NamedRate {
  readonly name: string;
  readonly of: (c: number) => number;
}

/** Integrals of rates from the first point of a course to each, by the name of the rate; a course never changes. */
const INTEGRALS = new WeakMap<StoreCourse, Map<string, Float64Array>>();

/** Rates are curved: Simpson over each straight line, which is exact for the squares of the spoilage rate. */
const over = (ms: number, a: number, b: number, rate: (c: number) => number): number =>
  (ms * (rate(a) + 4 * rate((a + b) / 2) + rate(b))) / 6;

function integralsOf(course: StoreCourse, rate: NamedRate): Float64Array {
  const known = INTEGRALS.get(course) ?? new Map<string, Float64Array>();
  INTEGRALS.set(course, known);
  const before = known.get(rate.name);
  if (before) return before;
  const { atMs, c } = course;
  const sums = new Float64Array(atMs.length);
  for (let i = 1; i < atMs.length; i++)
    sums[i] = sums[i - 1]! + over(atMs[i]! - atMs[i - 1]!, c[i - 1]!, c[i]!, rate.of);
  known.set(rate.name, sums);
  return sums;
}

/** Integral from the first point of a course to an instant, below 0 before it. */
function integralTo(course: StoreCourse, rate: NamedRate, ms: number): number {
  const { atMs, c } = course;
  const i = lastBefore(atMs, ms);
  if (i < 0) return (ms - atMs[0]!) * rate.of(c[0]!);
  return integralsOf(course, rate)[i]! + over(ms - atMs[i]!, c[i]!, storeAt(course, ms), rate.of);
}

/** Mean of a rate of temperature over a course between two instants, weighted by time; the rate at the end where they are one. */
export function meanRate(course: StoreCourse, fromMs: number, toMs: number, rate: NamedRate): number {
  if (!(toMs > fromMs)) return rate.of(storeAt(course, toMs));
  return (integralTo(course, rate, toMs) - integralTo(course, rate, fromMs)) / (toMs - fromMs);
}

/** When a course was warmer than a line, from and to; the last without an end where it still is. */
function above(course: StoreCourse, line: number): readonly (readonly [number, number])[] {
  const { atMs, c } = course;
  const out: [number, number][] = [];
  let since = c[0]! > line ? Number.NEGATIVE_INFINITY : null;
  for (let i = 1; i < atMs.length; i++) {
    if (c[i]! > line === (since !== null)) continue;
    const at = atMs[i - 1]! + ((line - c[i - 1]!) / (c[i]! - c[i - 1]!)) * (atMs[i]! - atMs[i - 1]!);
    if (since === null) since = at;
    else {
      out.push([since, at]);
      since = null;
    }
  }
  if (since !== null) out.push([since, Number.POSITIVE_INFINITY]);
  return out;
}
const ABOVE = new WeakMap<StoreCourse, Map<number, ReturnType<typeof above>>>();

/** The stretches of time between two instants in which a course was warmer than `line`, degC, clipped to them. */
export function warmerThan(course: StoreCourse, line: number, fromMs: number, toMs: number): [number, number][] {
  const known = ABOVE.get(course) ?? new Map<number, ReturnType<typeof above>>();
  ABOVE.set(course, known);
  const all = known.get(line) ?? above(course, line);
  known.set(line, all);
  return all.flatMap(([a, b]): [number, number][] => {
    const [from, to] = [Math.max(a, fromMs), Math.min(b, toMs)];
    return to > from ? [[from, to]] : [];
  });
}

/** From when on something in a store was no longer frozen, between two instants: above `THAWS_C` for an hour on end; null when it never was. */
export const thawedFrom = (course: StoreCourse, fromMs: number, toMs: number): number | null =>
  warmerThan(course, THAWS_C, fromMs, toMs).find(([a, b]) => b - a >= HOUR_MS)?.[0] ?? null;
