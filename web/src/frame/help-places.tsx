import { Link } from 'react-router';
import { slug } from '../ui/slug.ts';
import { helpAt } from './help.ts';

/** What the open page is for, and the places of the handbook that tell of it. */
export function HelpPlaces({ at, onClose }: { at: string; onClose: () => void }) {
  const help = helpAt(at);
  const places = help?.in ?? [];
  return (
    <>
      {help && <p>{help.says}</p>}
      <ul>
        {[
          ...places.map(([page, heading]) => ({ to: `/handbook/${page}#${slug(heading)}`, says: heading })),
          { to: '/handbook/words', says: 'Words of the craft' },
          ...(help ? [] : [{ to: '/handbook', says: 'Handbook' }]),
        ].map((p) => (
          <li key={p.to} className="border-t border-rule">
            <Link className="flex min-h-11 items-center" to={p.to} onClick={onClose}>
              {p.says}
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
