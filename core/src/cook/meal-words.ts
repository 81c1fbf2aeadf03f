/**
 * How a meal was cooked, in the word that its entry keeps: several ways share one. The one list of them: a way without its word does
 * not compile, the log takes these and *another way*, and the plan of meals proposes some.
 */
export const MEAL_WORDS = [
  'pan-fried',
  'grilled',
  'roasted',
  'steamed',
  'poached',
  'battered and fried',
  'simmered in a sauce',
  'smoked',
  'open fire',
  'cured',
  'raw',
  'seared',
  'in a parcel',
  'cakes',
  'soup',
  'stock',
] as const;
export type MealWord = (typeof MEAL_WORDS)[number];
