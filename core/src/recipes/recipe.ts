import { sayAll } from '../units/index.ts';
import { type PieceCut, stageOf, type Vessel } from '../cook/index.ts';

/** What must be declared by law where food is sold: Regulation (EU) 1169/2011, Annex II. */
export const ALLERGENS = [
  'fish',
  'crustaceans',
  'molluscs',
  'milk',
  'eggs',
  'gluten',
  'mustard',
  'celery',
  'nuts',
  'peanuts',
  'sesame',
  'soya',
  'lupin',
  'sulphites',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** How much of it: for 100 g of fish, a plate, or once for the dish. */
export const PER = ['fish', 'plate', 'dish'] as const;
export const UNITS = ['g', 'ml', 'piece'] as const;

/** What goes in. `amount` null: to taste. */
export interface Ingredient {
  readonly name: string;
  readonly amount: number | null;
  readonly unit: (typeof UNITS)[number];
  readonly per: (typeof PER)[number];
  readonly allergens: readonly Allergen[];
}

/** One step. `cook` and `rest`: as long as the fish takes by its way; else minutes, and so many more for each plate. */
export interface Step {
  readonly id: string;
  readonly name: string;
  readonly say: string;
  readonly takes: 'cook' | 'rest' | 'minutes';
  readonly minutes: number;
  readonly perPlate: number;
  readonly hands: boolean;
  readonly place: 'ring' | 'oven' | 'grill' | null;
  /** Steps that must be over before; left out: the one that stands before it. */
  readonly after: readonly string[] | null;
  /** It waits for them no longer than so, min; null: it may wait. */
  readonly waits: number | null;
  /** What it is done in; left out: of fish on a ring what the fish is cooked in, else nothing that others could need. */
  readonly in?: Vessel['use'];
  /** What it is done in must hold so much to the rim, l: of oil twice what goes in. Left out: as small as may be. */
  readonly holds?: number;
  /** After it another dish may have the vessel, until a later step takes it up again. */
  readonly frees?: true;
}

/** Kinds of vessel that a step may be done in. */
export const STEP_VESSELS: readonly Vessel['use'][] = ['pan', 'pot', 'kettle', 'steamer', 'grill', 'tray'];

export const COURSES = ['fish', 'side', 'sauce'] as const;

/** A dish, written for as much fish or as many plates as there are. */
export interface Recipe {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly course: (typeof COURSES)[number];
  /** The way its fish is cooked; null: it holds none. See `core/cook`. */
  readonly method: string | null;
  /** What of the fish it is made of. */
  readonly from: 'fish' | 'cooked fish' | 'frames' | null;
  readonly cuts: readonly PieceCut[];
  readonly fat: 'lean' | 'oily' | 'either';
  readonly ingredients: readonly Ingredient[];
  /** False: nobody has said yet what of it must be declared. Left out: its allergens stand with its ingredients. */
  readonly declared?: false;
  readonly steps: readonly Step[];
  /** Ready, it stands no longer than so, min; null: it may. */
  readonly stands: number | null;
  /** Kept warm on a rack in the oven at 90° it may stand so long instead, min; left out: that does it no good. */
  readonly keepsWarm?: number;
  /** How bad a minute of standing is, 1 usual. */
  readonly spoils: number;
  /** Fires before and after that in which the fish gets done, which of `STAGES` and how long, min; left out: none. */
  readonly stages?: readonly { readonly id: string; readonly minutes: number }[];
  /** What becomes of what is left, by ids of recipes. */
  readonly leadsTo: readonly string[];
}

/** A word of `list`. */
const isOf = (list: readonly unknown[], x: unknown): boolean => list.includes(x);
const isText = (x: unknown, most: number): boolean => typeof x === 'string' && x.trim().length > 0 && x.length <= most;
const isNumber = (x: unknown, low: number, high: number): boolean =>
  typeof x === 'number' && Number.isFinite(x) && x >= low && x <= high;
const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);

/** More is no recipe. */
export const MOST = { ingredients: 40, steps: 30, name: 80, say: 600 } as const;

function ingredientTrouble(x: unknown): string | null {
  if (!isObject(x) || !isText(x['name'], MOST.name)) return 'Each ingredient needs a name.';
  if (x['amount'] !== null && !isNumber(x['amount'], 0, 100_000))
    return `${String(x['name'])}: enter an amount, or leave it empty for “to taste”.`;
  if (!isOf(UNITS, x['unit']) || !isOf(PER, x['per']))
    return `${String(x['name'])}: in g, ml or pieces, for the fish, a plate or the dish.`;
  const a = x['allergens'];
  if (!Array.isArray(a) || !a.every((w) => isOf(ALLERGENS, w)))
    return `${String(x['name'])}: an allergen is not known.`;
  return null;
}

