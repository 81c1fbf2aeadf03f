import { plainRecipe, sayOfMarinade, sayOfStage } from '@dagboek/core/recipes';
import { methodOf } from '@dagboek/core/cook';
import type { Book } from '../../log/book/book.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { kitchenOf, recipeOf } from './kitchen-of.ts';

/** What is done in a step of a dinner, and what it is done in; null of what nobody said. */
export interface StepWords {
  readonly say: string | null;
  readonly vessel: string | null;
}

const ROUND = /-(\d+)$/;

/** What is done in a step of a dinner: out of its recipe, its way, or the fire before or after its own. `task`: the id of the step. */
export function stepWords(book: Book, d: DinnerState, task: string): StepWords {
  const [dishId = '', id = ''] = task.split('/');
  const dish = d.dishes.find((x) => x.id === dishId);
  const method = methodOf(dish?.method ?? '');
  const recipe = recipeOf(book, dish?.recipe ?? null) ?? (method ? plainRecipe(method) : null);
  const own = (step: string): string | null => recipe?.steps.find((s) => s.id === step)?.say ?? null;
  // Fish in several rounds: the first keep warm until the last are done.
  const rounds = d.tasks.filter((t) => t.id.replace(ROUND, '') === task.replace(ROUND, '')).length;
  const round = Number(ROUND.exec(id)?.[1] ?? 1);
  const say = own(id) ?? own(id.replace(ROUND, '')) ?? sayOfStage(id) ?? sayOfMarinade(id, dish?.lay?.in ?? null);
  const warm =
    rounds > 1 && round < rounds && id.startsWith('cook')
      ? d.means.ovens > 0
        ? 'Keep these warm on a rack in the oven at 90°.'
        : 'Keep these under a lid by the heat, and eat them first.'
      : null;
  const vessel = d.tasks.find((t) => t.id === task)?.vessel;
  return {
    say: [say, warm].filter((x) => x !== null).join(' ') || null,
    vessel: kitchenOf(book, d.kitchen).vessels.find((v) => v.id === vessel)?.name ?? null,
  };
}
