import type { Asks } from '../asked.ts';
import {
  type Freshness,
  iceDaysUsed,
  type Keeping,
  spoilageModel,
  stiffAt,
  type Stiffness,
  stiffness,
  type StiffNow,
  TYPICAL_C,
} from '@dagboek/core/fresh';
import { courseAt, meets } from '@dagboek/core/heat';
import { epochMs } from '@dagboek/core/time';
import type { CustodyLine } from '../places/custody.ts';
import { fleshHistory, fromLays } from '../warmth/flesh-history.ts';
import { freshnessOf, mayBeFresh } from './freshness-of.ts';
import type { Lay } from '../warmth/history-of.ts';

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;

/** A part of what a fish has used of its freshness. */
export interface UsedPart {
  readonly keeping: Keeping;
  readonly hours: number;
  readonly iceDays: number;
  /** Of its flesh when that part ended, degC. */
  readonly endC: number;
}

/** What the ice-days of a fish are made of, by where it lay, in the order of time; empty where freshness is no question. */
export function usedParts(asked: Asks<'book' | 'species' | 'nowMs'>, line: CustodyLine): UsedPart[] {
  const { species: byId, nowMs } = asked;
  const species = byId(line.fish.species);
  if (!species || !mayBeFresh(line)) return [];
  const untilMs = Math.min(nowMs, line.eatenAt ? epochMs(line.eatenAt) : nowMs);
  const { lays, course } = fleshHistory(asked, line, null, untilMs);
  const model = spoilageModel(species.keeping);
  const out: UsedPart[] = [];
  lays.forEach((l, i) => {
    const toMs = Math.min(untilMs, lays[i + 1]?.atMs ?? untilMs);
    if (toMs <= l.atMs) return;
    const part: UsedPart = {
      keeping: l.keeping,
      hours: (toMs - l.atMs) / HOUR_MS,
      iceDays: iceDaysUsed(course, toMs, model) - iceDaysUsed(course, l.atMs, model),
      endC: courseAt(course.atMs, course.meanC, toMs),
    };
    const before = out.at(-1);
    if (before?.keeping !== l.keeping) out.push(part);
    else out[out.length - 1] = { ...part, hours: before.hours + part.hours, iceDays: before.iceDays + part.iceDays };
  });
  return out;
}

/** Killed, bled and iced at once takes so long. */
const AT_ONCE_MS = 10 * MIN_MS;

/** What its handling cost a fish: days on ice that it would have more, had it been killed, bled and iced at once on ice that lasted. */
export interface HandlingCost {
  readonly days: number;
  /** Its own freshness, and that of the same fish handled so. */
  readonly own: Freshness;
  readonly best: Freshness;
}

/** The cost of how a fish was handled; null where freshness is no question, and for one that is not on ice yet. */
export function handlingCost(asked: Asks<'book' | 'species' | 'nowMs'>, line: CustodyLine): HandlingCost | null {
  const { book, species: byId, nowMs } = asked;
  const own = freshnessOf(asked, line);
  const history = fleshHistory(asked, line);
  if (!own || history.chilledMs === null || history.chilledMs > nowMs) return null;
  const landedMs = epochMs(line.fish.landed.at);
  const icedMs = Math.min(history.chilledMs, landedMs + AT_ONCE_MS);
  const first = history.lays[0];
  const iced = history.lays.find((l) => l.keeping === 'box' || l.keeping === 'box without ice');
  if (!first || !iced) return null;
  const rest = history.lays.filter((l) => l.keeping === 'board' || l.keeping === 'fridge' || l.keeping === 'freezer');
  const boundary = meets('wet ice', TYPICAL_C.box);
  const lays: Lay[] = [
    { ...first, atMs: Math.min(landedMs, icedMs - 1), fromMs: Math.min(landedMs, icedMs - 1) },
    { ...iced, keeping: 'box', boundary, atMs: icedMs, fromMs: icedMs },
    ...rest,
  ];
  const waterC = book.getAny('trip', line.fish.trip)?.waterC ?? TYPICAL_C.unknownWater;
  const best = freshnessOf(asked, asBled(line), null, fromLays(line.fish, lays, byId, waterC));
  return best && { days: Math.max(0, best.daysLeft.cooking - own.daysLeft.cooking), own, best };
}

/** The same fish, bled, and its gut whole. */
function asBled(line: CustodyLine): CustodyLine {
  const { fish } = line;
  const at = fish.dispatched ?? fish.landed;
  const bled = { cut: 'both gills' as const, at: at.at, about: at.about };
  return { ...line, fish: { ...fish, bled, dispatched: fish.dispatched && { ...fish.dispatched, gutPierced: false } } };
}

/** When a whole fish sets in and passes, and what it most likely is at `nowMs`; null for one that was not killed, let go, or eaten. */
export function stiffnessOf(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  line: CustodyLine,
): (Stiffness & { readonly now: StiffNow }) | null {
  const { nowMs } = asked;
  if (!mayBeFresh(line) || line.where === 'eaten') return null;
  const { course, deathMs, massG } = fleshHistory(asked, line);
  const s = stiffness(course, deathMs, massG, line.fish.dispatched?.wired ?? false);
  return { ...s, now: stiffAt(s, nowMs) };
}
