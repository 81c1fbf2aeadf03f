import { saySearch } from './say-search.ts';
import { methodOf } from '@dagboek/core/cook';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import { sayLay } from '../../log/facts/lay-in.ts';
import { mealsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { MealState } from '../../log/state/states.ts';

/** The kinds that a meal was of. */
export const kindsOfMeal = (book: Book, meal: MealState): string[] => [
  ...new Set(meal.packs.flatMap((p) => book.getAny('pack', p.pack)?.species ?? [])),
];

/** A meal like the one that is planned, and what was to be changed of it. */
export interface Lesson {
  readonly meal: MealState;
  readonly change: readonly string[];
}

/** What to change, of the last meals of the same kind and way, the newest first; the same way of another kind after them. */
export function lessonsFor(book: Book, kinds: readonly string[], method: string, most = 3): Lesson[] {
  const ranked = mealsInOrder(book)
    .filter((m) => m.notes.length > 0 && m.method === method)
    .map((meal) => ({ meal, same: kindsOfMeal(book, meal).some((k) => kinds.includes(k)) }));
  const said = new Set<string>();
  return [...ranked.filter((r) => r.same), ...ranked.filter((r) => !r.same)]
    .map(({ meal }) => ({ meal, change: meal.notes.map((n) => n.text) }))
    .filter((l) => {
      // The same remark twice is one lesson.
      const words = l.change.join('; ').toLowerCase();
      return !said.has(words) && said.add(words);
    })
    .slice(0, most);
}

/** The same for a dish of a dinner that is planned: at its fire they are of use. */
export function lessonsOfDish(book: Book, dish: Pick<DinnerDish, 'packs' | 'method'>): Lesson[] {
  const method = methodOf(dish.method ?? '');
  if (!method) return [];
  const kinds = dish.packs.flatMap((p) => book.getAny('pack', p.pack)?.species ?? []);
  return lessonsFor(book, [...new Set(kinds)], method.meal, 2);
}

/** Meals in which every word is found: dish, way, cook, kinds, remarks, what stood beside. */
export function mealsFound(
  book: Book,
  meals: readonly MealState[],
  asked: string,
  names: { readonly member: (id: string) => string; readonly species: (id: string) => string },
): MealState[] {
  const words = saySearch(asked);
  if (words.length === 0) return [...meals];
  return meals.filter((m) => {
    const all = [
      m.name,
      m.method,
      names.member(m.cook),
      ...kindsOfMeal(book, m).map(names.species),
      ...m.beside,
      m.lay ? sayLay(m.lay) : '',
      ...m.notes.map((n) => n.text),
      m.servedAt.slice(0, 10),
    ]
      .join(' ')
      .toLowerCase();
    return words.every((w) => all.includes(w));
  });
}

/** Meals by month, the newest first: `2026-09`. */
export function mealsByMonth(meals: readonly MealState[]): { readonly month: string; readonly meals: MealState[] }[] {
  const out: { month: string; meals: MealState[] }[] = [];
  for (const m of meals) {
    const month = m.servedAt.slice(0, 7);
    const last = out.at(-1);
    if (last?.month === month) last.meals.push(m);
    else out.push({ month, meals: [m] });
  }
  return out;
}
