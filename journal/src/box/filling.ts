import {
  type BoxCourse,
  type BoxEvent,
  type BoxFish,
  type FirstIce,
  ICE,
  ICE_KG_PER_L,
  type IceFinding,
  iceBand,
  type IceBand,
  icePosterior,
  type IcePosterior,
  iceWith,
  leakGrid,
  leakLikelihood,
  type Melting,
  meltTestLeak,
  runBox,
  SLURRY_C,
  SUN_K,
  together,
  usualLeak,
  usualWeights,
  weightsOf,
} from '@dagboek/core/box';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import { airAt, airsOf, beforeIce } from '../line/air-about.ts';
import { bodyOf } from '../line/body-of.ts';
import { fishOfTrip, tripsInOrder } from '../line/order.ts';
import { staysOf } from '../line/stays-of.ts';
import { Remembered } from '../remembered.ts';
import type { Book } from '../state/book.ts';
import type { BoxState, TripState } from '../state/states.ts';

export type ById = (id: string | null) => SpeciesFacts | null;

/** One use of a box: from the trip that set out with it until the next that does. */
export interface Filling {
  readonly box: BoxState;
  readonly trip: TripState | null;
  readonly fromMs: number;
  /** When it is filled anew for the next trip; infinite while it is not. */
  readonly nextMs: number;
  readonly course: BoxCourse;
  readonly known: IcePosterior;
  /** At whose instants the band of `bandOf` stands. */
  readonly melting: Melting;
  readonly found: readonly IceFinding[];
  readonly meltC: number;
  /** Nobody said how much ice went in: a third of the box is taken. */
  readonly iceAssumed: boolean;
  readonly firstIce: FirstIce;
  /** Whether it stands in the sun now. */
  readonly sun: boolean;
  /** Fish that lay in it, by id. */
  readonly fish: readonly string[];
  /** When its lid was lifted, epoch ms. */
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
/** A box is followed so long after what was last noted, and so long after its ice is gone, h. */
const [AFTER_H, WARM_H, MOST_H] = [72, 48, 14 * 24];

const melts = new Remembered<Melting>(120);
const likelihoods = new Remembered<Float64Array>(200);
const courses = new Remembered<Pick<Filling, 'course' | 'known'>>(80);

interface SetOut {
  readonly trip: TripState;
  readonly ms: number;
}

/** Trips that set out with a box, in the order of time, with when they did: asked for every fish, reckoned once. */
const tripsWith = (book: Book, boxId: string): readonly SetOut[] =>
  book.reckoned(`trips with box ${boxId}`, ['trip'], [], () =>
    tripsInOrder(book)
      .filter((t) => t.box === boxId)
      .map((trip) => ({ trip, ms: epochMs(trip.startedAt) })),
  );

/** Index of the first of them that set out at or after an instant. */
function firstFrom(list: readonly SetOut[], ms: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (list[mid]!.ms < ms) low = mid + 1;
    else high = mid;
  }
  return low;
}

const looked = new WeakMap<BoxState, readonly number[]>();
/** When something was found out about the ice of a box, epoch ms, the last first. */
function looksOf(box: BoxState): readonly number[] {
  const known = looked.get(box);
  if (known) return known;
  const all = [...box.ice.filter((w) => w.seen !== null), ...box.weighed, ...box.read, ...box.drained]
    .map((w) => epochMs(w.at))
    .sort((a, b) => b - a);
  looked.set(box, all);
  return all;
}

interface Facts {
  readonly box: BoxState;
  readonly trip: TripState | null;
  readonly fromMs: number;
  readonly nextMs: number;
  readonly fish: readonly BoxFish[];
  readonly ids: readonly string[];
  readonly events: readonly BoxEvent[];
  readonly found: readonly IceFinding[];
  readonly firstIce: FirstIce;
  readonly iceAssumed: boolean;
  readonly meltC: number;
  readonly sun: boolean;
  readonly closedMs: number | null;
  readonly openedMs: readonly number[];
  /** Where it stood on this trip: in the shade until it is said otherwise. */
  readonly stands: readonly { readonly atMs: number; readonly sun: boolean }[];
}

