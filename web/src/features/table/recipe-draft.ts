import { type Allergen, type Ingredient, readIngredient, type Recipe, type Step } from '@dagboek/core/recipes';
import { typedNumber } from '../../ui/typed-number.ts';

/** A recipe is written for so many plates. */
export const PLATES = 4;

/** A step as it is typed. */
export interface StepDraft {
  readonly id: string;
  readonly name: string;
  readonly say: string;
  readonly minutes: string;
  readonly place: 'ring' | 'oven' | 'grill' | 'none';
  readonly hands: boolean;
  readonly takes: Step['takes'];
  readonly from: Step | null;
}

/** A recipe as it is typed. */
export interface RecipeDraft {
  readonly name: string;
  readonly says: string;
  readonly course: Recipe['course'];
  readonly way: string;
  /** What goes in, a line each. */
  readonly takes: string;
  readonly allergens: readonly Allergen[];
  readonly declared: boolean;
  readonly steps: readonly StepDraft[];
  /** Minutes that it may stand; empty: as long as it likes. */
  readonly stands: string;
}

/** A step that says nothing yet. */
export const emptyStep = (id: string): StepDraft => ({
  id,
  name: '',
  say: '',
  minutes: '5',
  place: 'none',
  hands: true,
  takes: 'minutes',
  from: null,
});

/** The fish in its fire, for as long as it is reckoned. */
export const cookStep = (): StepDraft => ({
  ...emptyStep('cook'),
  name: 'Cook the fish',
  say: 'Until it is done.',
  minutes: '',
  place: 'ring',
  takes: 'cook',
});

const stepDraft = (s: Step): StepDraft => ({
  id: s.id,
  name: s.name,
  say: s.say,
  minutes: s.takes === 'minutes' ? String(s.minutes) : '',
  place: s.place ?? 'none',
  hands: s.hands,
  takes: s.takes,
  from: s,
});

/** "200 g flour", as `readIngredient` takes it, for so many plates. */
const lineOf = (i: Ingredient): string => {
  if (i.amount === null) return i.name;
  const n = i.per === 'plate' ? i.amount * PLATES : i.per === 'fish' ? i.amount * PLATES * 1.6 : i.amount;
  const round = Math.round(n * 10) / 10;
  return i.unit === 'piece' ? `${round} ${i.name}` : `${round} ${i.unit} ${i.name}`;
};

/** What is typed to begin with: a recipe that is changed, or an empty sheet. */
export const recipeDraft = (from: Recipe | null): RecipeDraft => ({
  name: from?.name ?? '',
  says: from?.says ?? '',
  course: from?.course ?? 'fish',
  way: from?.method ?? 'pan',
  takes: from ? from.ingredients.map(lineOf).join('\n') : '',
  allergens: [...new Set(from?.ingredients.flatMap((i) => i.allergens) ?? [])],
  declared: from !== null && from.declared !== false,
  steps: from?.steps.map(stepDraft) ?? [emptyStep('s1')],
  stands: from?.stands === null ? '' : String(from?.stands ?? 5),
});

/** What goes in: a line that was not changed is what it was. What is declared by hand stands with the first thing, so that it is not lost. */
function ingredientsOf(d: RecipeDraft, from: Recipe | null): Ingredient[] {
  const known = new Map(from?.ingredients.map((i) => [lineOf(i), i]));
  const lines = d.takes
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
  const all = lines.map((l) => known.get(l) ?? readIngredient(l, PLATES));
  const said = new Set(all.flatMap((i) => i.allergens));
  const more = d.allergens.filter((a) => !said.has(a));
  return all.map((x, i) => (i === 0 ? { ...x, allergens: [...x.allergens, ...more] } : x));
}

const stepOf = (s: StepDraft, i: number, all: readonly StepDraft[]): Step => ({
  id: s.id,
  name: s.name.trim(),
  say: s.say.trim() || s.name.trim(),
  takes: s.takes,
  minutes: s.takes === 'minutes' ? (typedNumber(s.minutes) ?? Number.NaN) : 0,
  perPlate: s.from?.perPlate ?? 0,
  hands: s.hands,
  place: s.place === 'none' ? null : s.place,
  after: s.from && s.from.after?.every((a) => all.slice(0, i).some((x) => x.id === a)) ? s.from.after : null,
  waits: s.from?.waits ?? null,
  ...(s.from?.in ? { in: s.from.in } : {}),
  ...(s.from?.holds ? { holds: s.from.holds } : {}),
  ...(s.from?.frees ? { frees: true as const } : {}),
});

/** The recipe that was typed, right or not: `recipeTrouble` says which. `from`: the one that is changed. */
export const recipeOf = (d: RecipeDraft, id: string, from: Recipe | null): Recipe => {
  const fish = d.course === 'fish';
  return {
    id,
    name: d.name.trim(),
    says: d.says.trim(),
    course: d.course,
    method: fish ? d.way : null,
    from: fish ? (from?.from ?? 'fish') : null,
    cuts: from?.cuts ?? (fish ? ['fillet', 'portion'] : []),
    fat: from?.fat ?? 'either',
    ingredients: ingredientsOf(d, from),
    ...(d.declared ? {} : { declared: false as const }),
    steps: d.steps.map(stepOf),
    stands: d.stands.trim() === '' ? null : (typedNumber(d.stands) ?? Number.NaN),
    spoils: from?.spoils ?? (fish ? 4 : 1),
    ...(from?.keepsWarm === undefined ? {} : { keepsWarm: from.keepsWarm }),
    ...(from?.stages === undefined ? {} : { stages: from.stages }),
    leadsTo: from?.leadsTo ?? [],
  };
};
