import { type Ingredient, MOST } from './recipe.ts';

/** Signs for parts of one. */
const SIGNS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const SIGN = Object.keys(SIGNS).join('');
/** "1 1/2", "1/2", "1½", "½", "12", "0,5", and "2 to 3" by its middle. */
const AMOUNT = new RegExp(
  `^(?:(?<whole>\\d+)\\s+)?(?<top>\\d+)/(?<under>[1-9]\\d*)|^(?<before>\\d+)?\\s*(?<sign>[${SIGN}])|^(?<from>\\d+(?:[.,]\\d+)?)(?:\\s*(?:-|–|to)\\s*(?<to>\\d+(?:[.,]\\d+)?))?`,
);
const plain = (text: string | undefined): number => Number((text ?? '0').replace(',', '.'));

/** What a line begins with as a number, and the rest of it; null where it begins with none. */
function amountAhead(line: string): { readonly amount: number; readonly rest: string } | null {
  const m = AMOUNT.exec(line);
  if (!m?.groups) return null;
  const { whole, top, under, before, sign, from, to } = m.groups;
  const amount =
    top !== undefined
      ? plain(whole) + plain(top) / plain(under)
      : sign !== undefined
        ? plain(before) + SIGNS[sign]!
        : to === undefined
          ? plain(from)
          : (plain(from) + plain(to)) / 2;
  return amount > 0 ? { amount, rest: line.slice(m[0].length) } : null;
}

/**
 * Measures of kitchens in g and ml. Spoons and cups of 5, 15 and 240 ml as US labels count them (21 CFR 101.9); ounces and pounds of weight
 * to the gram.
 */
const MEASURES: readonly (readonly [names: RegExp, unit: Ingredient['unit'], by: number])[] = [
  [/^(?:kg|kilos?)\b\.?/i, 'g', 1000],
  [/^(?:g|grams?)\b\.?/i, 'g', 1],
  [/^ml\b\.?/i, 'ml', 1],
  [/^cl\b\.?/i, 'ml', 10],
  [/^dl\b\.?/i, 'ml', 100],
  [/^(?:l|litres?|liters?)\b\.?/i, 'ml', 1000],
  [/^(?:tsp|teaspoons?)\b\.?/i, 'ml', 5],
  [/^(?:tbsp|tablespoons?)\b\.?/i, 'ml', 15],
  [/^(?:fl\.?\s*oz|fluid ounces?)\b\.?/i, 'ml', 30],
  [/^cups?\b/i, 'ml', 240],
  [/^(?:oz|ounces?)\b\.?/i, 'g', 28.35],
  [/^(?:lbs?|pounds?)\b\.?/i, 'g', 453.6],
];
/** Nobody weighs a pinch. */
const PINCH = /^(?:pinch(?:es)?|dash(?:es)?)\b\s+(?:of\s+)?/i;

/**
 * A line of a recipe for so many plates: "200 g flour", "1 1/2 tsp salt" (7.5 ml), "½ lemon", "2 cups stock" (480 ml). A number without a
 * measure counts pieces; what has no number is to taste, and stands as it was written.
 */
export function readIngredient(line: string, plates: number): Ingredient {
  const text = line.trim();
  const toTaste = (name: string): Ingredient => ({
    name: name.slice(0, MOST.name),
    amount: null,
    unit: 'g',
    per: 'dish',
    allergens: [],
  });
  const ahead = amountAhead(text);
  if (!ahead) return toTaste(text.replace(/^(?:a|some)\s+(?=pinch|dash)/i, '').replace(PINCH, ''));
  const after = ahead.rest.trim();
  if (PINCH.test(after)) return toTaste(after.replace(PINCH, ''));
  const found = MEASURES.find(([names]) => names.test(after));
  const rest = (found ? after.replace(found[0], '') : after).replace(/^\s*of\s+/i, '').trim();
  // "12 " alone, or "200 g" of nothing: it stands as it was written.
  if (rest === '' || (!found && !/^\s/.test(ahead.rest))) return toTaste(text);
  const [unit, by] = found ? [found[1], found[2]] : (['piece', 1] as const);
  return { name: rest.slice(0, MOST.name), amount: (ahead.amount * by) / plates, unit, per: 'plate', allergens: [] };
}
