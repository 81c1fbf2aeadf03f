import type { Asks } from '../asked.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import { massOf } from '../bodies/mass-of.ts';
import { mealsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { MealState } from '../../log/state/states.ts';
import { kindsOfMeal } from './meals-like.ts';

/** Mean of a meal's marks, 1 to 5; null when nobody gave one. */
export function meanMark(m: MealState): number | null {
  const marks = Object.values(m.marks);
  return marks.length === 0 ? null : marks.reduce((a, b) => a + b, 0) / marks.length;
}

/** How meals of the same kinds were liked, this one left out; null while there are fewer than two. */
export function likedBefore(book: Book, meal: MealState): { readonly n: number; readonly mean: number } | null {
  const kinds = kindsOfMeal(book, meal);
  const marks = mealsInOrder(book)
    .filter((m) => m.id !== meal.id && kindsOfMeal(book, m).some((k) => kinds.includes(k)))
    .flatMap((m) => meanMark(m) ?? []);
  return marks.length < 2 ? null : { n: marks.length, mean: marks.reduce((a, b) => a + b, 0) / marks.length };
}

/** What a meal cost, in the crew's own money: its share of what its trips cost, and the rest. Null where nothing was noted. */
export function mealCost(
  { book, species: byId }: Asks<'book' | 'species'>,
  meal: MealState,
): { readonly plate: number; readonly trips: number; readonly rest: number } | null {
  let trips = 0;
  let known = meal.cost !== null;
  for (const p of meal.packs) {
    const pack = book.getAny('pack', p.pack);
    if (!pack) continue;
    const fish = fishInPack(book, pack).flatMap((id) => book.get('fish', id) ?? []);
    const share = Math.min(1, p.massG / Math.max(1, pack.massG));
    for (const f of fish) {
      const trip = book.get('trip', f.trip);
      const costs = trip?.notes.flatMap((n) => n.cost ?? []) ?? [];
      if (costs.length === 0) continue;
      const kept = book.naming('fish', f.trip).filter((x) => x.released === null);
      const all = kept.reduce((g, x) => g + (massOf(x, byId(x.species))?.g ?? 0), 0);
      const own = massOf(f, byId(f.species))?.g ?? 0;
      if (all <= 0) continue;
      known = true;
      trips += costs.reduce((a, b) => a + b, 0) * (own / all) * share;
    }
  }
  if (!known) return null;
  const rest = meal.cost ?? 0;
  return { plate: (trips + rest) / Math.max(1, meal.eaters.length + meal.guests), trips, rest };
}
