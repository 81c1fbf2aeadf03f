import type { Asks } from '../asked.ts';
import { type EarlierFish, type Leak, leakKnown } from '@dagboek/core/box';
import { epochMs } from '@dagboek/core/time';
import { bodyOf } from '../bodies/body-of.ts';
import { fishOfTrip, tripsInOrder } from '../bodies/order.ts';
import { staysOf } from '../places/stays-of.ts';
import type { BoxState, TripState } from '../../log/state/states.ts';
import { leakBefore } from '../warmth/filling.ts';

/** A sort of fish as the odds tell them apart: its body without its functions, so that it can be sent to a worker. */
export interface PlanClass {
  readonly fat: 'lean' | 'oily';
  readonly radiusM: number;
  readonly exponent: number;
}

/** What the odds of ice are reckoned from: the box as it is known, and what earlier trips there brought. */
export interface IcePlan {
  readonly litres: number;
  readonly leak: Leak;
  readonly classes: readonly PlanClass[];
  readonly trips: readonly (readonly EarlierFish[])[];
  /** Whose trips these are: those to this zone, all of the book, or none, where a catch is assumed. */
  readonly from: 'this zone' | 'all trips' | 'assumed';
  /** Fish of a middling such trip, kg. */
  readonly fishKg: number;
  /** Hours that a middling such trip lasts. */
  readonly hours: number;
}

const HOUR_MS = 3_600_000;
/** The last so many trips to a place say what is caught there; with fewer than these all trips are asked. */
const [MOST_TRIPS, LEAST_TRIPS] = [40, 3];
/** Classes of weight, as steps of its logarithm. */
const STEP = 0.5;
/** Without any trip: three fish of 700 g within the first hours, in six hours. */
const ASSUMED = { fish: [1, 2.5, 4], kg: 0.7, hours: 6 } as const;

const middle = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

/** What a trip with a box to a zone is planned from. Cost grows with the last trips there, not with the book. */
export function icePlan(asked: Asks<'book' | 'zone' | 'nowMs' | 'species'>, box: BoxState): IcePlan {
  const { book, zone, nowMs, species: byId } = asked;
  const ended = tripsInOrder(book).filter((t) => t.endedAt !== null);
  const there = ended.filter((t) => t.zone === zone).slice(-MOST_TRIPS);
  const trips = there.length >= LEAST_TRIPS ? there : ended.slice(-MOST_TRIPS);
  const classes = new Map<string, { of: PlanClass; index: number }>();
  const classOf = (of: PlanClass, massG: number): number => {
    const key = `${of.fat} ${Math.round(Math.log(massG) / STEP)}`;
    const known = classes.get(key) ?? { of, index: classes.size };
    classes.set(key, known);
    return known.index;
  };
  const caught = (t: TripState): EarlierFish[] =>
    fishOfTrip(book, t.id).flatMap((f): EarlierFish[] => {
      const [stay] = staysOf(book, f);
      if (!stay) return [];
      const s = byId(f.species);
      const { body, massG } = bodyOf(f, s);
      const of = { fat: s?.fat ?? ('lean' as const), radiusM: body.radiusM, exponent: body.exponent };
      const atH = Math.max(0, (stay.fromMs - epochMs(t.startedAt)) / HOUR_MS);
      return [{ class: classOf(of, massG), kg: (massG * f.count) / 1000, count: f.count, atH }];
    });
  const lists = trips.map(caught);
  const { grid, weights } = leakBefore(asked, box, nowMs);
  const known = { litres: box.litres, leak: leakKnown(grid, weights) };
  if (lists.length === 0) {
    const of: PlanClass = { fat: 'lean', radiusM: 0.022, exponent: 0.75 };
    const list = ASSUMED.fish.map((atH) => ({ class: 0, kg: ASSUMED.kg, count: 1, atH }));
    return { ...known, classes: [of], trips: [list], from: 'assumed', fishKg: ASSUMED.kg * 3, hours: ASSUMED.hours };
  }
  return {
    ...known,
    classes: [...classes.values()].sort((a, b) => a.index - b.index).map((c) => c.of),
    trips: lists,
    from: there.length >= LEAST_TRIPS ? 'this zone' : 'all trips',
    fishKg: middle(lists.map((l) => l.reduce((kg, f) => kg + f.kg, 0))),
    hours: middle(trips.map((t) => (epochMs(t.endedAt ?? t.startedAt) - epochMs(t.startedAt)) / HOUR_MS)),
  };
}
