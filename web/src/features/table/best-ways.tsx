import { plateCost, type WayLiked, waysLiked } from '@dagboek/journal';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { plural } from '../../asked/format.ts';
import { useNames } from '../../asked/names.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { capital } from '../../ui/names-in-text.ts';

/** So many kinds are told on the page of the table, so many ways of one on that of a meal. */
const MOST = { kinds: 5, ways: 5 };

/** One way: its best meal, its mark, of how many meals, what a plate cost. */
function WayLine({ way, name, nowMs }: { way: WayLiked; name: string; nowMs: number }) {
  const cost = plateCost(useAsked(nowMs), way);
  return (
    <li>
      <Link to={`/table/${way.best.id}`}>{name}</Link>
      <small>
        {way.mean.toFixed(1)} of 5, {plural(way.n, 'meal')}
        {cost === null ? '' : `, ${cost.toFixed(2)} a plate`}
      </small>
    </li>
  );
}

/** The best way of each kind that was eaten most. Nothing before a meal was marked. */
export function BestByKind({ nowMs }: { nowMs: number }) {
  const { book } = useBook();
  const names = useNames();
  const kinds = useMemo(() => [...waysLiked(book).values()].slice(0, MOST.kinds), [book]);
  if (kinds.length === 0) return null;
  return (
    <>
      <h2 className="ruled">Best way with each fish</h2>
      <ul className="plain-list">
        {kinds.map((k) => {
          const way = k.ways[0]!;
          return (
            <WayLine key={k.species} way={way} name={`${names.species(k.species)}, ${way.method}`} nowMs={nowMs} />
          );
        })}
      </ul>
    </>
  );
}

/** Of a fish that is to be cooked: how its ways were liked so far. Nothing of one that was never marked. */
export function LikedSoFar({ species, nowMs }: { species: readonly string[]; nowMs: number }) {
  const { book } = useBook();
  const names = useNames();
  const kinds = species.flatMap((id) => waysLiked(book).get(id) ?? []);
  if (kinds.length === 0) return null;
  return (
    <details className="why-days">
      <summary>How it was liked so far</summary>
      {kinds.map((k) => (
        <div key={k.species}>
          {kinds.length > 1 && <p>{names.species(k.species)}</p>}
          <ul className="plain-list">
            {k.ways.slice(0, MOST.ways).map((w) => (
              <WayLine key={w.method} way={w} name={capital(w.method)} nowMs={nowMs} />
            ))}
          </ul>
        </div>
      ))}
    </details>
  );
}
