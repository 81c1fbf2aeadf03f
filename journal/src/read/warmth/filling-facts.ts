import type { Asks } from '../asked.ts';
import {
  type BoxEvent,
  type FirstIce,
  ICE_KG_PER_L,
  type IceFinding,
  SLURRY_C,
  SUN_K,
  sunlit,
} from '@dagboek/core/box';
import { TYPICAL_C } from '@dagboek/core/fresh';
import { epochMs, offsetMs } from '@dagboek/core/time';
import { airAt, airsOf } from '../places/air-about.ts';
import { fishOfTrip } from '../bodies/order.ts';
import { type Stay, staysOf } from '../places/stays-of.ts';
import { type At, notedOf } from './box-marks.ts';
import { fewer, plainFish, type PlainFish } from './plain-fish.ts';
import { firstFrom, tripsWith } from './trips-with-box.ts';
import type { Book } from '../../log/book/book.ts';
import type { BoxState, FishState, TripState } from '../../log/state/states.ts';

/** What a filling of a box is reckoned from: numbers and words alone. */
export interface FillingFacts {
  readonly litres: number;
  readonly fromMs: number;
  /** When it is filled anew for the next trip; infinite while it is not. */
  readonly nextMs: number;
  /** When the trip was over and the last fish out; null before. */
  readonly closedMs: number | null;
  readonly fish: readonly PlainFish[];
  readonly events: readonly BoxEvent[];
  readonly found: readonly IceFinding[];
  readonly firstIce: FirstIce;
  readonly meltC: number;
  readonly air: readonly { readonly atMs: number; readonly c: number }[];
}

/** The same with what a page says of it. */
export interface GatheredFilling {
  readonly box: BoxState;
  readonly trip: TripState | null;
  readonly facts: FillingFacts;
  readonly ids: readonly string[];
  readonly iceAssumed: boolean;
  readonly sun: boolean;
  readonly openedMs: readonly number[];
}

const HOUR_MS = 3_600_000;
/** A bag of ice weighs what was said, to so much; ice that nobody weighed fills a third of the box, by a guess as wide as half of it. Our own assumptions. */
const SAID = { share: 0.1, kg: 0.2 } as const;
const ASSUMED = { share: 1 / 3, sd: 0.5 } as const;

/** What was noted of a box during one filling, in the order of time. */
type Noted = { readonly [K in keyof ReturnType<typeof notedOf>]: ReturnType<typeof notedOf>[K] };

/** A fish of a filling, and one of its stays in the box. */
interface Lain {
  readonly f: FishState;
  readonly s: Stay;
}

/** What is done to the ice: what is put in, with its sea water at `seaC`, degC, and what is poured off. */
function eventsOf({ ice, drained }: Noted, seaC: number): BoxEvent[] {
  return [
    ...ice.flatMap(({ x, ms }): BoxEvent[] =>
      x.kg === null
        ? []
        : [
            { atMs: ms, kind: 'ice', kg: x.kg },
            ...(x.seaL ? [{ atMs: ms, kind: 'water' as const, kg: x.seaL, c: seaC }] : []),
          ],
    ),
    ...drained.map(({ ms }): BoxEvent => ({ atMs: ms, kind: 'drained' })),
  ];
}

/** What was found out about the ice: seen, weighed, read, poured off. `meltC`: at which it melts, degC. */
const findingsOf = ({ ice, weighed, read, drained }: Noted, meltC: number): IceFinding[] =>
  [
    ...ice.flatMap(({ x, ms }): IceFinding[] => (x.seen === null ? [] : [{ atMs: ms, kind: 'seen', word: x.seen }])),
    ...weighed.map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'weighed', kg: x.kg })),
    ...read.map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'read', overK: x.c - meltC })),
    ...drained.flatMap(({ x, ms }): IceFinding[] => (x.kg === null ? [] : [{ atMs: ms, kind: 'poured', kg: x.kg }])),
  ].sort((a, b) => a.atMs - b.atMs);

/** The ice it sets out with, kg, and how well that is known; `assumed`: nobody has said or put in any. */
function iceAtFirst(
  litres: number,
  said: number | null,
  events: readonly BoxEvent[],
  firstIn: number,
): FirstIce & { readonly assumed: boolean } {
  if (said !== null) return { kg: said, sdKg: said * SAID.share + SAID.kg, assumed: false };
  if (events.some((e) => e.kind === 'ice' && e.atMs <= firstIn + HOUR_MS)) return { kg: 0, sdKg: 0.05, assumed: false };
  const kg = litres * ASSUMED.share * ICE_KG_PER_L;
  return { kg, sdKg: kg * ASSUMED.sd, assumed: true };
}

