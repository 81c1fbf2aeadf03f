import { addDays, civilDay, epochMs, instantOf, stamp } from '../time/index.ts';
import type { StoreKind } from './store-kinds.ts';

/** What a larder asks for, day by day. A name stands in the log for ever. */
export const CHORES = ['towel', 'turn', 'ice', 'weigh', 'read', 'thaw'] as const;
export type ChoreOf = (typeof CHORES)[number];

/** When chores are done: the hours of the house, in its own zone. */
export const CHORE_HOURS = { morning: '08:00', evening: '19:00' } as const;
export type ChoreSlot = keyof typeof CHORE_HOURS;

/** A pack that something may be due for. */
export interface ChorePack {
  readonly id: string;
  /** Since when it lies as it does, epoch ms. */
  readonly sinceMs: number;
  readonly store: StoreKind;
  readonly wrapping: string;
  /** Raw flesh; what was cooked, and stock, asks for nothing. */
  readonly raw: boolean;
  readonly whole: boolean;
}
/** A store that something may be due for. */
export interface ChoreStore {
  readonly id: string;
  readonly is: StoreKind;
  readonly packs: number;
  /** Since when it holds what it holds, or is watched, epoch ms. */
  readonly sinceMs: number;
  /** A clock of freezing runs in it: it is read every day. */
  readonly clock: boolean;
}
/** Something that was done, of those chores. */
export interface ChoreDone {
  readonly of: ChoreOf;
  readonly subject: string;
  readonly atMs: number;
}

/** A chore at its hour. */
export interface Chore {
  readonly of: ChoreOf;
  readonly subject: string;
  readonly day: string;
  readonly slot: ChoreSlot;
  readonly atMs: number;
  /** `missed`: its time has gone by, and the next of its kind has come. */
  readonly state: 'done' | 'due' | 'missed' | 'to come';
}

const HOUR_MS = 3_600_000;

/** In the order of their hours; of one hour always in the same order. */
export const byHour = (a: Chore, b: Chore): number =>
  a.atMs - b.atMs || (a.of < b.of ? -1 : a.of > b.of ? 1 : a.subject < b.subject ? -1 : 1);

/**
 * A pack that is to be taken out of the freezer for a planned meal: from half a working day before its hour it is due, and stays so until it
 * lies elsewhere; `done`: it does. `atMs`: its hour.
 */
export const thawChore = (
  pack: string,
  day: string,
  atMs: number,
  hour: number,
  nowMs: number,
  done = false,
): Chore => ({
  of: 'thaw',
  subject: pack,
  day,
  slot: hour < 14 ? 'morning' : 'evening',
  atMs,
  state: done ? 'done' : atMs - EARLY_MS <= nowMs ? 'due' : 'to come',
});

/** Done so long before its hour it counts for it. */
const EARLY_MS = 5 * HOUR_MS;
/** What was put by so short a time before needs nothing yet. */
const REST_MS = 5 * HOUR_MS;
/** Towels are changed for so long; then the fish is dry. Source: domain notes, section 7; the careful keeper's way. */
const TOWELS_MS = 48 * HOUR_MS;
/** A freezer is read once in so many days; while a clock of freezing runs in it every day. */
const READ_DAYS = 7;

/** A kind of chore for one subject: the slots in which it falls due. */
interface Rota {
  readonly of: ChoreOf;
  readonly subject: string;
  readonly slots: readonly ChoreSlot[];
  readonly fromMs: number;
  readonly toMs: number;
  /** Days from one to the next, counted from the last that was done. */
  readonly everyDays: number;
}

const BOTH: readonly ChoreSlot[] = ['morning', 'evening'];
const MORNING: readonly ChoreSlot[] = ['morning'];
const ENDLESS = Number.POSITIVE_INFINITY;

