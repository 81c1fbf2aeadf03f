import type { ReactNode } from 'react';
import { useNames } from '../../asked/names.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { DateTimeField } from '../../asked/when.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import type { NewMeal } from './use-new-meal.ts';

const MODES = ['to be cooked', 'eaten already'] as const;

/** Who cooks and who eats, and when: at an hour that is planned back from, or already. `howItWas`: what is asked of a meal that was eaten. */
export function WhoAndWhen({ meal, howItWas }: { meal: NewMeal; howItWas: ReactNode }) {
  const names = useNames();
  return (
    <>
      <h2>Who, and when?</h2>
      <Chips
        label="Cook"
        options={meal.members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
        value={meal.cook}
        onChange={meal.setCook}
      />
      <ManyChips
        label="Who eats"
        options={meal.members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
        values={meal.eaters}
        onChange={meal.setEaters}
      />
      <Quantity whole label="Guests" unit="" placeholder="0" value={meal.guests} onChange={meal.setGuests} />
      <Chips
        label="It is"
        options={plain(MODES)}
        value={meal.eaten ? 'eaten already' : 'to be cooked'}
        onChange={(m) => meal.setEaten(m === 'eaten already')}
      />
      {meal.eaten ? (
        howItWas
      ) : (
        <DateTimeField key={meal.zone} label="Served at" valueMs={meal.serveMs} onChange={meal.setServe} />
      )}
    </>
  );
}
