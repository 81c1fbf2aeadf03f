import { batchesIn, footMm2, USES } from '@dagboek/core/cook';
import { NO_FISH, plainRecipe, type Recipe, tasksOf } from '@dagboek/core/recipes';
import { type FactsOf, kitchenOf } from '@dagboek/journal';
import { cookingOf, type Dish } from './use-dish.ts';
import type { NewMeal } from './use-new-meal.ts';

const round = (n: number, by = 10): number => Math.round(n * by) / by;

/** How often the fish is cooked after each other: what the largest vessel for it holds at once. */
export function batchesOf(m: NewMeal, dish: Dish): number {
  const uses = USES[m.method.id] ?? [];
  const [vessel] = kitchenOf(m.book)
    .vessels.filter((v) => uses.includes(v.use))
    .sort((a, b) => footMm2(b) - footMm2(a));
  if (!vessel || !m.main || m.method.id === 'parcel') return 1;
  const oil = m.method.heat?.of === 'the oil' ? (dish.asked?.setting.amount ?? null) : null;
  return batchesIn(vessel, m.pieces, m.main.pieceG, dish.asked?.piece.thicknessMm ?? m.main.thicknessMm, oil);
}

/** A dinner as it is written down: its dishes, its steps, what the kitchen has. `sides`: recipes of what stands beside it. */
export function dinnerFacts(
  m: NewMeal,
  dish: Dish,
  sides: readonly Recipe[],
  packs: FactsOf<'dinner.set'>['dishes'][number]['packs'],
): FactsOf<'dinner.set'> {
  const cooking = cookingOf(dish.value);
  const recipe = m.recipe ?? plainRecipe(m.method);
  const plates = Math.max(1, m.heads);
  const main = {
    id: 'fish',
    name: m.title,
    recipe: m.recipe?.id ?? null,
    packs,
    method: m.method.id,
    mediumC: dish.asked?.setting.mediumC ?? null,
    thicknessMm: dish.asked?.piece.thicknessMm ?? null,
    startC: dish.asked?.startC ?? null,
    toC: cooking ? round(cooking.course.peakC) : null,
    pulledC: cooking ? round(cooking.course.pulledC) : null,
    cookMin: cooking ? round(cooking.course.pulledS / 60) : null,
    lowMin: cooking ? round(cooking.lowS / 60) : null,
    highMin: cooking ? round(cooking.highS / 60) : null,
    fire: cooking && dish.asked ? { ...dish.asked } : null,
    restMin: cooking ? round(Math.max(0, cooking.course.peakS - cooking.course.pulledS) / 60) : null,
  };
  const none = {
    packs: [],
    method: null,
    mediumC: null,
    thicknessMm: null,
    startC: null,
    toC: null,
    pulledC: null,
    cookMin: null,
    lowMin: null,
    highMin: null,
    restMin: null,
    fire: null,
  };
  const { hands, rings, ovens, grills } = kitchenOf(m.book);
  return {
    serveAtMs: m.serveMs,
    dishes: [main, ...sides.map((r, i) => ({ ...none, id: `side${i + 1}`, name: r.name, recipe: r.id }))],
    tasks: [
      ...tasksOf({
        id: 'fish',
        recipe: { ...recipe, name: m.title },
        plates,
        fish: cooking
          ? { cookMin: main.cookMin!, restMin: main.restMin!, batches: batchesOf(m, dish) }
          : { ...NO_FISH, cookMin: 10, restMin: 2 },
      }),
      ...sides.flatMap((r, i) => tasksOf({ id: `side${i + 1}`, recipe: r, plates, fish: NO_FISH })),
    ],
    means: { hands, rings, ovens, grills },
    cook: m.cook,
    eaters: m.eaters,
    ...(m.heads > m.eaters.length ? { guests: m.heads - m.eaters.length } : {}),
  };
}
