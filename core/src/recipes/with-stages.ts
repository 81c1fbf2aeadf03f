import {
  methodOf,
  type Place,
  type StageAsked,
  type StageId,
  type StageKind,
  stageOf,
  usualStage,
} from '../cook/index.ts';
import { alone, forFish, hand } from './book/write.ts';
import type { Ingredient, Recipe, Step } from './recipe.ts';

/** The fires around the one that a recipe ends by, as they are usually set, in their order. */
export const stagesOf = (recipe: Recipe): StageAsked[] =>
  (recipe.stages ?? []).flatMap(({ id, minutes }) => {
    const kind = stageOf(id);
    return kind ? [{ ...usualStage(kind), seconds: minutes * 60 }] : [];
  });

const placeOf = (place: Place): Step['place'] => (place === 'embers' ? 'grill' : place);

const OIL = forFish('oil', 3, 'ml');
/** What a stage takes, for 100 g of fish, where the recipe has none of it. */
const NEEDS: Readonly<Partial<Record<StageId, readonly Ingredient[]>>> = {
  'seared first': [OIL],
  'browned first': [OIL],
  'crisped last': [OIL],
  'basted last': [forFish('butter', 10, 'g', 'milk')],
  'browned last': [forFish('butter', 4, 'g', 'milk')],
};

/** The ingredients of a recipe, and what these stages take that is not among them. */
function withNeeds({ ingredients }: Recipe, asked: readonly StageAsked[]): readonly Ingredient[] {
  const there = new Set(ingredients.map((x) => x.name));
  const more = asked.flatMap(({ id }) => NEEDS[id as StageId] ?? []).filter((x) => !there.has(x.name));
  return [...ingredients, ...new Map(more.map((x) => [x.name, x])).values()];
}

/** Until another fire is hot, min; the same one needs no time. */
const HOT_MIN: Readonly<Record<Place, number>> = { ring: 4, oven: 15, grill: 20, embers: 25 };

/** The steps of one stage: its own fire made hot where it is another, then the fish in it. `times`: so often, since its vessel holds no more. */
function stepsOf(
  kind: StageKind,
  asked: StageAsked,
  main: string | null,
  after: readonly string[],
  times: number,
): Step[] {
  const { heat } = methodOf(kind.method)!;
  const place = placeOf(heat!.place);
  const own = kind.method !== main && !kind.sameBath;
  const id = `stage-${kind.id}`;
  const vessel = own && place === 'ring' ? { in: 'pan' as const } : {};
  const hot = alone(`${id}-hot`, `Heat ${heat!.of}`, HOT_MIN[heat!.place], `To ${Math.round(asked.mediumC)}°.`, {
    place,
    after: [],
    ...vessel,
  });
  const by = place === 'ring' || place === 'grill' ? hand : alone;
  const minutes = Math.max(1, Math.round((asked.seconds * times) / 60));
  const step = by(id, kind.step, minutes, kind.say, {
    place,
    ...vessel,
    after: [...(own ? [hot.id] : []), ...after],
    waits: kind.at === 'before' ? 15 : kind.waitMin + 1,
  });
  return own ? [hot, step] : [step];
}

/**
 * A recipe with these fires written out as steps: they stand before and after the step in which the fish gets done, and what waited for that
 * waits for the last of them. One without such a step stays as it is. `times`: how often a stage is done, since its vessel holds no more.
 */
export function withStages(
  recipe: Recipe,
  asked: readonly StageAsked[],
  times: (s: StageKind) => number = () => 1,
): Recipe {
  const at = recipe.steps.findIndex((s) => s.takes === 'cook');
  const kinds = asked.flatMap((s) => {
    const kind = stageOf(s.id);
    return kind ? [{ kind, s }] : [];
  });
  const cook = recipe.steps[at];
  if (!cook || kinds.length === 0) return recipe;
  const waited = cook.after ?? (at > 0 ? [recipe.steps[at - 1]!.id] : []);
  const before: Step[] = [];
  let last: readonly string[] = waited;
  for (const { kind, s } of kinds.filter((x) => x.kind.at === 'before')) {
    before.push(...stepsOf(kind, s, recipe.method, last, times(kind)));
    last = [before.at(-1)!.id];
  }
  const own: Step = before.length > 0 ? { ...cook, after: [...waited, ...last], waits: 2 } : cook;
  const after: Step[] = [];
  let end = cook.id;
  for (const { kind, s } of kinds.filter((x) => x.kind.at === 'after')) {
    after.push(...stepsOf(kind, s, recipe.method, [end], times(kind)));
    end = after.at(-1)!.id;
  }
  const rest = recipe.steps.slice(at + 1).map((s, i): Step => ({
    ...s,
    // What stood right behind the fire stands behind the last one now.
    after: s.after === null ? (i === 0 ? [end] : null) : s.after.map((id) => (id === cook.id ? end : id)),
  }));
  return {
    ...recipe,
    ingredients: withNeeds(recipe, asked),
    steps: [...recipe.steps.slice(0, at), ...before, own, ...after, ...rest],
  };
}

/** A recipe with its own fires before and after written out as steps: what is cooked, printed and saved. */
export const writtenOut = (recipe: Recipe): Recipe => withStages(recipe, stagesOf(recipe));

/** What is done in a step that `withStages` wrote, by its id; null of any other. */
export const sayOfStage = (step: string): string | null => stageOf(step.replace(/^stage-/, ''))?.say ?? null;
