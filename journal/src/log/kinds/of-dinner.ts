import { isRecipe } from '@dagboek/core/recipes';
import { sayTemperature, sayAll } from '@dagboek/core/units';
import { epochMs } from '@dagboek/core/time';
import { kindOf, subjectOf } from './define-kind.ts';
import { amountField } from '../facts/field.ts';
import {
  DinnerDishes,
  DinnerEnded,
  DinnerLasts,
  DinnerMoved,
  DinnerPut,
  DinnerRead,
  DinnerSet,
  DinnerStep,
  DinnerWithout,
  RecipeRetired,
  RecipeWritten,
} from '../facts/dinner.ts';
import { Unreadable } from '../facts/unreadable.ts';

const kind = kindOf<'dinner'>();

/** A dinner of eighty steps is longer than most that is written. */
export const MOST_DINNER_CHARS = 60_000;
const MOST_RECIPE_CHARS = 40_000;

export const DINNER = subjectOf<'dinner', DinnerSet>({
  begins: 'dinner.set',
  readableWhenStruck: false,
  begin: (s) => ({
    serveAtMs: s.serveAtMs,
    dishes: s.dishes,
    tasks: s.tasks,
    means: s.means,
    cook: s.cook,
    eaters: s.eaters,
    guests: s.guests ?? 0,
    kitchen: s.kitchen ?? '',
    pins: {},
    lasts: {},
    begun: {},
    done: {},
    reads: [],
    ended: null,
    setAt: s.at,
  }),
  links: (s) => s.dishes.flatMap((d) => d.packs.map((p) => ({ to: p.pack, role: 'pack' as const }))),
  hangsOn: () => ({}),
});

/** The name of a step, "Potatoes" of "new-potatoes/boil", as far as its own dinner is not at hand. */
const stepName = (task: string): string => task.split('/').at(-1) ?? task;

/** The dish that a step is of: what stands before the stroke of its id. */
const dishOfTask = (task: string): string => task.split('/')[0]!;

/** The dishes of a list with others put in: in the place of their own id, else at the end. */
const withDishes = <T extends { readonly id: string }>(list: readonly T[], put: readonly T[]): T[] => [
  ...list.map((x) => put.find((y) => y.id === x.id) ?? x),
  ...put.filter((y) => !list.some((x) => x.id === y.id)),
];

export const DINNER_KINDS = {
  'dinner.set': kind({
    facts: DinnerSet,
    fold: 'begins',
    say: (d, names) =>
      `Dinner planned: ${sayAll(d.dishes.map((x) => x.name))}, for ${d.eaters.length + (d.guests ?? 0)}, cooked by ${names.member(d.cook)}.`,
    fields: [],
    mostChars: MOST_DINNER_CHARS,
  }),
  // The whole of a dinner that was set later has them, or has left them out.
  'dinner.dishes': kind({
    facts: DinnerDishes,
    fold: (s, d) => {
      if (epochMs(d.at) < epochMs(s.setAt)) return;
      const put = new Set(d.dishes.map((x) => x.id));
      s.dishes = withDishes(s.dishes, d.dishes);
      s.tasks = [...s.tasks.filter((t) => !put.has(dishOfTask(t.id))), ...d.tasks];
    },
    say: (d) => `Dishes of the dinner: ${sayAll(d.dishes.map((x) => x.name))}.`,
    fields: [],
    mostChars: MOST_DINNER_CHARS,
  }),
  'dinner.without': kind({
    facts: DinnerWithout,
    fold: (s, w) => {
      // A dinner of nothing is cancelled instead.
      if (epochMs(w.at) < epochMs(s.setAt) || s.dishes.every((x) => x.id === w.dish)) return;
      s.dishes = s.dishes.filter((x) => x.id !== w.dish);
      s.tasks = s.tasks.filter((t) => dishOfTask(t.id) !== w.dish);
    },
    say: () => 'A dish of the dinner is left out.',
    fields: [],
  }),
  'dinner.put': kind({
    facts: DinnerPut,
    fold: (s, p) => {
      const { [p.task]: _, ...others } = s.pins;
      s.pins = p.startMs === undefined ? others : { ...others, [p.task]: p.startMs };
    },
    say: (p) =>
      p.startMs === undefined ? `Step dropped: ${stepName(p.task)}.` : `Step moved by hand: ${stepName(p.task)}.`,
    fields: [],
  }),
  'dinner.step': kind({
    facts: DinnerStep,
    fold: (s, p) => {
      const at = epochMs(p.at);
      if (p.did === 'begun') s.begun = { ...s.begun, [p.task]: s.begun[p.task] ?? at };
      else s.done = { ...s.done, [p.task]: s.done[p.task] ?? at };
    },
    say: (p) => `${p.did === 'begun' ? 'Begun' : 'Done'}: ${stepName(p.task)}.`,
    fields: [],
  }),
  'dinner.lasts': kind({
    facts: DinnerLasts,
    fold: (s, l) => {
      s.lasts = { ...s.lasts, [l.task]: l.minutes };
    },
    say: (l) => `${stepName(l.task)} takes ${l.minutes} min.`,
    fields: [],
  }),
  'dinner.moved': kind({
    facts: DinnerMoved,
    fold: (s, m) => {
      s.serveAtMs = m.serveAtMs;
    },
    say: () => 'Serving time changed.',
    fields: [],
  }),
  'dinner.read': kind({
    facts: DinnerRead,
    fold: (s, r) => void s.reads.push({ dish: r.dish, c: r.c, at: r.at, about: r.about }),
    say: (r, { units }) => `Middle read: ${sayTemperature(r.c, units)}.`,
    fields: [amountField('c', 'Middle', 'temperature')],
  }),
  'dinner.ended': kind({
    facts: DinnerEnded,
    fold: (s, e) => {
      s.ended = { meal: e.meal ?? null, at: e.at, about: e.about };
    },
    say: (e) => (e.meal ? 'Served.' : 'Dinner cancelled.'),
    fields: [],
  }),
};

export const RECIPE = subjectOf<'recipe', RecipeWritten>({
  begins: 'recipe.written',
  readableWhenStruck: false,
  begin: (s) => {
    if (!isRecipe(s.recipe)) throw new Unreadable('This recipe cannot be read.');
    return { recipe: s.recipe, writtenAt: s.at, retired: false };
  },
  links: () => [],
  hangsOn: () => ({}),
});

export const RECIPE_KINDS = {
  'recipe.written': kindOf<'recipe'>()({
    facts: RecipeWritten,
    fold: 'begins',
    say: (r) => `Recipe written: ${String(r.recipe['name'])}.`,
    fields: [],
    mostChars: MOST_RECIPE_CHARS,
  }),
  'recipe.retired': kindOf<'recipe'>()({
    facts: RecipeRetired,
    fold: (s) => {
      s.retired = true;
    },
    say: () => 'Recipe hidden.',
    fields: [],
  }),
};
