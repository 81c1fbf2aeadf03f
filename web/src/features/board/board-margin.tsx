import { type Book, type Names } from '@dagboek/journal';
import { Link } from 'react-router';
import { HouseWays } from './house-ways.tsx';
import { UsedShares } from './used-shares.tsx';

/** Beside the board: the cuts under way, and what to know with a knife in hand. */
export function BoardMargin({
  names,
  book,
  shortDay,
  day,
}: {
  names: Names;
  book: Book;
  shortDay: (day: string) => string;
  day: (at: string) => string;
}) {
  const open = book.cutsWithoutPack();
  return (
    <aside className="margin">
      <h2>Being cut</h2>
      {open.length === 0 && <p>Nothing is being cut.</p>}
      <ul className="plain-list">
        {open.map((c) => (
          <li key={c.id}>
            <Link to={`/board/${c.id}`}>
              {names.species(book.get('fish', c.fish[0])?.species ?? 'fish')}, {c.route}
            </Link>
            <small>
              {names.member(c.by)}, {shortDay(day(c.startedAt))}
            </small>
          </li>
        ))}
      </ul>
      <h2 className="ruled">Knife safety</h2>
      <p>
        Cut away from your hand and body, and know where the blade goes if it slips. Dry hands, and a cut-resistant
        glove on the hand without the knife. Wash and cover cuts.
      </p>
      <HouseWays />
      <UsedShares />
      <h2 className="ruled">Fillet before the fish is stiff, or after</h2>
      <p>
        A stiff fish tears, and more meat stays on the bones. Stiffness usually starts 1 to 10 hours after death, and
        passes after a day or more on ice.
      </p>
      <p>
        <Link to="/board/yields">How stiffness changed your own yields</Link>
      </p>
    </aside>
  );
}
