import { type Book, type HeldPack, isNotToEat, type Names, packNumber, type PackState } from '@dagboek/journal';
import { Link } from 'react-router';
import { sayMass } from '../../asked/units.ts';
import { RawClockSection } from './raw-clock.tsx';

/** Beside a pack: the cut or the meal it is from, its clock of raw eating, what it was made out of, its meals. */
export function PackMargin({
  names,
  shortDay,
  day,
  held,
  pack,
  now,
  book,
  time,
  id,
}: {
  names: Names;
  shortDay: (day: string) => string;
  day: (at: string) => string;
  held: HeldPack | null;
  pack: PackState;
  now: number;
  book: Book;
  time: (at: string) => string;
  id: string;
}) {
  const meals = book.naming('meal', id);
  const cut = book.get('cut', pack.cut);
  const from = book.get('meal', pack.meal);
  return (
    <aside className="margin">
      {cut && (
        <>
          <h2>The cut</h2>
          <p>
            <Link to={`/board/${cut.id}`}>
              {cut.route}, by {names.member(cut.by)}, {shortDay(day(cut.startedAt))}
            </Link>
          </p>
        </>
      )}
      {from && (
        <>
          <h2>Left over from</h2>
          <p>
            <Link to={`/table/${from.id}`}>{from.name}</Link>
          </p>
        </>
      )}
      {held && !isNotToEat(held) && <RawClockSection pack={pack} now={now} />}
      {pack.from.length > 0 && (
        <>
          <h2 className="ruled">Made from</h2>
          <ul className="plain-list">
            {pack.from.map((f) => {
              const p = book.getAny('pack', f.pack);
              return (
                <li key={f.pack}>
                  <Link to={`/larder/${f.pack}`}>{p ? `Pack ${packNumber(book, p)}, ${p.what}` : 'a pack'}</Link>
                  <small>{sayMass(f.massG)} of it</small>
                </li>
              );
            })}
          </ul>
        </>
      )}
      <p>
        <Link to={`/larder/labels?packs=${pack.id}&single=1`}>Print its label</Link>
      </p>
      <h2 className="ruled">Meals from this pack</h2>
      {meals.length === 0 && <p>None yet.</p>}
      <ul className="plain-list">
        {meals.map((m) => (
          <li key={m.id}>
            <Link to={`/table/${m.id}`}>{m.name}</Link>
            <small>
              {shortDay(day(m.servedAt))}, {time(m.servedAt)}
            </small>
          </li>
        ))}
      </ul>
    </aside>
  );
}
