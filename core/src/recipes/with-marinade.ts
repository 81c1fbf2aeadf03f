import { type MarinadeAsked, type MarinadeId, marinadeOf } from '../cook/index.ts';
import { alone, forFish, hand } from './book/write.ts';
import type { Ingredient, Recipe, Step } from './recipe.ts';

/** What is needed of each, for 100 g of fish. */
const NEEDS: Readonly<Record<MarinadeId, readonly Ingredient[]>> = {
  salted: [forFish('salt', 1.5)],
  brine: [forFish('salt', 8)],
  milk: [forFish('milk', 60, 'ml', 'milk')],
  buttermilk: [forFish('buttermilk', 40, 'ml', 'milk')],
  lemon: [forFish('lemon', 0.2, 'piece'), forFish('oil', 6, 'ml')],
  oil: [forFish('oil', 8, 'ml'), forFish('thyme', 1)],
  soy: [forFish('soy sauce', 12, 'ml', 'soya', 'gluten'), forFish('sugar', 5)],
  yoghurt: [forFish('yoghurt', 25, 'g', 'milk'), forFish('ground coriander', 0.5)],
  paste: [forFish('bean paste', 12, 'g', 'soya', 'gluten'), forFish('sugar', 5)],
};

/** Ids of the steps that it puts before a recipe. */
const LAY = 'marinade-lay';
const LIES = 'marinade-lies';
const OUT = 'marinade-out';
/** What is said while it lies. */
const COVERED = 'In the fridge, covered.';

/** Work of hands at the fish that nothing comes before: it waits until the fish is out of what it lay in. */
const beginsAtFish = (s: Step, i: number): boolean =>
  s.takes === 'minutes' && s.hands && s.place === null && (s.after === null ? i === 0 : s.after.length === 0);

/**
 * A recipe whose fish lies in something first: laid in, left, taken out and dried; what is done to the fish comes after that. It may lie on
 * until the longest that does it good. One whose fish has no fire stays as it is.
 */
export function withMarinade(recipe: Recipe, asked: MarinadeAsked | null): Recipe {
  const m = asked ? marinadeOf(asked.id) : null;
  if (!asked || !m || !recipe.steps.some((s) => s.takes === 'cook')) return recipe;
  const before: readonly Step[] = [
    hand(LAY, `Lay the fish ${m.name}`, 4, m.say, { perPlate: 0.5, after: [] }),
    alone(LIES, `It lies ${m.name}`, Math.round(asked.minutes), COVERED),
    hand(OUT, 'Take it out and dry it', 3, m.after, {
      perPlate: 0.5,
      waits: Math.max(0, Math.floor(m.mostMin - asked.minutes)),
    }),
  ];
  const steps = recipe.steps.map((s, i): Step => {
    if (beginsAtFish(s, i)) return { ...s, after: [OUT] };
    // The order of what stood first by itself does not change.
    if (s.takes !== 'cook') return i === 0 && s.after === null ? { ...s, after: [] } : s;
    const waited = s.after ?? (i > 0 ? [recipe.steps[i - 1]!.id] : []);
    // What it waited for last holds it still.
    return { ...s, after: [OUT, ...waited] };
  });
  const names = new Set(NEEDS[m.id as MarinadeId].map((x) => x.name));
  return {
    ...recipe,
    ingredients: [
      ...recipe.ingredients.filter((x) => x.amount !== null || !names.has(x.name)),
      ...NEEDS[m.id as MarinadeId],
    ],
    steps: [...before, ...steps],
  };
}

/** What is done in a step that `withMarinade` wrote, by its id and what it lies in; null of any other. */
export function sayOfMarinade(step: string, id: string | null): string | null {
  const m = marinadeOf(id ?? '');
  if (!m) return null;
  return step === LAY ? m.say : step === LIES ? COVERED : step === OUT ? m.after : null;
}
