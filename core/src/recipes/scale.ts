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

/** What must be bought for several dishes: each thing once, what the house has left out. `has`: names of what it has. */
export function shoppingList(
  dishes: readonly { readonly recipe: Recipe; readonly amounts: Amounts }[],
  has: readonly string[],
): { readonly buy: Portion[]; readonly have: Portion[] } {
  const sums = new Map<string, { name: string; amount: number | null; unit: Ingredient['unit'] }>();
  for (const { recipe, amounts } of dishes)
    for (const i of recipe.ingredients) {
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

/** "225 g new potatoes", "half a lemon" as "0.5 lemon", "salt, to taste". */
export const sayPortion = (p: Portion): string =>
  p.amount === null
    ? `${p.name}, to taste`
    : p.unit === 'piece'
      ? `${p.amount} ${p.name}`
      : `${p.amount} ${p.unit} ${p.name}`;
