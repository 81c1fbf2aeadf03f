import type { Asks } from '../asked.ts';
import { mealsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { MealState } from '../../log/state/states.ts';
import { mealCost, meanMark } from './meal-sums.ts';
import { kindsOfMeal } from './meals-like.ts';

/** How one way of cooking a kind was liked. */
export interface WayLiked {
  /** The word of its meals: "roasted". */
  readonly method: string;
  /** Mean of the meals' own means, 1 to 5, and of how many. */
  readonly mean: number;
  readonly n: number;
  /** The one liked most, of equals the latest. */
  readonly best: MealState;
  /** The latest of them, the newest first. */
  readonly latest: readonly MealState[];
}

/** The ways of one kind, the one to trust most first. */
export interface KindLiked {
  readonly species: string;
  readonly n: number;
  readonly ways: readonly WayLiked[];
}

/** Few meals say little: so many meals as all of the book's are thought to stand beside those of a way. Our own assumption. */
const BESIDE = 2;
/** What a way costs is told by its latest meals alone. */
const LATEST = 6;

/**
 * How each way of cooking each kind was liked, over all marked meals: the kinds with the most of them first; among the ways one of few meals
 * counts less than its mean says. Reckoned once for each change of a meal.
 */
export const waysLiked = (book: Book): ReadonlyMap<string, KindLiked> =>
  book.reckoned('ways liked', ['trip', 'fish', 'cut', 'pack', 'meal'], [], () => {
    const marked = mealsInOrder(book).flatMap((meal) => {
      const mark = meanMark(meal);
      return mark === null ? [] : [{ meal, mark }];
    });
    const all = marked.reduce((s, x) => s + x.mark, 0) / Math.max(1, marked.length);
    const byKind = new Map<string, Map<string, { meal: MealState; mark: number }[]>>();
    for (const x of marked)
      for (const kind of kindsOfMeal(book, x.meal)) {
        const ways = byKind.get(kind) ?? new Map<string, { meal: MealState; mark: number }[]>();
        byKind.set(kind, ways);
        const list = ways.get(x.meal.method);
        if (list) list.push(x);
        else ways.set(x.meal.method, [x]);
      }
    const trusted = ({ mean, n }: WayLiked): number => (mean * n + all * BESIDE) / (n + BESIDE);
    const kinds = [...byKind].map(([species, ways]): KindLiked => {
      const list = [...ways].map(([method, meals]): WayLiked => {
        const sum = meals.reduce((s, x) => s + x.mark, 0);
        return {
          method,
          mean: sum / meals.length,
          n: meals.length,
          // They stand with the latest first: of equals that one stays.
          best: meals.reduce((a, b) => (b.mark > a.mark ? b : a)).meal,
          latest: meals.slice(0, LATEST).map((x) => x.meal),
        };
      });
      return {
        species,
        n: list.reduce((n, w) => n + w.n, 0),
        ways: list.sort((a, b) => trusted(b) - trusted(a) || b.n - a.n),
      };
    });
    return new Map(kinds.sort((a, b) => b.n - a.n).map((k) => [k.species, k]));
  });

/** What a plate cost in the latest meals of a way, in the crew's own money; null where nothing was noted. */
export function plateCost(asked: Asks<'book' | 'species'>, way: WayLiked): number | null {
  const costs = way.latest.flatMap((m) => mealCost(asked, m)?.plate ?? []);
  return costs.length === 0 ? null : costs.reduce((a, b) => a + b, 0) / costs.length;
}
