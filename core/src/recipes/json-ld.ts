import { isNestedBeyond } from '../schema/index.ts';
import { METHODS } from '../cook/index.ts';
import { amountOf, type Amounts, sayPortion, sensible } from './scale.ts';
import { readIngredient } from './read-ingredient.ts';
import { writtenOut } from './with-stages.ts';
import { MOST, type Recipe, recipeTrouble, type Step } from './recipe.ts';

/** Where our own facts of a recipe stand in its JSON-LD, so that it comes back as it was. */
const OWN = 'dagboek:recipe';

const duration = (minutes: number): string => {
  const h = Math.floor(minutes / 60);
  return `PT${h > 0 ? `${h}H` : ''}${h === 0 || minutes % 60 > 0 ? `${Math.round(minutes % 60)}M` : ''}`;
};

/** Minutes of an ISO 8601 duration; null for what is none. */
export function durationMinutes(text: unknown): number | null {
  const m = /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+)S)?)?$/.exec(typeof text === 'string' ? text.trim() : '');
  if (!m || m[0] === 'P') return null;
  const [d, h, min, s] = m.slice(1).map((x) => Number(x ?? 0)) as [number, number, number, number];
  return d * 1440 + h * 60 + min + s / 60;
}

/** A recipe for so much, as schema.org Recipe in JSON-LD: readable to others, and whole to us. */
export function toJsonLd(r: Recipe, amounts: Amounts): object {
  const cook = r.steps.filter((s) => !s.hands).reduce((m, s) => m + s.minutes, 0);
  const prepare = r.steps.filter((s) => s.hands).reduce((m, s) => m + s.minutes + s.perPlate * amounts.plates, 0);
  const method = METHODS.find((m) => m.id === r.method);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    identifier: r.id,
    name: r.name,
    description: r.says,
    recipeYield: String(amounts.plates),
    recipeCategory: r.course,
    ...(method ? { cookingMethod: method.name } : {}),
    prepTime: duration(Math.round(prepare)),
    cookTime: duration(Math.round(cook)),
    totalTime: duration(Math.round(prepare + cook)),
    recipeIngredient: [
      ...(r.from ? [`${amounts.fishG} g ${r.from}`] : []),
      ...r.ingredients.map((i) => {
        const n = amountOf(i, amounts);
        return sayPortion({ name: i.name, unit: i.unit, amount: n === null ? null : sensible(n, i.unit) });
      }),
    ],
    recipeInstructions: writtenOut(r).steps.map((s) => ({ '@type': 'HowToStep', name: s.name, text: s.say })),
    additionalProperty: { '@type': 'PropertyValue', propertyID: OWN, value: JSON.stringify(r) },
  };
}

type Read = { readonly ok: true; readonly recipe: Recipe } | { readonly ok: false; readonly why: string };
const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const textOf = (x: unknown): string =>
  (typeof x === 'string' ? x : isObject(x) ? textOf(x['text'] ?? x['name']) : '').trim();
const hasType = (x: Record<string, unknown>): boolean => [x['@type']].flat().includes('Recipe');

/** The recipe in a document: itself, one of a list, or one of its graph. */
function recipeIn(doc: unknown): Record<string, unknown> | null {
  if (Array.isArray(doc)) return doc.map(recipeIn).find((x) => x !== null) ?? null;
  if (!isObject(doc)) return null;
  return hasType(doc) ? doc : recipeIn(doc['@graph'] ?? null);
}

/** Steps of another's recipe: in their order, by hand, so many minutes each as its times say; they can be changed. */
function stepsOf(doc: Record<string, unknown>): Step[] {
  const list = [doc['recipeInstructions']]
    .flat()
    .flatMap((x) =>
      isObject(x) && x['@type'] === 'HowToSection'
        ? [x['itemListElement']].flat()
        : typeof x === 'string'
          ? x.split(/\n+/)
          : [x],
    );
  const texts = list
    .map((x) => ({
      say: textOf(isObject(x) ? (x['text'] ?? x['name']) : x),
      name: isObject(x) ? textOf(x['name']) : '',
    }))
    .filter((x) => x.say !== '');
  const total =
    durationMinutes(doc['totalTime']) ??
    (durationMinutes(doc['prepTime']) ?? 0) + (durationMinutes(doc['cookTime']) ?? 0);
  const each = Math.max(1, Math.round((total || texts.length * 5) / Math.max(1, texts.length)));
  return texts.slice(0, MOST.steps).map((x, i): Step => ({
    id: `s${i + 1}`,
    name: (x.name || x.say).slice(0, 40),
    say: x.say.slice(0, MOST.say),
    takes: 'minutes',
    minutes: Math.min(2880, each),
    perPlate: 0,
    hands: true,
    place: null,
    after: null,
    waits: null,
  }));
}

/** A recipe within the graph of a page is nested some ten deep. */
const MOST_DEEP = 60;

/** Reads a recipe out of JSON-LD: one of ours comes back whole; another's as far as it says. `id`: what it is to be called in the book. */
export function fromJsonLd(text: string, id: string): Read {
  if (isNestedBeyond(text, MOST_DEEP))
    return { ok: false, why: 'This file is too complicated for a recipe. Save it again from where it comes.' };
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch {
    return { ok: false, why: 'This file is not JSON: it was cut off, or is something else.' };
  }
  const found = recipeIn(doc);
  if (!found) return { ok: false, why: 'There is no recipe in this file. Choose a file with a schema.org Recipe.' };
  const own = [found['additionalProperty']].flat().find((p) => isObject(p) && p['propertyID'] === OWN);
  if (isObject(own) && typeof own['value'] === 'string') {
    try {
      const recipe = { ...(JSON.parse(own['value']) as Recipe), id };
      if (recipeTrouble(recipe) === null) return { ok: true, recipe };
    } catch {
      // It is read as another's then.
    }
  }
  const plates = Math.max(1, Number(/\d+/.exec(String([found['recipeYield']].flat()[0] ?? '4'))?.[0] ?? 4));
  const recipe: Recipe = {
    id,
    name: textOf(found['name']).slice(0, MOST.name),
    says: textOf(found['description']).slice(0, MOST.say),
    course: 'fish',
    method: null,
    from: null,
    cuts: [],
    fat: 'either',
    ingredients: [found['recipeIngredient'] ?? []]
      .flat()
      .slice(0, MOST.ingredients)
      .map((x) => readIngredient(textOf(x), plates))
      .filter((x) => x.name !== ''),
    // Another's recipe declares nothing that could be read out of it.
    declared: false,
    steps: stepsOf(found),
    stands: 10,
    spoils: 2,
    leadsTo: [],
  };
  const why = recipeTrouble(recipe);
  return why === null ? { ok: true, recipe } : { ok: false, why };
}