function stepTrouble(x: unknown, before: ReadonlySet<string>): string | null {
  if (!isObject(x) || !isText(x['name'], MOST.name) || !isText(x['id'], 60)) return 'Each step needs a name.';
  const name = String(x['name']);
  if (!isText(x['say'], MOST.say)) return `${name}: say what is done.`;
  if (before.has(String(x['id']))) return `Two steps are called ${name}.`;
  if (!isOf(['cook', 'rest', 'minutes'], x['takes'])) return `${name}: it takes minutes, or as long as the fish.`;
  if (!isNumber(x['minutes'], 0, 2880) || !isNumber(x['perPlate'], 0, 60))
    return `${name}: give minutes, up to two days.`;
  if (typeof x['hands'] !== 'boolean' || !isOf([null, 'ring', 'oven', 'grill'], x['place']))
    return `${name}: by hand or not, on a ring, in the oven, on the grill or nowhere.`;
  const after = x['after'];
  if (after !== null && !(Array.isArray(after) && after.every((id) => before.has(String(id)))))
    return `${name}: it waits for a step that comes later, or is not there.`;
  if (x['waits'] !== null && !isNumber(x['waits'], 0, 2880))
    return `${name}: it waits so many minutes, or as long as it likes.`;
  if (x['holds'] !== undefined && !isNumber(x['holds'], 0, 100)) return `${name}: say in litres what it must hold.`;
  if (x['frees'] !== undefined && x['frees'] !== true) return `${name}: its vessel is free after it, or it is not.`;
  if (x['in'] !== undefined && !isOf(STEP_VESSELS, x['in'])) return `${name}: in a pan, a pot, or nothing of its own.`;
  return null;
}

/** What is wrong with the fires around its own, in a sentence; null when nothing. */
function stagesTrouble(x: unknown): string | null {
  if (x === undefined) return null;
  if (!Array.isArray(x) || x.length > 4) return 'At most four other fires.';
  for (const s of x as unknown[]) {
    const kind = isObject(s) ? stageOf(String(s['id'])) : null;
    if (!kind) return 'This version does not know one of its fires.';
    if (!isNumber((s as Record<string, unknown>)['minutes'], 0.5, 60))
      return `${kind.step}: between half a minute and an hour.`;
  }
  return null;
}

/** What is wrong with a recipe as it was written or read in, in a sentence; null when nothing. */
export function recipeTrouble(x: unknown): string | null {
  if (!isObject(x)) return 'This is not a recipe.';
  if (!isText(x['id'], 60)) return 'The recipe needs a name that no other recipe has.';
  if (!isText(x['name'], MOST.name)) return 'Enter a name for the dish.';
  if (typeof x['says'] !== 'string' || x['says'].length > MOST.say) return 'Describe it in one sentence.';
  if (!isOf(COURSES, x['course'])) return 'It is fish, a side or a sauce.';
  if (x['method'] !== null && !isText(x['method'], 60)) return 'Say how its fish is cooked, or that it holds none.';
  if (!isOf([null, 'fish', 'cooked fish', 'frames'], x['from']))
    return 'It is made of fish, of cooked fish or of frames.';
  if (!Array.isArray(x['cuts']) || !isOf(['lean', 'oily', 'either'], x['fat'])) return 'Say for which fish it is.';
  const { ingredients, steps } = x;
  if (!Array.isArray(ingredients) || ingredients.length > MOST.ingredients)
    return `Up to ${MOST.ingredients} ingredients.`;
  if (!Array.isArray(steps) || steps.length === 0) return 'Add at least one step.';
  if (steps.length > MOST.steps) return `More than ${MOST.steps} steps: make two dishes of it.`;
  for (const i of ingredients) {
    const t = ingredientTrouble(i);
    if (t) return t;
  }
  const before = new Set<string>();
  for (const s of steps) {
    const t = stepTrouble(s, before);
    if (t) return t;
    before.add(String((s as { id: unknown }).id));
  }
  if (x['keepsWarm'] !== undefined && !isNumber(x['keepsWarm'], 1, 240)) return 'How long it keeps warm is in minutes.';
  const fires = stagesTrouble(x['stages']);
  if (fires) return fires;
  if (x['declared'] !== undefined && x['declared'] !== false) return 'Its allergens are declared, or not yet.';
  if (x['stands'] !== null && !isNumber(x['stands'], 0, 2880)) return 'How long it may stand is in minutes.';
  if (!isNumber(x['spoils'], 0, 20) || !Array.isArray(x['leadsTo']))
    return 'How bad it is that it stands lies between 0 and 20.';
  return null;
}

/** What must be declared of some dishes, in a sentence; that it is not known, where nobody has said. Null of none. */
export function sayAllergens(recipes: readonly Recipe[]): string | null {
  const known = allergensOf(recipes);
  const unsaid = recipes.filter((r) => r.declared === false);
  if (unsaid.length === 0) return known.length > 0 ? `Contains ${sayAll(known)}.` : null;
  const of = unsaid.length < recipes.length ? ` (${sayAll(unsaid.map((r) => r.name))})` : '';
  return `Allergens are not declared${of}: read what goes in.${known.length > 0 ? ` Known so far: ${sayAll(known)}.` : ''}`;
}

/** What is known to have to be declared of a dish, in the law's order. Of one with `declared: false` that is not all. */
export const allergensOf = (recipes: readonly Recipe[]): Allergen[] =>
  ALLERGENS.filter((a) =>
    recipes.some((r) => (a === 'fish' && r.from !== null) || r.ingredients.some((i) => i.allergens.includes(a))),
  );
