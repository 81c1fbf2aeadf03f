import { stamp, weekday } from '@dagboek/core/time';
import { type HeldPack, mealsAhead } from '@dagboek/journal';
import { Link } from 'react-router';
import { nowMs } from '../../ui/clock.ts';
import { useFormat, sayAll, wordFor } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';

/** The meals that are planned, in the margin of the larder. */
export function WeekAhead({ held }: { held: readonly HeldPack[] }) {
  const { book } = useBook();
  const { day, zone } = useFormat();
  const today = day(stamp(nowMs(), zone));
  const { ahead: days, missed } = mealsAhead(book, held, today);
  return (
    <>
      <h2 className="ruled">Meals ahead</h2>
      {days.length === 0 && <p>Nothing is planned yet.</p>}
      {days.length > 0 && (
        <ul className="plain-list">
          {days.map(({ day: s, packs }) => (
            <li key={s.day}>
              <b>{weekday(s.day).slice(0, 3)}</b>{' '}
              {packs.map((h, i) => (
                <span key={h.pack.id}>
                  {i > 0 ? ', ' : ''}
                  <Link to={`/larder/${h.pack.id}`}>
                    {h.number} {h.pack.what}
                  </Link>
                </span>
              ))}
              {s.method && <small>{s.method}</small>}
            </li>
          ))}
        </ul>
      )}
      {missed.map((m) => (
        <p key={m.day.day} className="alert alert-warning">
          <b>{weekday(m.day.day)}’s meal was not eaten:</b> {wordFor(m.packs.length, 'pack')}{' '}
          {sayAll(m.packs.map((h) => `${h.number}`))}. Plan it again.
        </p>
      ))}
      <p>
        <Link to="/larder/plan">{days.length === 0 ? 'Plan the meals of the week' : 'The plan and its reasons'}</Link>
      </p>
    </>
  );
}
