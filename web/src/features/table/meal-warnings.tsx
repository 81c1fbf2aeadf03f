import { sayAll, useFormat, wordFor } from '../../asked/format.ts';
import type { DinnerState, HeldPack } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { Link } from 'react-router';
import type { NewMeal } from './use-new-meal.ts';

/** The page of a new meal with the same packs and way, as another dish of a dinner. */
const asDishOf = (d: DinnerState, meal: NewMeal): string =>
  `/table/new?${new URLSearchParams([['dinner', d.id], ['way', meal.method.id], ...meal.chosen.map((h) => ['pack', h.pack.id])])}`;

/** What speaks against the packs or the hour of a meal: histamine, a day that is past, another dinner at the same time. */
export function MealWarnings({ chosen, meal, id }: { chosen: HeldPack[]; meal: NewMeal; id: string }) {
  const { time } = useFormat();
  const others = meal.besides.filter((d) => d.id !== id && d.id !== meal.joins?.id);
  const twice = meal.twice;
  return (
    <>
      {chosen.map((h) => (
        <HistamineNote key={h.pack.id} of={`Pack ${h.number}`} clock={h.histamine} unread={h.facts.unreadFridge} />
      ))}
      {meal.past.length > 0 && (
        <p className="alert alert-warning">
          <b>Past the official limit:</b> {wordFor(meal.past.length, 'pack')}{' '}
          {sayAll(meal.past.map((h) => `${h.number}`))}. When in doubt, throw it out.
        </p>
      )}
      {twice.map(({ number, dish }) => (
        <p key={`${number} ${dish}`} className="alert alert-warning">
          <b>
            Pack {number} is planned for {dish}.
          </b>{' '}
          What is taken here is missing there.
        </p>
      ))}
      {others.map((d) => (
        <p key={d.id} className="alert alert-outline">
          <b>
            {d.dishes[0]?.name ?? 'Another dinner'} is served in this kitchen at {time(stamp(d.serveAtMs, meal.zone))}.
          </b>{' '}
          Both are planned together, with the same cooks, hob rings and pots. The one served first is cooked first. When
          the same people eat both, <Link to={asDishOf(d, meal)}>make this a dish of that dinner</Link>.
        </p>
      ))}
    </>
  );
}