function rotasOf(packs: readonly ChorePack[], stores: readonly ChoreStore[]): Rota[] {
  const out: Rota[] = [];
  for (const p of packs) {
    const of = { subject: p.id, fromMs: p.sinceMs + REST_MS, everyDays: 1 };
    if (p.raw && p.wrapping === 'cloth' && (p.store === 'fridge' || p.store === 'ice tray'))
      out.push({ ...of, of: 'towel', slots: BOTH, toMs: p.sinceMs + TOWELS_MS });
    if (p.raw && p.whole && p.store === 'ageing rack') {
      out.push({ ...of, of: 'turn', slots: MORNING, toMs: ENDLESS });
      out.push({ ...of, of: 'weigh', slots: MORNING, toMs: ENDLESS });
    }
  }
  for (const s of stores) {
    const of = { subject: s.id, toMs: ENDLESS };
    if (s.is === 'ice tray' && s.packs > 0)
      out.push({ ...of, of: 'ice', slots: BOTH, fromMs: s.sinceMs + REST_MS, everyDays: 1 });
    if (s.is === 'freezer' && s.packs > 0)
      out.push({ ...of, of: 'read', slots: MORNING, fromMs: s.sinceMs, everyDays: s.clock ? 1 : READ_DAYS });
  }
  return out;
}

/**
 * The chores of a larder from yesterday on, and so many days ahead, by their hour: what is done, due, missed and to come. Towels are
 * changed morning and evening for two days; a tray of ice is drained and topped up; on the rack fish are turned and weighed; a freezer is
 * read once a week, and every day while a clock of freezing runs in it. `zone`: of the house; clocks may change in between.
 */
export function choresOf(
  of: {
    readonly packs: readonly ChorePack[];
    readonly stores: readonly ChoreStore[];
    readonly done: readonly ChoreDone[];
  },
  nowMs: number,
  zone: string,
  daysAhead = 1,
): Chore[] {
  const today = civilDay(stamp(nowMs, zone), zone);
  const days = Array.from({ length: daysAhead + 2 }, (_, i) => addDays(today, i - 1));
  const out: Chore[] = [];
  for (const rota of rotasOf(of.packs, of.stores)) {
    const marks = of.done.filter((d) => d.of === rota.of && d.subject === rota.subject).map((d) => d.atMs);
    out.push(
      ...(rota.everyDays === 1 ? daily(rota, marks, days, nowMs, zone) : nowAndThen(rota, marks, days, nowMs, zone)),
    );
  }
  return out.sort(byHour);
}

const hourOf = (day: string, slot: ChoreSlot, zone: string): number => epochMs(instantOf(day, CHORE_HOURS[slot], zone));

function daily(rota: Rota, marks: readonly number[], days: readonly string[], nowMs: number, zone: string): Chore[] {
  const hours = days
    .flatMap((day) => rota.slots.map((slot) => ({ day, slot, atMs: hourOf(day, slot, zone) })))
    .filter((h) => h.atMs >= rota.fromMs && h.atMs <= rota.toMs);
  return hours.map((h, i): Chore => {
    const next = hours[i + 1]?.atMs ?? ENDLESS;
    const done = marks.some((ms) => ms >= h.atMs - EARLY_MS && ms < next - EARLY_MS);
    const come = h.atMs - EARLY_MS <= nowMs;
    const state = done ? 'done' : next - EARLY_MS <= nowMs ? 'missed' : come ? 'due' : 'to come';
    return { of: rota.of, subject: rota.subject, ...h, state };
  });
}

/** What falls due once in some days waits until it is done, and is told once: today, or on its day. */
function nowAndThen(
  rota: Rota,
  marks: readonly number[],
  days: readonly string[],
  nowMs: number,
  zone: string,
): Chore[] {
  const [today, end] = [days[1]!, days.at(-1)!];
  const [slot] = rota.slots;
  if (!slot) return [];
  const last = marks.reduce<number | null>((a, b) => (b <= nowMs && (a === null || b > a) ? b : a), null);
  const lastDay = last === null ? null : civilDay(stamp(last, zone), zone);
  const of = (day: string, state: Chore['state']): Chore => ({
    of: rota.of,
    subject: rota.subject,
    day,
    slot,
    atMs: hourOf(day, slot, zone),
    state,
  });
  const done = lastDay === today ? [of(today, 'done')] : [];
  const falls = lastDay === null ? today : addDays(lastDay, rota.everyDays);
  const day = falls < today ? today : falls;
  if (day > end) return done;
  const come = day === today && hourOf(day, slot, zone) - EARLY_MS <= nowMs;
  return [...done, of(day, come ? 'due' : 'to come')];
}
