import { type KindLiked, plateCost, waysLiked } from '@dagboek/journal';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { plural } from '../../asked/format.ts';
import { useNames } from '../../asked/names.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { capital } from '../../ui/names-in-text.ts';

/** So many kinds are told on the page of the table, so many ways of one on that of a meal. */
const MOST = { kinds: 5, ways: 5 };

/** How one kind was liked by way, the best first: its mark, of how many meals, what a plate cost; and its best meal. */
export function WaysOfKind({ kind, most, nowMs }: { kind: KindLiked; most: number; nowMs: number }) {
  const asked = useAsked(nowMs);
  return (
    <ul className="plain-list">
      {kind.ways.slice(0, most).map((w) => {
        const cost = plateCost(asked, w);
        return (
          <li key={w.method}>
            <Link to={`/table/${w.best.id}`}>{capital(w.method)}</Link>
            <small>
              {w.mean.toFixed(1)} of 5, {plural(w.n, 'meal')}
              {cost === null ? '' : `, ${cost.toFixed(2)} a plate`}
            </small>
          </li>
        );
      })}
    </ul>
  );
}

/** The best way of each kind that was eaten most. Nothing before a meal was marked. */
export function BestByKind({ nowMs }: { nowMs: number }) {
  const { book } = useBook();
  const asked = useAsked(nowMs);
  const names = useNames();
  const kinds = useMemo(() => [...waysLiked(book).values()].slice(0, MOST.kinds), [book]);
  if (kinds.length === 0) return null;
  return (
    <>
      <h2 className="ruled">Best way with each fish</h2>
      <ul className="plain-list">
        {kinds.map((k) => {
          const w = k.ways[0]!;
          const cost = plateCost(asked, w);
          return (
            <li key={k.species}>
              <Link to={`/table/${w.best.id}`}>
                {names.species(k.species)}, {w.method}
              </Link>
              <small>
                {w.mean.toFixed(1)} of 5, {plural(w.n, 'meal')}
                {cost === null ? '' : `, ${cost.toFixed(2)} a plate`}
              </small>
            </li>
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
          <WaysOfKind kind={k} most={MOST.ways} nowMs={nowMs} />
        </div>
      ))}
    </details>
  );
}
