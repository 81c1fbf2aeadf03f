import type { MealState } from '@dagboek/journal';

/** Mean of a meal's marks, 1 to 5; null when nobody gave one. */
export function meanMark(m: MealState): number | null {
  const marks = Object.values(m.marks);
  return marks.length === 0 ? null : marks.reduce((a, b) => a + b, 0) / marks.length;
}
