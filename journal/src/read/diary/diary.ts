import type { Asks } from '../asked.ts';
import { sayTripNote } from '../../log/facts/words.ts';
import { fishNumbers } from '../bodies/numbers.ts';
import { mealsInOrder, tripsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState, MealState, TripState } from '../../log/state/states.ts';

/** What the diary is narrowed to; null = all. */
export interface DiaryFilter {
  readonly who: string | null;
  readonly species: string | null;
  readonly zone: string | null;
  /** A word out of a remark: of a trip, a fish, someone hurt, a meal. */
  readonly text?: string | null;
}

/** One thing that fills a place in the diary: a trip with its fish, or a meal. */
export type DiaryItem =
  | {
      readonly kind: 'trip';
      readonly day: string;
      readonly trip: TripState;
      /** Null for a struck trip: it has no place among the others. */
      readonly number: number | null;
      /** Those that pass the filter, in the order in which they were landed, struck ones too. */
      readonly fish: () => readonly FishState[];
      readonly numberOf: (id: string) => string;
    }
  | { readonly kind: 'meal'; readonly day: string; readonly meal: MealState };

/** Trips and meals that pass the filter, the newest first. A trip without a catch passes unless a species is asked for. */
export function diary({ book, day }: Asks<'book' | 'day'>, filter: DiaryFilter): DiaryItem[] {
  const items: { item: DiaryItem; ms: number }[] = [];
  const word = filter.text?.trim().toLowerCase() ?? '';
  const trips = tripsInOrder(book);
  const struck = book.allAny('trip').filter((t) => !book.stands(t));
  [...trips, ...struck].forEach((trip, i) => {
    if (filter.zone && trip.zone !== filter.zone) return;
    if (filter.who && !trip.crew.includes(filter.who)) return;
    // What is not shown is not put in order: a trip is asked for its fish when it is drawn.
    if (filter.species && !caughtOn(book, trip.id, filter.species, filter.who)) return;
    if (word && !remarksOf(book, trip).includes(word)) return;
    const item: DiaryItem = {
      kind: 'trip',
      // Of some thousand trips a page shows eight: the calendar is asked for those alone.
      get day() {
        return day(trip.startedAt);
      },
      trip,
      number: i < trips.length ? i + 1 : null,
      fish: () =>
        linesOfTrip(book, trip.id).all.filter(
          (f) => (!filter.species || f.species === filter.species) && (!filter.who || f.angler === filter.who),
        ),
      numberOf: (id) => linesOfTrip(book, trip.id).numbers.get(id) ?? '?',
    };
    items.push({ item, ms: Date.parse(trip.startedAt) });
  });
  for (const meal of filter.zone ? [] : mealsInOrder(book)) {
    if (filter.who && !meal.eaters.includes(filter.who) && meal.cook !== filter.who) continue;
    if (word && !inWords([meal.name, ...meal.notes.map((n) => n.text)]).includes(word)) continue;
    if (filter.species && !meal.packs.some((p) => book.get('pack', p.pack)?.species === filter.species)) continue;
    const item: DiaryItem = {
      kind: 'meal',
      get day() {
        return day(meal.servedAt);
      },
      meal,
    };
    items.push({ item, ms: Date.parse(meal.servedAt) });
  }
  return items.sort((a, b) => b.ms - a.ms).map((x) => x.item);
}

const inWords = (list: readonly string[]): string => list.join('\n').toLowerCase();

/** Everything that was remarked on a trip, to be looked through: of the trip, its fish and whoever was hurt. */
function remarksOf(book: Book, trip: TripState): string {
  const ofTripAndFish = book.ofTrip(trip.id, 'remarks', [], () =>
    inWords([
      ...trip.notes.map((n) => sayTripNote(n)),
      ...trip.harm.map((h) => h.text),
      ...book.namingAny('fish', trip.id).flatMap((f) => f.notes.map((n) => n.text)),
    ]),
  );
  // Incidents are few, and what is kept of a trip does not follow them.
  const hurt = book.naming('incident', trip.id).flatMap((i) => i.notes.map((n) => n.text));
  return hurt.length > 0 ? `${ofTripAndFish}\n${inWords(hurt)}` : ofTripAndFish;
}

/** Fish of a trip in the order in which they were landed, struck ones too, and their numbers. */
const linesOfTrip = (
  book: Book,
  tripId: string,
): { readonly all: readonly FishState[]; readonly numbers: ReadonlyMap<string, string> } =>
  book.ofTrip(tripId, 'lines', [], () => ({
    all: book
      .namingAny('fish', tripId)
      .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1)),
    numbers: fishNumbers(book, tripId),
  }));

/** Whether a trip has an entry of a species, struck ones too; `who`: of this person's. */
function caughtOn(book: Book, tripId: string, species: string, who: string | null): boolean {
  const anglers = book.ofTrip(tripId, 'anglers by species', [], () => {
    const by = new Map<string, Set<string>>();
    for (const f of book.namingAny('fish', tripId))
      if (f.species) by.set(f.species, (by.get(f.species) ?? new Set()).add(f.angler));
    return by;
  });
  return who === null ? anglers.has(species) : (anglers.get(species)?.has(who) ?? false);
}
