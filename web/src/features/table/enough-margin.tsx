import { cookedG, PLATE_G } from '@dagboek/core/plates';
import { plural } from '../../asked/format.ts';
import { sayGrams, sayGramsRange, sayMass } from '../../asked/units.ts';
import { DoneWhen } from './done-when.tsx';
import { FitsNote } from './fits-note.tsx';
import { type useDish } from './use-dish.ts';
import { type useNewMeal } from './use-new-meal.ts';
import { Term } from '../../ui/words/term.tsx';

/** Whether the fish is enough for who eats, when it is done, and whether it fits the vessel: beside the form of a new meal. */
export function EnoughMargin({
  meal,
  dish,
}: {
  meal: ReturnType<typeof useNewMeal>;
  dish: ReturnType<typeof useDish>;
}) {
  return (
    <aside className="margin tablet:sticky tablet:top-0 tablet:self-start tablet:max-h-screen tablet:overflow-y-auto">
      <h2>Is it enough?</h2>
      <p className="gap-2 flex items-center leading-[1.15] text-m">
        <span className="num text-[3.5rem]">{Math.min(meal.plates, meal.heads)}</span> of {plural(meal.heads, 'plate')}
      </p>
      <p>
        {sayMass(Math.round(meal.meat))} of boneless fish at {sayGrams(PLATE_G)} a <Term of="Plate">plate</Term>
        {meal.joins ? ', the other dishes included' : ''}
        {meal.plates > meal.heads ? `, enough for ${meal.plates}` : ''}.{' '}
        {meal.grams > 0 && meal.plates < meal.heads ? 'Small plates: add a pack, or more potatoes. ' : ''}
        {meal.meat > 0 && meal.heads > 0 && (
          <>
            Cooked, {sayGramsRange(cookedG(meal.meat / meal.heads).low, cookedG(meal.meat / meal.heads).high)} a plate.
          </>
        )}
      </p>
      <DoneWhen meal={meal} dish={dish} />
      <FitsNote meal={meal} dish={dish} />
    </aside>
  );
}
