import type { After, Task } from '../schedule/index.ts';
import type { Vessel } from '../cook/index.ts';
import type { Recipe, Step } from './recipe.ts';

/** What a dish’s fish takes by its way, min; of a dish without fish both nought. */
export interface CookMinutes {
  /** Of one round. */
  readonly cookMin: number;
  readonly restMin: number;
  /** So often it is cooked after each other, since no more goes in at once, and so long until the bath is hot again between two, min. */
  readonly rounds: number;
  readonly againMin: number;
}
export const NO_FISH: CookMinutes = { cookMin: 0, restMin: 0, rounds: 1, againMin: 0 };

/** A dish of a dinner. `id` is its own in the dinner: one recipe may stand there twice. */
export interface DishWork {
  readonly id: string;
  readonly recipe: Recipe;
  readonly plates: number;
  readonly fish: CookMinutes;
  /** What of the kitchen it is done in: its fish, and its other steps by the kind of vessel they name. Left out: nobody keeps count. */
  readonly vessels?: {
    readonly fish: string | null;
    readonly beside: Readonly<Partial<Record<Vessel['use'], string>>>;
  };
  /** It is kept warm in the oven, where that does it no harm, until the other dishes are done. */
  readonly keptWarm?: boolean;
}

const minutesOf = (s: Step, { plates, fish }: DishWork): number =>
  s.takes === 'cook'
    ? Math.max(1, Math.ceil(fish.cookMin))
    : s.takes === 'rest'
      ? Math.round(fish.restMin)
      : Math.max(s.minutes > 0 ? 1 : 0, Math.round(s.minutes + s.perPlate * plates));

/** What a step is done in; null of what holds nothing that another dish could need. */
function vesselOf(s: Step, { recipe, vessels }: DishWork): string | null {
  if (!vessels) return null;
  if (s.in) return vessels.beside[s.in] ?? null;
  const ofFish = s.takes === 'cook' || (recipe.method !== null && s.place === 'ring');
  return ofFish ? vessels.fish : null;
}

/** Steps are called by the dish and their own name, so that two dishes keep apart. */
export const taskId = (dish: string, step: string): string => `${dish}/${step}`;

/** The id of a round: the first has that of the step, so that all that hangs on it finds it. */
const roundId = (id: string, round: number): string => (round === 1 ? id : `${id}-${round}`);

/** A step that is done in rounds: one after the other, each as soon as its bath is hot again. What waits for it waits for the last. */
function inRounds(t: Task, { rounds, againMin }: CookMinutes): Task[] {
  if (rounds === 1) return [t];
  return Array.from({ length: rounds }, (_, i): Task => {
    const before = roundId(t.id, i);
    return {
      ...t,
      id: roundId(t.id, i + 1),
      name: `${t.name}, round ${i + 1} of ${rounds}`,
      after: i === 0 ? t.after : [{ task: before, from: 'end', least: Math.ceil(againMin), most: null }],
      mayStand: i === rounds - 1 ? t.mayStand : null,
    };
  });
}

/** A dish as work for the kitchen. What is last of it may stand as long as the dish; a side that nobody waits for too. */
export function tasksOf(dish: DishWork): Task[] {
  const { recipe, fish } = dish;
  const waitedFor = new Set(recipe.steps.flatMap((s, i) => s.after ?? (i > 0 ? [recipe.steps[i - 1]!.id] : [])));
  const inTurns = new Set(recipe.steps.flatMap((s) => (s.takes === 'cook' ? [s.id] : [])));
  return recipe.steps.flatMap((s, i): Task[] => {
    const before = s.after ?? (i > 0 ? [recipe.steps[i - 1]!.id] : []);
    const after = before.map((id, k): After => ({
      task: roundId(taskId(dish.id, id), inTurns.has(id) ? fish.rounds : 1),
      from: 'end',
      least: 0,
      // Of several that it waits for the last one holds it: what came before may lie.
      most: k === before.length - 1 ? s.waits : null,
    }));
    const last = !waitedFor.has(s.id);
    const vessel = vesselOf(s, dish);
    const turn = 1 + recipe.steps.slice(0, i).filter((x) => x.frees).length;
    const task: Task = {
      id: taskId(dish.id, s.id),
      dish: recipe.name,
      name: s.name,
      minutes: minutesOf(s, dish),
      hands: s.hands,
      place: s.place,
      ...(vessel === null ? {} : { vessel, ...(turn > 1 ? { turn } : {}) }),
      after,
      mayStand: last ? ((dish.keptWarm ? recipe.keepsWarm : undefined) ?? recipe.stands) : null,
      // Cooked fish that stands is worse than potatoes in water.
      spoils: s.takes === 'cook' || s.takes === 'rest' || last ? Math.max(0.05, recipe.spoils) : 0.2,
    };
    return s.takes === 'cook' ? inRounds(task, fish) : [task];
  });
}
