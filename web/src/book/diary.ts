import { type Book, fishOfTrip, type FishState, type MealState, type TripState, tripsInOrder } from '@dagboek/journal';

/** What the diary is narrowed to; null = all. */
export interface DiaryFilter {
  readonly who: string | null;
  readonly species: string | null;
  readonly zone: string | null;
}

/** One thing that fills a place in the diary: a trip with its fish, or a meal. */
export type DiaryItem =
  | {
      readonly kind: 'trip';
      readonly day: string;
      readonly trip: TripState;
      readonly number: number;
      readonly fish: readonly FishState[];
      readonly numberOf: (id: string) => number;
    }
  | { readonly kind: 'meal'; readonly day: string; readonly meal: MealState };

/** Trips and meals that pass the filter, the newest first. A trip without a catch passes unless a species is asked for. */
export function diary(book: Book, filter: DiaryFilter, day: (at: string) => string): DiaryItem[] {
  const items: (DiaryItem & { at: string })[] = [];
  tripsInOrder(book).forEach((trip, i) => {
    if (filter.zone && trip.zone !== filter.zone) return;
    if (filter.who && !trip.crew.includes(filter.who)) return;
    const all = fishOfTrip(book, trip.id);
    const fish = all.filter(
      (f) => (!filter.species || f.species === filter.species) && (!filter.who || f.angler === filter.who),
    );
    if (filter.species && fish.length === 0) return;
    items.push({
      kind: 'trip',
      at: trip.startedAt,
      day: day(trip.startedAt),
      trip,
      number: i + 1,
      fish,
      numberOf: (id) => all.findIndex((f) => f.id === id) + 1,
    });
  });
  for (const meal of filter.zone ? [] : book.all('meal')) {
    if (filter.who && !meal.eaters.includes(filter.who) && meal.cook !== filter.who) continue;
    if (filter.species && !meal.packs.some((p) => book.get('pack', p.pack)?.species === filter.species)) continue;
    items.push({ kind: 'meal', at: meal.servedAt, day: day(meal.servedAt), meal });
  }
  return items.sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
}
