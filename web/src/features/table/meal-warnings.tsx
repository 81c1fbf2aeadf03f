import { sayAll, wordFor } from '../../asked/format.ts';
import { dinnersAbout, type Book, type HeldPack } from '@dagboek/journal';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { type useNewMeal } from './use-new-meal.ts';

/** What speaks against the packs or the hour of a meal: histamine, a day that is past, another dinner at the same time. */
export function MealWarnings({
  chosen,
  meal,
  book,
  id,
}: {
  chosen: HeldPack[];
  meal: ReturnType<typeof useNewMeal>;
  book: Book;
  id: string;
}) {
  const others = meal.eaten || meal.serveMs === null ? [] : dinnersAbout(book, meal.serveMs, id);
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
      {others.map((d) => (
        <p key={d.id} className="alert alert-warning">
          <b>{d.dishes[0]?.name ?? 'Another dinner'} is planned for about the same time.</b> Each plan assumes that all
          cooks, hob rings and pots are free. Choose another time, or plan both as one dinner.
        </p>
      ))}
    </>
  );
}
