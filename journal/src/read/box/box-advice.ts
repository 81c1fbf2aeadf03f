import type { Asks } from '../asked.ts';
import { ICE } from '@dagboek/core/box';
import { TYPICAL_C } from '@dagboek/core/fresh';
import { FLESH } from '@dagboek/core/heat';
import { epochMs } from '@dagboek/core/time';
import { fishOnIce } from '../board/waiting.ts';
import { fishInHand } from '../deck/in-hand.ts';
import { suffersFirst } from '../deck/suffers-first.ts';
import { boxAt, type BoxNow } from './box-now.ts';
import { boxRoom } from './box-room.ts';
import type { Filling } from '../warmth/filling.ts';
import { kilosOf } from './kilos.ts';

/** What is to be done with a box, the most urgent first. */
export type BoxAdvice =
  | { readonly kind: 'no ice'; readonly sinceMs: number; readonly kg: number }
  | {
      readonly kind: 'add ice';
      readonly kg: number;
      readonly byMs: number;
      /** Until when it is to last, and why then. */
      readonly untilMs: number;
      readonly home: boolean;
      /** How far the box would come with it. */
      readonly carriesToMs: number;
    }
  /** Nobody noted how much ice went in, and nobody has looked: what is there is assumed, and has to be asked. */
  | { readonly kind: 'ice not noted' }
  | { readonly kind: 'enough'; readonly untilMs: number; readonly home: boolean }
  | { readonly kind: 'too full' }
  | { readonly kind: 'drain'; readonly kg: number }
  | { readonly kind: 'ice first'; readonly fish: string }
  | { readonly kind: 'shut'; readonly times: number };

const HOUR_MS = 3_600_000;
/** Without a word of coming home: it should last so much longer; of fish at home until the board, so long. */
const [AHEAD_H, AT_HOME_H] = [6, 12];
/** The least ice that still covers fish, kg for each kg of them, and in all. */
const [COVERS, LEAST_KG] = [0.25, 1];
/** Water higher than this share of the box reaches the fish. */
const WET = 0.12;
/** Opened so often within the last hour is often. */
const OFTEN = 5;

/** Until when a box is to last. */
function untilOf(f: Filling, nowMs: number): { untilMs: number; home: boolean } {
  const home = f.trip?.homeAt && !f.trip.endedAt ? epochMs(f.trip.homeAt) : null;
  if (home !== null && home > nowMs) return { untilMs: home, home: true };
  return { untilMs: nowMs + (f.trip?.endedAt ? AT_HOME_H : AHEAD_H) * HOUR_MS, home: false };
}

/** Half a kilo is what a hand can pour. */
const up = (kg: number): number => Math.max(0.5, Math.ceil(kg * 2) / 2);

/** Ice to add so that the box lasts with near certainty: what melts between its earliest end and then, and enough to cover the fish. */
function iceShort(f: Filling, now: BoxNow, fishKg: number, untilMs: number): number {
  const { uaWK, high } = f.known.leak;
  const cover = Math.min(fishKg * COVERS, LEAST_KG);
  if (now.withoutMs !== null) {
    // What lies in it is cooled down again, and then the walls are held.
    const over = Math.max(0, now.mediumC - f.meltC);
    const warm = (fishKg * FLESH.heatLean + now.waterKg * ICE.waterJ) * over;
    const walls = high * airOverK(f) * ((untilMs - now.atMs) / 1000);
    return (warm + walls) / ICE.fusionJ + cover;
  }
  const fromMs = now.earlyMs ?? now.atMs;
  if (fromMs >= untilMs) return 0;
  const rate = Math.max(now.meltKgH, 0.05) * (high / uaWK);
  return rate * ((untilMs - fromMs) / HOUR_MS) + cover;
}

/** Air about a box over what its ice melts at, K: as it was last. */
function airOverK(f: Filling): number {
  const [a, b] = f.melting.samples.slice(-2);
  const seconds = a && b ? (b.atMs - a.atMs) / 1000 : 0;
  return a && b && seconds > 0 ? Math.max(0, (b.degreeS - a.degreeS) / seconds) : TYPICAL_C.air;
}

/** When the ice first is less than so much, as reckoned. */
function fallsTo(f: Filling, kg: number, fromMs: number): number | null {
  return f.course.samples.find((s) => s.atMs > fromMs && s.iceKg <= kg)?.atMs ?? null;
}

/** What is to be done with a box now, and by when. Empty where nothing lies in it that is to be kept cold. */
export function boxAdvice(asked: Asks<'book' | 'species' | 'nowMs'>, f: Filling): BoxAdvice[] {
  const { book, species: byId, nowMs } = asked;
  const now = boxAt(f, nowMs);
  const inIt = fishOnIce(book).filter((x) => x.iced?.box === f.box.id);
  const fishKg = kilosOf(inIt, byId).kg;
  const open = f.trip !== null && !f.trip.endedAt && f.trip.box === f.box.id;
  if (inIt.length === 0 && !open) return [];
  const { untilMs, home } = untilOf(f, nowMs);
  const short = iceShort(f, now, fishKg, untilMs);
  const out: BoxAdvice[] = [];
  if (now.withoutMs !== null) out.push({ kind: 'no ice', sinceMs: now.withoutMs, kg: up(short) });
  else if (now.assumed) out.push({ kind: 'ice not noted' });
  else if (short > 0) {
    const kg = up(short);
    const least = Math.max(LEAST_KG, fishKg * COVERS);
    const byMs = Math.max(nowMs, Math.min(fallsTo(f, least, nowMs) ?? untilMs, now.earlyMs ?? untilMs));
    const carriesToMs = (now.goneMs ?? untilMs) + (kg / Math.max(0.05, now.meltKgH)) * HOUR_MS;
    out.push({ kind: 'add ice', kg, byMs, untilMs, home, carriesToMs });
  } else out.push({ kind: 'enough', untilMs: now.earlyMs ?? untilMs, home });
  if (boxRoom(asked, f.box, f.trip?.endedAt ? null : f.trip).tooFull) out.push({ kind: 'too full' });
  const hand = open && f.trip ? fishInHand(book, f.trip.id) : null;
  const [first] = hand ? suffersFirst(asked, [...hand.inHand, ...hand.bleeding]) : [];
  if (first && (first.dispatched || first.bled)) out.push({ kind: 'ice first', fish: first.id });
  // In a slurry the water is what cools.
  if (f.meltC === 0 && inIt.length > 0 && now.waterKg > f.box.litres * WET)
    out.push({ kind: 'drain', kg: now.waterKg });
  const times = new Set(f.openedMs.filter((ms) => ms > nowMs - HOUR_MS && ms <= nowMs)).size;
  if (times > OFTEN) out.push({ kind: 'shut', times });
  return out;
}
