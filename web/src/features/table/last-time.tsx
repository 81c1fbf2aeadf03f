import { type Lesson } from '@dagboek/journal';
import { Link } from 'react-router';

/** What the last dinners of this fish, cooked this way, said should be changed. `of`: the dish, where a page has several. */
export function LastTime({ lessons, of }: { lessons: Lesson[]; of?: string }) {
  return (
    <section className="mt-2.5" aria-label={of ? `What to change: ${of}` : 'What to change'}>
      <p>
        <b>Last time:</b>
      </p>
      <ul className="plain-list">
        {lessons.map((l) => (
          <li key={l.meal.id}>
            {l.change.join('; ')} <Link to={`/table/${l.meal.id}`}>{l.meal.name}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
