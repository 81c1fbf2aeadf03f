import type { After, Task } from '../schedule/index.ts';
import type { Recipe, Step } from './recipe.ts';

/** What a dish's fish takes by its way, min; of a dish without fish both nought. */
export interface CookMinutes {
  readonly cookMin: number;
  readonly restMin: number;
  /** So often it is cooked after each other, since the pan holds no more at once. */
  readonly batches: number;
}
export const NO_FISH: CookMinutes = { cookMin: 0, restMin: 0, batches: 1 };

/** A dish of a dinner. `id` is its own in the dinner: one recipe may stand there twice. */
export interface DishWork {
  readonly id: string;
  readonly recipe: Recipe;
  readonly plates: number;
  readonly fish: CookMinutes;
}

const minutesOf = (s: Step, { plates, fish }: DishWork): number =>
  s.takes === 'cook'
    ? Math.max(1, Math.ceil(fish.cookMin)) * fish.batches
    : s.takes === 'rest'
      ? Math.round(fish.restMin)
      : Math.max(s.minutes > 0 ? 1 : 0, Math.round(s.minutes + s.perPlate * plates));

/** Steps are called by the dish and their own name, so that two dishes keep apart. */
export const taskId = (dish: string, step: string): string => `${dish}/${step}`;

/** A dish as work for the kitchen. What is last of it may stand as long as the dish; a side that nobody waits for too. */
export function tasksOf(dish: DishWork): Task[] {
  const { recipe } = dish;
  const waitedFor = new Set(recipe.steps.flatMap((s, i) => s.after ?? (i > 0 ? [recipe.steps[i - 1]!.id] : [])));
  return recipe.steps.map((s, i): Task => {
    const before = s.after ?? (i > 0 ? [recipe.steps[i - 1]!.id] : []);
    const after = before.map((id, k): After => ({
      task: taskId(dish.id, id),
      from: 'end',
      least: 0,
      // Of several that it waits for the last one holds it: what came before may lie.
      most: k === before.length - 1 ? s.waits : null,
    }));
    const last = !waitedFor.has(s.id);
    return {
      id: taskId(dish.id, s.id),
      dish: recipe.name,
      name: s.name,
      minutes: minutesOf(s, dish),
      hands: s.hands,
      place: s.place,
      after,
      mayStand: last ? recipe.stands : null,
      // Cooked fish that stands is worse than potatoes in water.
      spoils: s.takes === 'cook' || s.takes === 'rest' || last ? Math.max(0.05, recipe.spoils) : 0.2,
    };
  });
}
