import type { Asks } from '../asked.ts';
import {
  type BoxCourse,
  type FirstIce,
  iceBand,
  type IceBand,
  type IceFinding,
  type IcePosterior,
  type Melting,
} from '@dagboek/core/box';
import { Remembered } from './remembered.ts';
import type { BoxState, TripState } from '../../log/state/states.ts';
import { gatherFilling, type GatheredFilling } from './filling-facts.ts';
import { gatherLeak } from './leak-facts.ts';
import { firstFrom, tripsWith } from './trips-with-box.ts';
import { type BoxReckoned, type BoxToReckon, keyOf, leakWeights, reckonBox } from './reckon-box.ts';

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

const courses = new Remembered<BoxReckoned>(80);
/** A box with fewer fish than this is reckoned before anyone sees it. */
const MUCH = 8;

interface Gathered extends GatheredFilling {
  readonly toReckon: BoxToReckon;
  readonly key: string;
}

/** Kept as long as nothing changes that a box is reckoned from; a book of many trips asks for a few of them at a time. */
const keptFor = ({ book, species: byId }: Asks<'book' | 'species'>) =>
  book.reckoned('boxes', ['box', 'trip', 'fish', 'cut', 'pack'], [byId], () => ({
    gathered: new Remembered<Gathered | null>(60),
    fillings: new Remembered<Filling>(60),
    leaks: new Remembered<ReturnType<typeof leakWeights>>(60),
  }));

/** The leak of a box as it is known at an instant: what it is, what was tested, and what its trips have taught. */
export function leakBefore(
  asked: Asks<'book' | 'species'>,
  box: BoxState,
  beforeMs: number,
): ReturnType<typeof leakWeights> {
  return keptFor(asked).leaks.of(`${box.id} ${beforeMs}`, () => leakWeights(gatherLeak(asked, box, beforeMs)));
}

function gathered(asked: Asks<'book' | 'species'>, box: BoxState, tripId: string | null): Gathered | null {
  const { book } = asked;
  return keptFor(asked).gathered.of(`${box.id} ${tripId}`, () => {
    const g = gatherFilling(asked, box, book.getAny('trip', tripId));
    if (!g) return null;
    const leak = gatherLeak(asked, box, g.facts.fromMs);
    const key = [JSON.stringify([leak.usual, leak.tests]), keyOf(g.facts), ...leak.taught.map(keyOf)].join('\n');
    return { ...g, toReckon: { own: g.facts, leak }, key };
  });
}

/**
 * A box on one trip, reckoned: its ice, water and warmth over time, how sure, and when the ice ends. `tripId`: the trip whose fish
 * lie in it. Null for a box that this book does not know, or that held nothing on that trip. Kept until something of it changes.
 * Where it is much to reckon and something stands ready to do it beside the page, the last that is known stands until it is done.
 */
export function fillingOf(
  asked: Asks<'book' | 'species'>,
  boxId: string | null,
  tripId: string | null,
): Filling | null {
  const { book } = asked;
  const box = book.getAny('box', boxId);
  const g = box && gathered(asked, box, tripId);
  if (!box || !g) return null;
  const name = `${box.id} ${tripId}`;
  const kept = keptFor(asked).fillings;
  const known = kept.get(name);
  if (known) return known;
  const { beside } = book;
  const before = beside.lastOf(`box ${name}`) as BoxReckoned | undefined;
  const much = g.toReckon.own.fish.length >= MUCH;
  if (!courses.get(g.key) && before && much)
    if (beside.ask(g.key, g.toReckon, (r) => courses.set(g.key, r as BoxReckoned))) return fillingFrom(g, before);
  const reckoned = courses.of(g.key, () => reckonBox(g.toReckon));
  beside.keep(`box ${name}`, reckoned);
  const filling = fillingFrom(g, reckoned);
  kept.set(name, filling);
  return filling;
}

function fillingFrom(g: Gathered, { melting, known, course }: BoxReckoned): Filling {
  const { box, trip, ids, iceAssumed, sun, openedMs, facts } = g;
  const { fromMs, nextMs, found, meltC, firstIce } = facts;
  const said = { found, meltC, iceAssumed, firstIce, sun, openedMs, fish: ids };
  return { box, trip, fromMs, nextMs, melting, known, course, ...said };
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
export function fillingsFrom(
  asked: Asks<'book' | 'species'>,
  boxId: string,
  tripId: string,
  untilMs: number,
): Filling[] {
  const { book } = asked;
  const own = fillingOf(asked, boxId, tripId);
  if (!own) return [];
  const trips = tripsWith(book, boxId);
  const first = firstFrom(trips, own.nextMs);
  const later = trips.slice(first, first + MOST_LATER).filter((t) => t.ms < untilMs);
  return [own, ...later.flatMap((t) => fillingOf(asked, boxId, t.trip.id) ?? [])];
}