/** What a filling of a box is reckoned from, gathered from the book. */
function factsOf(book: Book, box: BoxState, trip: TripState | null, byId: ById): Facts | null {
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
  const within = <T extends { at: string }>(l: readonly T[]): { x: T; ms: number }[] =>
    l.map((x) => ({ x, ms: epochMs(x.at) })).filter(({ ms }) => ms >= fromMs && ms < nextMs);
  const puts = within(box.ice);
  const slurry = stays.some((x) => x.s.how === 'slurry') || puts.some(({ x }) => x.kg !== null && x.seaL !== undefined);
  const meltC = slurry ? SLURRY_C : 0;
  const seaC = trip?.waterC ?? 14;
  const events: BoxEvent[] = [
    ...puts.flatMap(({ x, ms }): BoxEvent[] =>
      x.kg === null
        ? []
        : [
            { atMs: ms, kind: 'ice', kg: x.kg },
            ...(x.seaL ? [{ atMs: ms, kind: 'water' as const, kg: x.seaL, c: seaC }] : []),
          ],
    ),
    ...within(box.drained).map(({ ms }): BoxEvent => ({ atMs: ms, kind: 'drained' })),
  ];
  const found: IceFinding[] = [
    ...puts.flatMap(({ x, ms }): IceFinding[] => (x.seen === null ? [] : [{ atMs: ms, kind: 'seen', word: x.seen }])),
    ...within(box.weighed).map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'weighed', kg: x.kg })),
    ...within(box.read).map(({ x, ms }): IceFinding => ({ atMs: ms, kind: 'read', overK: x.c - meltC })),
    ...within(box.drained).flatMap(({ x, ms }): IceFinding[] =>
      x.kg === null ? [] : [{ atMs: ms, kind: 'poured', kg: x.kg }],
    ),
  ].sort((a, b) => a.atMs - b.atMs);
  const said = carried ? (trip?.iceKg ?? null) : null;
  const noted = said !== null || events.some((e) => e.kind === 'ice' && e.atMs <= firstIn + HOUR_MS);
  const kg = said ?? (noted ? 0 : box.litres * ASSUMED.share * ICE_KG_PER_L);
  const sdKg = said !== null ? said * SAID.share + SAID.kg : noted ? 0.05 : kg * ASSUMED.sd;
  const fish = stays.map(({ f, s }, i): BoxFish => {
    const { body, massG } = bodyOf(f, byId(f.species));
    const before = beforeIce(f, trip);
    return {
      id: `${f.id} ${i}`,
      body,
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
  const stands = within(box.stands)
    .map(({ x, ms }) => ({ atMs: ms, sun: x.sun }))
    .sort((a, b) => a.atMs - b.atMs);
  const out = stays.every(({ s }) => Number.isFinite(s.toMs));
  const lastOut = Math.max(fromMs, ...stays.map((x) => x.s.toMs).filter(Number.isFinite));
  return {
    box,
    trip,
    fromMs,
    nextMs,
    fish: fewer(fish),
    ids: [...new Set(stays.map((x) => x.f.id))],
    events,
    found,
    firstIce: { kg, sdKg },
    iceAssumed: !noted,
    meltC,
    stands,
    sun: stands.at(-1)?.sun ?? false,
    openedMs: [
      ...stays.flatMap(({ s }) => [s.fromMs, s.toMs]),
      ...events.map((e) => e.atMs),
      ...found.map((e) => e.atMs),
    ]
      .filter(Number.isFinite)
      .sort((a, b) => a - b),
    closedMs: trip?.endedAt && out ? Math.max(epochMs(trip.endedAt), lastOut) : null,
  };
}

/** Many fish as fewer bodies of the same heat: those alike in body, weight and hours lie together. */
function fewer(fish: readonly BoxFish[], lnMass = 0.15, ms = 900_000): readonly BoxFish[] {
  if (fish.length <= MOST_BODIES) return fish;
  const groups = new Map<string, BoxFish[]>();
  for (const f of fish) {
    const at = (x: number | null): number | null => (x === null ? null : Math.round(x / ms));
    const key = [
      f.body.material.slope(1),
      Math.round(Math.log(f.massKg) / lnMass),
      at(f.inMs),
      at(f.outMs),
      f.how,
    ].join();
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  const one = [...groups.values()].map((g): BoxFish => {
    const [first] = g as [BoxFish, ...BoxFish[]];
    const count = g.reduce((n, f) => n + f.count, 0);
    return { ...first, count, massKg: g.reduce((kg, f) => kg + f.massKg * f.count, 0) / count };
  });
  return one.length > MOST_BODIES && lnMass < 3 ? fewer(one, lnMass * 2, ms * 2) : one;
}

/** What is about the box from its beginning on, degC: the air, warmer where it stands in the sun. */
function aboutIt(f: Facts): { atMs: number; c: number }[] {
  const airs = airsOf(f.trip);
  const stands = f.stands;
  const turns = [f.fromMs, ...airs.map((a) => a.atMs), ...stands.map((s) => s.atMs)].filter((ms) => ms >= f.fromMs);
  return [...new Set(turns)]
    .sort((a, b) => a - b)
    .map((atMs) => ({
      atMs,
      c: airAt(airs, atMs) + (stands.findLast((s) => s.atMs <= atMs)?.sun ? SUN_K : 0),
    }));
}

/** Everything that a filling is reckoned from, as one text: the same text, the same box. */
function keyOf(f: Facts): string {
  const fish = f.fish.map((x) => [
    x.body.radiusM,
    x.body.exponent,
    x.body.material.slope(1),
    x.massKg,
    x.count,
    x.inMs,
    x.outMs,
    x.startC,
    x.before.map((b) => [b.seconds, b.boundary.h, b.boundary.mediumC]),
    x.how,
  ]);
  const air = aboutIt(f).map((a) => [a.atMs, a.c]);
  return JSON.stringify([
    f.box.litres,
    f.fromMs,
    f.nextMs,
    fish,
    f.events,
    f.found,
    f.firstIce,
    f.meltC,
    air,
    f.closedMs,
  ]);
}

/** When the last thing of a filling happened, epoch ms. */
const lastOf = (f: Facts): number =>
  Math.max(
    f.fromMs,
    ...f.events.map((e) => e.atMs),
    ...f.found.map((e) => e.atMs),
    ...f.fish.flatMap((x) => (x.outMs === null ? [x.inMs] : [x.inMs, x.outMs])),
  );

/** The input of the box model for a filling up to an instant. */
function inputOf(f: Facts, untilMs: number): Omit<Parameters<typeof runBox>[0], 'uaWK' | 'iceKg'> {
  return {
    litres: f.box.litres,
    fromMs: f.fromMs,
    untilMs: Math.max(f.fromMs, untilMs),
    air: aboutIt(f),
    sun: false,
    // The box stood open in the air before: its lining is as warm as that.
    precooled: false,
    meltC: f.meltC,
    events: f.events,
    fish: f.fish,
  };
}

function meltingOf(f: Facts, key: string): Melting {
  const until = Math.min(f.nextMs, f.closedMs ?? lastOf(f) + AFTER_H * HOUR_MS);
  return melts.of(key, () => {
    const looked = f.found.map((x): BoxEvent => ({ atMs: x.atMs, kind: 'opened' }));
    const input = inputOf(f, until);
    return {
      samples: runBox({ ...input, events: [...input.events, ...looked], uaWK: 1, iceKg: 0, iceForEver: true }).samples,
      drainedMs: f.events.flatMap((e) => (e.kind === 'drained' ? [e.atMs] : [])).sort((a, b) => a - b),
      found: f.found,
    };
  });
}

/** What is known of the leak of a box from its walls, its melt tests and the fillings before one. */
function weightsBefore(
  book: Book,
  box: BoxState,
  beforeMs: number,
  byId: ById,
): { grid: Float64Array; weights: Float64Array } {
  const usual = usualLeak(box.litres, box.walls);
  const grid = leakGrid(usual);
  let weights = usualWeights();
  for (const t of box.tests) {
    const leak = meltTestLeak(t);
    if (typeof leak !== 'string' && epochMs(t.at) < beforeMs) weights = together(weights, weightsOf(grid, leak));
  }
  // Only fillings in which somebody looked can teach: the last of them.
  const trips = tripsWith(book, box.id);
  const taught = new Set<TripState>();
  for (const ms of looksOf(box)) {
    if (taught.size === TEACH) break;
    const at = trips[firstFrom(trips, ms + 1) - 1];
    if (at && at.ms < beforeMs) taught.add(at.trip);
  }
  for (const t of taught) {
    const f = factsOf(book, box, t, byId);
    if (!f || f.fromMs >= beforeMs || f.found.length === 0) continue;
    const key = keyOf(f);
    weights = together(
      weights,
      likelihoods.of(`${box.walls} ${key}`, () => leakLikelihood(meltingOf(f, key), grid, f.firstIce)),
    );
  }
  return { grid, weights };
}

/** The leak of a box as it is known at an instant: what it is, what was tested, and what its trips have taught. */
export function leakBefore(book: Book, box: BoxState, beforeMs: number, byId: ById): ReturnType<typeof weightsBefore> {
  return keptFor(book, byId).leaks.of(`${box.id} ${beforeMs}`, () => weightsBefore(book, box, beforeMs, byId));
}

/** Kept as long as nothing changes that a box is reckoned from; a book of many trips asks for a few of them at a time. */
const keptFor = (book: Book, byId: ById) =>
  book.reckoned('boxes', ['box', 'trip', 'fish', 'cut', 'pack'], [byId], () => ({
    fillings: new Remembered<Filling | null>(60),
    leaks: new Remembered<ReturnType<typeof weightsBefore>>(60),
  }));

/** Until when a filling is to be followed: until its ice is long gone, or it is closed. */
function horizonOf(f: Facts, known: IcePosterior, melting: Melting): number {
  if (f.closedMs !== null) return Math.min(f.nextMs, f.closedMs);
  const last = lastOf(f);
  const end = melting.samples.at(-1)!;
  const before = melting.samples.findLast((s) => s.atMs <= end.atMs - 6 * HOUR_MS) ?? melting.samples[0]!;
  const watts = (known.leak.uaWK * (end.degreeS - before.degreeS)) / Math.max(1, (end.atMs - before.atMs) / 1000);
  const ice = iceWith(melting, known.leak.uaWK, known.firstKg);
  const left = ice.at(-1) ?? 0;
  const gone =
    left === 0
      ? (melting.samples[ice.findLastIndex((v) => v > 0) + 1]?.atMs ?? end.atMs)
      : end.atMs + (watts > 0.1 ? ((left * ICE.fusionJ) / watts) * 1000 : MOST_H * HOUR_MS);
  const until = Math.max(last + AFTER_H * HOUR_MS, gone + WARM_H * HOUR_MS);
  return Math.min(f.nextMs, until, last + MOST_H * HOUR_MS);
}

/**
 * A box on one trip, reckoned: its ice, water and warmth over time, how sure, and when the ice ends. `tripId`: the trip whose fish
 * lie in it. Null for a box that this book does not know, or that held nothing on that trip. Kept until something of it changes.
 */
export function fillingOf(book: Book, boxId: string | null, tripId: string | null, byId: ById): Filling | null {
  const box = book.getAny('box', boxId);
  if (!box) return null;
  return keptFor(book, byId).fillings.of(`${box.id} ${tripId}`, () => {
    const f = factsOf(book, box, book.getAny('trip', tripId), byId);
    if (!f) return null;
    const key = keyOf(f);
    const { grid, weights } = leakBefore(book, box, f.fromMs, byId);
    const melting = meltingOf(f, key);
    const reckoned = courses.of(`${key} ${weights.join()}`, () => {
      const known = icePosterior(melting, grid, weights, f.firstIce);
      const input = { ...inputOf(f, horizonOf(f, known, melting)), uaWK: known.leak.uaWK, iceKg: known.firstKg };
      return { known, course: runBox({ ...input, found: f.found }) };
    });
    const { trip, fromMs, nextMs, found, meltC, iceAssumed, firstIce, sun, openedMs } = f;
    const said = { found, meltC, iceAssumed, firstIce, sun, openedMs, fish: f.ids };
    return { box, trip, fromMs, nextMs, melting, ...said, ...reckoned };
  });
}

const bands = new WeakMap<IcePosterior, IceBand>();
/** How sure the ice of a filling is: reckoned when it is asked for, and once. */
export function bandOf(f: Pick<Filling, 'known' | 'melting'>): IceBand {
  const band = bands.get(f.known) ?? iceBand(f.melting, f.known);
  bands.set(f.known, band);
  return band;
}

/** What lay in a box over so many further trips has long gone off: the next ones would change nothing. */
const MOST_LATER = 3;

/** The fillings of a box from that of a trip on, as long as something may lie on in it: each lasts until the next begins. */
export function fillingsFrom(book: Book, boxId: string, tripId: string, untilMs: number, byId: ById): Filling[] {
  const own = fillingOf(book, boxId, tripId, byId);
  if (!own) return [];
  const trips = tripsWith(book, boxId);
  const first = firstFrom(trips, own.nextMs);
  const later = trips.slice(first, first + MOST_LATER).filter((t) => t.ms < untilMs);
  return [own, ...later.flatMap((t) => fillingOf(book, boxId, t.trip.id, byId) ?? [])];
}
