import type { Method } from '../cook/index.ts';
import { alone, cook, fishDish, hand, rest } from './book/write.ts';
import type { Recipe } from './recipe.ts';

/** Until it is hot, min. */
const HOT_MIN: Readonly<Record<string, number>> = { ring: 5, oven: 18, grill: 25, embers: 30 };

/** A way without a recipe: made ready, heated, cooked, rested. */
export function plainRecipe(method: Method): Recipe {
  const place = method.heat ? (method.heat.place === 'embers' ? 'grill' : method.heat.place) : null;
  return fishDish({
    id: `plain-${method.id}`,
    name: method.name,
    says: method.why,
    method: method.id,
    cuts: method.cuts,
    fat: method.fat,
    ingredients: [],
    steps: [
      hand('dry', 'Make the fish ready', 4, 'Dry it, salt it.', { perPlate: 0.5 }),
      ...(place && method.heat
        ? [
            alone('hot', `Heat ${method.heat.of}`, HOT_MIN[method.heat.place] ?? 5, `To ${method.heat.usualC}°.`, {
              place,
              after: [],
            }),
            cook(
              place,
              method.heat.turns.some((t) => t > 0),
              method.look.join('; '),
              { after: ['dry', 'hot'] },
            ),
            rest(method.heat.rests),
          ]
        : [hand('do', method.name, 8, method.look.join('; '), { perPlate: 1 })]),
    ],
  });
}
