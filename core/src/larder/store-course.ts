import { type StoreBody, warmUp } from './store-warming.ts';

/** What was noted of a store's temperature: read, or its current went off or came back. */
export type StoreMark =
  { readonly atMs: number; readonly c: number } | { readonly atMs: number; readonly power: 'off' | 'on' };

/** How warm a store was and is: points in the order of time, straight lines between them, the first and the last holding on. */
export interface StoreCourse {
  readonly atMs: readonly number[];
  readonly c: readonly number[];
}

const HOUR_MS = 3_600_000;
/** Before the first reading it had the temperature assumed, up to so long before; from then it went there in a straight line, ms. */
const FIRST_READ_MS = 12 * HOUR_MS;

/** Points of a course while it is followed from mark to mark. */
class Following {
  readonly atMs: number[] = [];
  readonly c: number[] = [];
  private usualC: number;
  /** Since when it is without current, and from how warm; null while it has any. */
  private off: { readonly atMs: number; readonly fromC: number } | null = null;

  constructor(private readonly body: StoreBody) {
    this.usualC = body.setC;
  }

  private put(ms: number, value: number): void {
    const last = this.atMs.at(-1);
    if (last !== undefined && ms <= last) {
      if (ms === last) this.c[this.c.length - 1] = value;
      return;
    }
    this.atMs.push(ms);
    this.c.push(value);
  }

  /** Points after an instant were only expected. */
  private forget(after: number): void {
    while (this.atMs.length > 0 && this.atMs.at(-1)! > after) (this.atMs.pop(), this.c.pop());
  }

  /** Follows the warming without current to an instant; the temperature there, degC. */
  private warmTo(toMs: number): number {
    if (!this.off) return this.c.at(-1) ?? this.usualC;
    let last = this.off.fromC;
    for (const { h, c } of warmUp(this.body, this.off.fromC)) {
      const ms = this.off.atMs + h * HOUR_MS;
      if (ms > toMs) break;
      last = c;
      this.put(ms, c);
    }
    return last;
  }

  power(atMs: number, power: 'off' | 'on'): void {
    if (power === 'off' && !this.off) {
      // The cold that was to come after the current came back does not come: it warms from what it is by now.
      const now = this.atMs.length > 0 ? storeAt(this, atMs) : this.usualC;
      this.forget(atMs);
      this.put(atMs, now);
      this.off = { atMs, fromC: now };
    } else if (power === 'on' && this.off) {
      this.put(atMs, this.warmTo(atMs));
      this.off = null;
      this.put(atMs + FIRST_READ_MS, this.usualC);
    }
  }

  read(atMs: number, c: number): void {
    if (this.off) {
      // A reading without current corrects the warming from there on.
      this.warmTo(atMs - 1);
      this.put(atMs, c);
      this.off = { atMs, fromC: c };
      return;
    }
    // What was to come after the current came back gives way to what was read.
    this.forget(atMs);
    if (this.atMs.length === 0) this.put(atMs - FIRST_READ_MS, this.usualC);
    this.put(atMs, c);
    this.usualC = c;
  }

  end(): StoreCourse {
    if (this.off) this.warmTo(Number.POSITIVE_INFINITY);
    if (this.atMs.length === 0) this.put(0, this.usualC);
    return { atMs: this.atMs, c: this.c };
  }
}

/**
 * How warm a store was, degC: its assumed temperature until half a day before it was first read, straight lines between readings, the
 * last holding on; without current it warms by `warmUp`, and is as cold as before again 12 hours after it came back, or as it is read.
 * Marks in any order; those that hold no number are passed over.
 */
export function storeCourse(body: StoreBody, marks: readonly StoreMark[]): StoreCourse {
  const following = new Following(body);
  const order = marks
    .filter((m) => Number.isFinite(m.atMs) && ('power' in m || Number.isFinite(m.c)))
    .sort((a, b) => a.atMs - b.atMs);
  for (const m of order) {
    if ('power' in m) following.power(m.atMs, m.power);
    else following.read(m.atMs, m.c);
  }
  return following.end();
}

/** The temperature of a course at an instant, degC. */
export function storeAt({ atMs, c }: StoreCourse, ms: number): number {
  const i = lastBefore(atMs, ms);
  if (i < 0) return c[0]!;
  const [a, b] = [atMs[i]!, atMs[i + 1]];
  return b === undefined ? c[i]! : c[i]! + ((c[i + 1]! - c[i]!) * (ms - a)) / (b - a);
}

/** The index of the last point of a course at or before an instant; -1 where there is none. */
export function lastBefore(atMs: readonly number[], ms: number): number {
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
