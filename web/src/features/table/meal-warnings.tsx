import { sayAll, wordFor } from '../../asked/format.ts';
import { dinnersAbout, type Book, type DinnerState, type HeldPack } from '@dagboek/journal';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { Link } from 'react-router';
import type { NewMeal } from './use-new-meal.ts';

/** The page of a new meal with the same packs and way, as another dish of a dinner. */
const asDishOf = (d: DinnerState, meal: NewMeal): string =>
  `/table/new?${new URLSearchParams([['dinner', d.id], ['way', meal.method.id], ...meal.chosen.map((h) => ['pack', h.pack.id])])}`;

/** What speaks against the packs or the hour of a meal: histamine, a day that is past, another dinner at the same time. */
export function MealWarnings({
  chosen,
  meal,
  book,
  id,
}: {
  chosen: HeldPack[];
  meal: NewMeal;
  book: Book;
  id: string;
}) {
  const others =
    meal.eaten || meal.serveMs === null ? [] : dinnersAbout(book, meal.serveMs, meal.joins?.id ?? id, meal.whole.name);
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
        <p key={d.id} className="alert alert-warning">
          <b>{d.dishes[0]?.name ?? 'Another dinner'} is planned for about the same time.</b> Each plan assumes that all
          cooks, hob rings and pots are free. Choose another time, or plan both as one dinner:{' '}
          <Link to={asDishOf(d, meal)}>make this a dish of that dinner</Link>.
        </p>
      ))}
    </>
  );
}
