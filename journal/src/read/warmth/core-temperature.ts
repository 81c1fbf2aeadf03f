import type { Asks } from '../asked.ts';
import { HISTAMINE_LIMITS } from '@dagboek/core/fresh';
import { courseAt, sampleBefore } from '@dagboek/core/heat';
import { custodyOf, type CustodyLine } from '../places/custody.ts';
import { fleshHistory, type FleshHistory } from './flesh-history.ts';
import { massOf } from '../bodies/mass-of.ts';

/** Cold enough inside, degC: above it histamine forms and spoiling is quick (US FDA hazards guide). */
export const COLD_C = HISTAMINE_LIMITS.aboveC;

/** How cold a fish is inside. */
export interface CoreTemperature {
  /** Of its middle now, degC. */
  readonly coreC: number;
  /** When its middle came, or will come, below COLD_C as it lies now, epoch ms; null when it does not. */
  readonly coldMs: number | null;
  /** Whether it is cold enough now. */
  readonly cold: boolean;
  /** When it was cold and will be warm again as it lies, epoch ms; null when it will not be. */
  readonly warmMs: number | null;
  /** The last that a thermometer said of it, and by how much the reckoning was off, K; null when none was put in. */
  readonly read: { readonly atMs: number; readonly c: number; readonly offK: number } | null;
}

/** Where a fish still lies whole. */
const WHOLE: readonly CustodyLine['where'][] = ['in hand', 'bleeding', 'box'];

/** Instants at which the middle crosses the line, in the order of time. */
function crossings({ course: { atMs, coreC } }: FleshHistory): { atMs: number; cold: boolean }[] {
  const out: { atMs: number; cold: boolean }[] = [];
  for (let i = 1; i < atMs.length; i++) {
    const [a, b] = [coreC[i - 1]!, coreC[i]!];
    if (a <= COLD_C === b <= COLD_C) continue;
    out.push({ atMs: atMs[i - 1]! + ((a - COLD_C) / (a - b)) * (atMs[i]! - atMs[i - 1]!), cold: b <= COLD_C });
  }
  return out;
}

/**
 * How cold a whole fish is inside at `nowMs`, by conduction from its skin since it was killed: its body from its kind and
 * weight, its box as it is reckoned. Null where that is no question: let go, on the board or beyond, of no name or weight, or not
 * killed.
 */
export function coreTemperature(asked: Asks<'book' | 'species' | 'nowMs'>, line: CustodyLine): CoreTemperature | null {
  const { species: byId, nowMs } = asked;
  const { fish } = line;
  if (!massOf(fish, byId(fish.species)) || !byId(fish.species) || !WHOLE.includes(line.where)) return null;
  if (!fish.dispatched && !fish.bled && !fish.iced) return null;
  const history = fleshHistory(asked, line);
  if (nowMs < history.deathMs) return null;
  const coreC = courseAt(history.course.atMs, history.course.coreC, nowMs);
  const cold = coreC <= COLD_C;
  const turns = crossings(history);
  const [lastCold, nextCold] = [
    turns.findLast((t) => t.cold && t.atMs <= nowMs),
    turns.find((t) => t.cold && t.atMs > nowMs),
  ];
  const coldMs = cold ? (lastCold?.atMs ?? history.deathMs) : (nextCold?.atMs ?? null);
  const warmMs = turns.find((t) => !t.cold && t.atMs > Math.max(nowMs, coldMs ?? nowMs))?.atMs ?? null;
  const read = history.course.readAs.findLast((r) => r.atMs <= nowMs) ?? null;
  return {
    coreC,
    coldMs: coldMs === null ? null : Math.round(coldMs),
    cold,
    warmMs: warmMs === null ? null : Math.round(warmMs),
    read: read && { atMs: read.atMs, c: read.c, offK: read.reckonedC - read.c },
  };
}

/** How cold a fish of the book is inside; null as in `coreTemperature`. */
export function coreTemperatureOf(asked: Asks<'book' | 'species' | 'nowMs'>, fishId: string): CoreTemperature | null {
  const { book } = asked;
  const line = custodyOf(book, fishId);
  return line && coreTemperature(asked, line);
}

/** The instants of a course between two others, with its middle: for drawing. */
export function coreLine(
  history: Pick<FleshHistory, 'course'>,
  fromMs: number,
  toMs: number,
): { atMs: number; c: number }[] {
  const { atMs, coreC } = history.course;
  const at = (ms: number): { atMs: number; c: number } => ({ atMs: ms, c: courseAt(atMs, coreC, ms) });
  const from = Math.max(fromMs, atMs[0]!);
  if (toMs <= from) return [];
  const out = [at(from)];
  for (let i = sampleBefore(atMs, from) + 1; i < atMs.length && atMs[i]! < toMs; i++)
    out.push({ atMs: atMs[i]!, c: coreC[i]! });
  out.push(at(toMs));
  return out;
}
