import { type Lesson } from '@dagboek/journal';
import { Link } from 'react-router';

/** What the last dinners of this fish, cooked this way, said should be changed. */
export function LastTime({ lessons }: { lessons: Lesson[] }) {
  return (
    <section className="mt-2.5" aria-label="What to change">
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
