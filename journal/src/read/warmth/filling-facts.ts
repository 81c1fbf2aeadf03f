import type { Asks } from '../asked.ts';
import {
  type BoxEvent,
  type BoxFish,
  type FirstIce,
  ICE_KG_PER_L,
  type IceFinding,
  type Leak,
  meltTestLeak,
  SLURRY_C,
  SUN_K,
  sunlit,
  usualLeak,
} from '@dagboek/core/box';
import { TYPICAL_C } from '@dagboek/core/fresh';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs, offsetMs } from '@dagboek/core/time';
import { airAt, airsOf, beforeIce } from '../places/air-about.ts';
import { bodyOf } from '../bodies/body-of.ts';
import { fishOfTrip, tripsInOrder } from '../bodies/order.ts';
import { staysOf } from '../places/stays-of.ts';
import type { Book } from '../../log/book/book.ts';
import type { BoxState, TripState } from '../../log/state/states.ts';

export type ById = (id: string | null) => SpeciesFacts | null;

/** A fish in a box, as it can be sent to a worker: its body without its functions. */
export interface PlainFish extends Omit<BoxFish, 'body'> {
  readonly radiusM: number;
  readonly exponent: number;
  readonly fat: 'lean' | 'oily';
}

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
/** A bag of ice weighs what was said, to so much; ice that nobody weighed fills a third of the box, by a guess as wide as half of it. */
const SAID = { share: 0.1, kg: 0.2 } as const;
const ASSUMED = { share: 1 / 3, sd: 0.5 } as const;
/** Fillings that teach a box's leak: the last so many of which something was seen. */
const TEACH = 12;
/** More bodies than this are put together by kind, weight and hour. */
const MOST_BODIES = 24;

export interface SetOut {
  readonly trip: TripState;
  readonly ms: number;
}

/** Trips that set out with a box, in the order of time, with when they did: asked for every fish, reckoned once. */
export const tripsWith = (book: Book, boxId: string): readonly SetOut[] =>
  book.reckoned(`trips with box ${boxId}`, ['trip'], [], () =>
    tripsInOrder(book)
      .filter((t) => t.box === boxId)
      .map((trip) => ({ trip, ms: epochMs(trip.startedAt) })),
  );

/** Index of the first of them that set out at or after an instant. */
export function firstFrom(list: readonly SetOut[], ms: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (list[mid]!.ms < ms) low = mid + 1;
    else high = mid;
  }
  return low;
}

interface At<T> {
  readonly x: T;
  readonly ms: number;
}
const timed = <T extends { at: string }>(l: readonly T[]): At<T>[] =>
  l.map((x) => ({ x, ms: epochMs(x.at) })).sort((a, b) => a.ms - b.ms);

const noted = new WeakMap<BoxState, ReturnType<typeof timesOf>>();
const timesOf = (box: BoxState) => ({
  ice: timed(box.ice),
  weighed: timed(box.weighed),
  read: timed(box.read),
  drained: timed(box.drained),
  stands: timed(box.stands),
});
/** What was noted of a box with its times, looked up once: a box of ten years has many. */
function notedOf(box: BoxState): ReturnType<typeof timesOf> {
  const known = noted.get(box) ?? timesOf(box);
  noted.set(box, known);
  return known;
}

/** When something was found out about the ice of a box, epoch ms, the last first. */
function looksOf(box: BoxState): number[] {
  const { ice, weighed, read, drained } = notedOf(box);
  return [...ice.filter((w) => w.x.seen !== null), ...weighed, ...read, ...drained]
    .map((w) => w.ms)
    .sort((a, b) => b - a);
}