/** From when to when a filling lasts, epoch ms, and how its fish lay in it; null where nothing was ever in it. */
function spanOf(
  book: Book,
  box: BoxState,
  trip: TripState | null,
): {
  readonly lain: readonly Lain[];
  readonly firstIn: number;
  readonly fromMs: number;
  readonly nextMs: number;
} | null {
  const lain = (trip ? fishOfTrip(book, trip.id) : []).flatMap((f) =>
    staysOf(book, f)
      .filter((s) => s.box === box.id)
      .map((s) => ({ f, s })),
  );
  const firstIn = Math.min(...lain.map((x) => x.s.fromMs));
  const fromMs = trip?.box === box.id ? Math.min(epochMs(trip.startedAt), firstIn) : firstIn;
  if (!Number.isFinite(fromMs)) return null;
  const all = tripsWith(book, box.id);
  const first = firstFrom(all, fromMs);
  const next = all.slice(first, first + 3).find((t) => t.ms > fromMs && t.trip.id !== trip?.id);
  return { lain, firstIn, fromMs, nextMs: next?.ms ?? Number.POSITIVE_INFINITY };
}

/** What a filling of a box is reckoned from, gathered from the book. */
export function gatherFilling(
  { book, species: byId }: Asks<'book' | 'species'>,
  box: BoxState,
  trip: TripState | null,
): GatheredFilling | null {
  const span = spanOf(book, box, trip);
  if (!span) return null;
  const { lain, firstIn, fromMs, nextMs } = span;
  const within = <T>(l: readonly At<T>[]): At<T>[] => l.filter(({ ms }) => ms >= fromMs && ms < nextMs);
  const all = notedOf(box);
  const times: Noted = {
    ice: within(all.ice),
    weighed: within(all.weighed),
    read: within(all.read),
    drained: within(all.drained),
    stands: within(all.stands),
  };
  const slurry =
    lain.some((x) => x.s.how === 'slurry') || times.ice.some(({ x }) => x.kg !== null && x.seaL !== undefined);
  const meltC = slurry ? SLURRY_C : 0;
  const seaC = trip?.waterC ?? TYPICAL_C.unknownWater;
  const events = eventsOf(times, seaC);
  const found = findingsOf(times, meltC);
  const said = trip?.box === box.id ? trip.iceKg : null;
  const { kg, sdKg, assumed } = iceAtFirst(box.litres, said ?? null, events, firstIn);
  const stands = times.stands.map(({ x, ms }) => ({ atMs: ms, sun: x.sun, offsetMs: offsetMs(x.at) }));
  const out = lain.every(({ s }) => Number.isFinite(s.toMs));
  const lastOut = Math.max(fromMs, ...lain.map((x) => x.s.toMs).filter(Number.isFinite));
  return {
    box,
    trip,
    facts: {
      litres: box.litres,
      fromMs,
      nextMs,
      closedMs: trip?.endedAt && out ? Math.max(epochMs(trip.endedAt), lastOut) : null,
      fish: fewer(lain.map(({ f, s }, i) => plainFish(f, s, i, byId(f.species), trip, seaC))),
      events,
      found,
      firstIce: { kg, sdKg },
      meltC,
      air: aboutIt(trip, fromMs, stands),
    },
    ids: [...new Set(lain.map((x) => x.f.id))],
    iceAssumed: assumed,
    sun: stands.at(-1)?.sun ?? false,
    openedMs: [...lain.flatMap(({ s }) => [s.fromMs, s.toMs]), ...[...events, ...found].map((e) => e.atMs)]
      .filter(Number.isFinite)
      .sort((x, y) => x - y),
  };
}

/** Nothing in a box is followed for longer after it was last stood somewhere, ms. */
const STANDS_MS = 10 * 24 * HOUR_MS;

/** What is about the box from its beginning on, degC: the air, warmer by day where it stands in the sun. */
function aboutIt(
  trip: TripState | null,
  fromMs: number,
  stands: readonly { readonly atMs: number; readonly sun: boolean; readonly offsetMs: number }[],
): { atMs: number; c: number }[] {
  const airs = airsOf(trip);
  const sunny = stands.flatMap((s, i) =>
    s.sun ? sunlit(s.atMs, stands[i + 1]?.atMs ?? s.atMs + STANDS_MS, s.offsetMs) : [],
  );
  const turns = [fromMs, ...airs.map((a) => a.atMs), ...sunny.flat()].filter((ms) => ms >= fromMs);
  return [...new Set(turns)]
    .sort((a, b) => a - b)
    .map((atMs) => ({
      atMs,
      c: airAt(airs, atMs) + (sunny.some(([from, to]) => from <= atMs && atMs < to) ? SUN_K : 0),
    }));
}
