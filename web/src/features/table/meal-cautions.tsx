import { tableCautions } from '@dagboek/core/harm';
import { degrees } from '../../asked/units.ts';
import type { NewMeal } from './use-new-meal.ts';

/** What must be known of a fish that is cooked this way: by its kind, by what was found in it, by the part that it is, and what can hurt. */
export function MealCautions({ meal }: { meal: NewMeal }) {
  return (
    <>
      {tableCautions(
        meal.kinds,
        // Smoked hot it is cooked; the meal's word is the same.
        meal.method.id === 'hot smoke' ? 'smoked hot' : meal.method.meal,
        meal.chosen.map((h) => ({ of: `Pack ${h.number}`, follows: h.found })),
      ).map((c) => (
        <p key={c.say} className={c.grade === 'stop' ? 'alert alert-warning' : 'alert alert-error'}>
          {degrees(c.say)}
        </p>
      ))}
      {meal.ofParts.map((say) => (
        <p key={say} className="alert alert-error">
          {say}
        </p>
      ))}
      {meal.mind.length > 0 && (
        <p className="alert alert-error">
          <b>Mind:</b> {degrees(meal.mind.join(' '))}
        </p>
      )}
    </>
  );
}