/** What a filling of a box is reckoned from, gathered from the book. */
export function gatherFilling(
  { book, species: byId }: Asks<'book' | 'species'>,
  box: BoxState,
  trip: TripState | null,
): GatheredFilling | null {
  const carried = trip?.box === box.id;
  const list = trip ? fishOfTrip(book, trip.id) : [];
  const stays = list.flatMap((f) =>
    staysOf(book, f)
      .filter((s) => s.box === box.id)
      .map((s) => ({ f, s })),
  );
  const firstIn = Math.min(...stays.map((x) => x.s.fromMs));
  const fromMs = carried && trip ? Math.min(epochMs(trip.startedAt), firstIn) : firstIn;
  if (!Number.isFinite(fromMs)) return null;
  const all = tripsWith(book, box.id);
  const first = firstFrom(all, fromMs);
  const next = all.slice(first, first + 3).find((t) => t.ms > fromMs && t.trip.id !== trip?.id);
  const nextMs = next?.ms ?? Number.POSITIVE_INFINITY;
  const within = <T>(l: readonly At<T>[]): At<T>[] => l.filter(({ ms }) => ms >= fromMs && ms < nextMs);
  const times = notedOf(box);
  const puts = within(times.ice);
  const slurry = stays.some((x) => x.s.how === 'slurry') || puts.some(({ x }) => x.kg !== null && x.seaL !== undefined);
  const meltC = slurry ? SLURRY_C : 0;
  const seaC = trip?.waterC ?? TYPICAL_C.unknownWater;
  const events: BoxEvent[] = [
    ...puts.flatMap(({ x, ms }): BoxEvent[] =>
      x.kg === null
        ? []
        : [
            { atMs: ms, kind: 'ice', kg: x.kg },
            ...(x.seaL ? [{ atMs: ms, kind: 'water' as const, kg: x.seaL, c: seaC }] : []),
          ],
    ),
    ...within(times.drained).map(({ ms }): BoxEvent => ({ atMs: ms, kind: 'drained' })),
  ];
  const found: IceFinding[] = [
    ...puts.flatMap(({ x, ms }): IceFinding[] => (x.seen === null ? [] : [{ atMs: ms, kind: 'seen', word: x.seen }])),
    ...within(times.weighed).map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'weighed', kg: x.kg })),
    ...within(times.read).map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'read', overK: x.c - meltC })),
    ...within(times.drained).flatMap(({ x, ms }): IceFinding[] =>
      x.kg === null ? [] : [{ atMs: ms, kind: 'poured', kg: x.kg }],
    ),
  ].sort((a, b) => a.atMs - b.atMs);
  const said = carried ? (trip?.iceKg ?? null) : null;
  const isNoted = said !== null || events.some((e) => e.kind === 'ice' && e.atMs <= firstIn + HOUR_MS);
  const kg = said ?? (isNoted ? 0 : box.litres * ASSUMED.share * ICE_KG_PER_L);
  const sdKg = said !== null ? said * SAID.share + SAID.kg : isNoted ? 0.05 : kg * ASSUMED.sd;
  const fish = stays.map(({ f, s }, i): PlainFish => {
    const species = byId(f.species);
    const { body, massG } = bodyOf(f, species);
    const before = beforeIce(f, trip);
    return {
      id: `${f.id} ${i}`,
      radiusM: body.radiusM,
      exponent: body.exponent,
      fat: species?.fat ?? 'lean',
      massKg: massG / 1000,
      count: f.count,
      inMs: s.fromMs,
      outMs: Number.isFinite(s.toMs) ? s.toMs : null,
      startC: seaC,
      before: before
        .map((b, k) => ({
          seconds: (Math.min(before[k + 1]?.atMs ?? s.fromMs, s.fromMs) - b.atMs) / 1000,
          boundary: b.boundary,
        }))
        .filter((b) => b.seconds > 0),
      how: s.how === 'slurry' ? 'still slurry' : 'wet ice',
    };
  });
  const stands = within(times.stands).map(({ x, ms }) => ({ atMs: ms, sun: x.sun, offsetMs: offsetMs(x.at) }));
  const out = stays.every(({ s }) => Number.isFinite(s.toMs));
  const lastOut = Math.max(fromMs, ...stays.map((x) => x.s.toMs).filter(Number.isFinite));
  return {
    box,
    trip,
    facts: {
      litres: box.litres,
      fromMs,
      nextMs,
      closedMs: trip?.endedAt && out ? Math.max(epochMs(trip.endedAt), lastOut) : null,
      fish: fewer(fish),
      events,
      found,
      firstIce: { kg, sdKg },
      meltC,
      air: aboutIt(trip, fromMs, stands),
    },
    ids: [...new Set(stays.map((x) => x.f.id))],
    iceAssumed: !isNoted,
    sun: stands.at(-1)?.sun ?? false,
    openedMs: [
      ...stays.flatMap(({ s }) => [s.fromMs, s.toMs]),
      ...events.map((e) => e.atMs),
      ...found.map((e) => e.atMs),
    ]
      .filter(Number.isFinite)
      .sort((x, y) => x - y),
  };
}

/** Many fish as fewer bodies of the same heat: those alike in body, weight and hours lie together. */
function fewer(fish: readonly PlainFish[], lnMass = 0.15, ms = 900_000): readonly PlainFish[] {
  if (fish.length <= MOST_BODIES) return fish;
  const groups = new Map<string, PlainFish[]>();
  for (const f of fish) {
    const at = (x: number | null): number | null => (x === null ? null : Math.round(x / ms));
    const key = [f.fat, Math.round(Math.log(f.massKg) / lnMass), at(f.inMs), at(f.outMs), f.how].join();
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  const one = [...groups.values()].map((g): PlainFish => {
    const [first] = g as [PlainFish, ...PlainFish[]];
    const count = g.reduce((n, f) => n + f.count, 0);
    return { ...first, count, massKg: g.reduce((kg, f) => kg + f.massKg * f.count, 0) / count };
  });
  return one.length > MOST_BODIES && lnMass < 3 ? fewer(one, lnMass * 2, ms * 2) : one;
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

/** What is known of the leak of a box besides one filling: what it usually is, what was tested, and the fillings that teach it. */
export interface LeakFacts {
  readonly usual: Leak;
  readonly tests: readonly Leak[];
  readonly taught: readonly FillingFacts[];
}

/** The leak's facts as they are before an instant: only fillings in which somebody looked can teach, the last of them. */
export function gatherLeak(asked: Asks<'book' | 'species'>, box: BoxState, beforeMs: number): LeakFacts {
  const { book } = asked;
  const trips = tripsWith(book, box.id);
  const taught = new Set<TripState>();
  for (const ms of looksOf(box)) {
    if (taught.size === TEACH) break;
    const at = trips[firstFrom(trips, ms + 1) - 1];
    if (at && at.ms < beforeMs) taught.add(at.trip);
  }
  return {
    usual: usualLeak(box.litres, box.walls),
    tests: box.tests
      .filter((t) => epochMs(t.at) < beforeMs)
      .flatMap((t) => {
        const leak = meltTestLeak(t);
        return typeof leak === 'string' ? [] : [leak];
      }),
    taught: [...taught].flatMap((t) => {
      const g = gatherFilling(asked, box, t);
      return g && g.facts.fromMs < beforeMs && g.facts.found.length > 0 ? [g.facts] : [];
    }),
  };
}
