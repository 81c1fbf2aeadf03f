import { mealsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { MealState } from '../../log/state/states.ts';
import { meanMark } from './meal-sums.ts';

/** How the meals of a book were liked. */
export interface MarksOfMeals {
  /** Mean of the meals' own means, 1 to 5; null before one was marked. */
  readonly mean: number | null;
  /** The three liked most, the best first, of equals the later. */
  readonly best: readonly MealState[];
}

const BEST = 3;

/** How the meals were liked, reckoned once for each change of a meal: some thousand meals are not sorted for every letter typed. */
export const marksOfMeals = (book: Book): MarksOfMeals =>
  book.reckoned('marks of meals', ['trip', 'fish', 'cut', 'pack', 'meal'], [], () => {
    const marked = mealsInOrder(book).flatMap((meal) => {
      const mark = meanMark(meal);
      return mark === null ? [] : [{ meal, mark }];
    });
    const sum = marked.reduce((s, x) => s + x.mark, 0);
    return {
      mean: marked.length > 0 ? sum / marked.length : null,
      best: marked
        .sort((a, b) => b.mark - a.mark)
        .slice(0, BEST)
        .map((x) => x.meal),
    };
  });
