import type { Ingredient, Recipe } from './recipe.ts';

/** As much as there is: raw fish that goes in, g, and plates. */
export interface Amounts {
  readonly fishG: number;
  readonly plates: number;
}

/** So much of an ingredient; null: to taste. */
export const amountOf = (i: Ingredient, { fishG, plates }: Amounts): number | null => {
  if (i.amount === null) return null;
  if (i.per === 'fish') return (i.amount * fishG) / 100;
  return i.per === 'plate' ? i.amount * plates : i.amount;
};

/** Round numbers that a kitchen weighs: never to nothing, never off by more than a tenth but for pieces. */
export function sensible(amount: number, unit: Ingredient['unit']): number {
  if (!(amount > 0)) return 0;
  if (unit === 'piece') return Math.max(0.5, Math.ceil(amount * 2 - 0.1) / 2);
  const step = amount < 2 ? 0.5 : amount < 10 ? 1 : amount < 60 ? 5 : amount < 250 ? 10 : amount < 1000 ? 25 : 50;
  const rounded = Math.max(step, Math.round(amount / step) * step);
  return Math.abs(rounded - amount) > amount * 0.1 ? Math.max(0.5, Math.round(amount * 2) / 2) : rounded;
}

/** One line of a list: how much of what. */
export interface Portion {
  readonly name: string;
  readonly amount: number | null;
  readonly unit: Ingredient['unit'];
}

/** The ingredients of a recipe for so much. */
export const scaled = (r: Recipe, a: Amounts): Portion[] =>
  r.ingredients.map((i) => {
    const n = amountOf(i, a);
    return { name: i.name, unit: i.unit, amount: n === null ? null : sensible(n, i.unit) };
  });

const plain = (name: string): string => name.trim().toLowerCase();

/** Nobody buys it. */
const FROM_THE_TAP = /^(?:(?:cold|warm|hot|boiling) )?water$/;

/** What must be bought for several dishes: each thing once, without water; what the house has apart. `has`: names of what it has. */
export function shoppingList(
  dishes: readonly { readonly recipe: Recipe; readonly amounts: Amounts }[],
  has: readonly string[],
): { readonly buy: Portion[]; readonly have: Portion[] } {
  const sums = new Map<string, { name: string; amount: number | null; unit: Ingredient['unit'] }>();
  for (const { recipe, amounts } of dishes)
    for (const i of recipe.ingredients) {
      if (FROM_THE_TAP.test(plain(i.name))) continue;
      const key = `${plain(i.name)}|${i.unit}`;
      const n = amountOf(i, amounts);
      const was = sums.get(key);
      // To taste here and by weight there: the weight stands.
      const amount = was === undefined ? n : was.amount === null ? n : n === null ? was.amount : was.amount + n;
      sums.set(key, { name: was?.name ?? i.name, unit: i.unit, amount });
    }
  const all = [...sums.values()].map((p) => ({ ...p, amount: p.amount === null ? null : sensible(p.amount, p.unit) }));
  const house = new Set(has.map(plain));
  return { buy: all.filter((p) => !house.has(plain(p.name))), have: all.filter((p) => house.has(plain(p.name))) };
}

const [TSP_ML, TBSP_ML] = [5, 15];
/** Beyond this nobody counts spoons, ml. */
const SPOONS_TO_ML = 60;

/** A number to its half, with a sign for it: "2", "½", "1½". */
function halves(n: number): string {
  const twice = Math.round(n * 2);
  const whole = Math.floor(twice / 2);
  return twice % 2 === 0 ? String(whole) : `${whole === 0 ? '' : whole}½`;
}

/** " (1½ tsp)": spoons beside the millilitres of what is little; nothing beyond four tablespoons or under half a teaspoon. */
function spoons(ml: number): string {
  if (ml > SPOONS_TO_ML || Math.round((ml / TSP_ML) * 2) < 1) return '';
  return ml < TBSP_ML ? ` (${halves(ml / TSP_ML)} tsp)` : ` (${halves(ml / TBSP_ML)} tbsp)`;
}

/** "225 g new potatoes", "½ lemon", "8 ml oil (1½ tsp)", "salt, to taste". */
export const sayPortion = (p: Portion): string =>
  p.amount === null
    ? `${p.name}, to taste`
    : p.unit === 'piece'
      ? `${halves(p.amount)} ${p.name}`
      : p.unit === 'ml'
        ? `${p.amount} ml ${p.name}${spoons(p.amount)}`
        : `${p.amount} ${p.unit} ${p.name}`;
