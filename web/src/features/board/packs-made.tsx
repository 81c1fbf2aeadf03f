import { type Book, packNumber, type PackState, storeOfPack } from '@dagboek/journal';
import { Link } from 'react-router';
import { sayGrams } from '../../asked/units.ts';

/** The packs that were made of a cut. */
export function PacksMade({ packs, book }: { packs: PackState[]; book: Book }) {
  return (
    <ul className="plain-list packs-made">
      {packs.map((p) => (
        <li key={p.id}>
          <Link to={`/larder/${p.id}`}>
            <b className="num mr-1.5 text-[1.25rem]">{packNumber(book, p)}</b> {p.what}
          </Link>
          <small>
            {sayGrams(p.massG)}, {p.wrapping}, {storeOfPack(book, p).name}
          </small>
        </li>
      ))}
    </ul>
  );
}
