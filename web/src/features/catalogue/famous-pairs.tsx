import { speciesLanded } from '@dagboek/journal';
import type { Species } from '@dagboek/catalogue';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { isDangerous } from '@dagboek/core/harm';
import { FigureView } from '../../fish/figure-view.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { orNames } from '../../ui/names-in-text.ts';

const SHOWN = 9;

/** Pairs that each name the other as what they are taken for, with the sentence that decides. */
function pairsOf(all: readonly Species[]): { a: Species; b: Species; mark: string }[] {
  const byId = new Map(all.map((s) => [s.id, s]));
  return all.flatMap((a) =>
    a.lookalikes.flatMap((l) => {
      const b = byId.get(l.id);
      return b && a.id < b.id && b.lookalikes.some((x) => x.id === a.id) ? [{ a, b, mark: l.mark }] : [];
    }),
  );
}

/** The confusions that matter most here: those where one of the two stings, and those of what this book meets and its waters hold. */
export function FamousPairs() {
  const { all } = useCatalogue();
  const { book } = useBook();
  const rules = useRules();
  const pairs = useMemo(() => {
    const met = speciesLanded(book);
    const grounds = rules?.zones.flatMap((z) => z.grounds) ?? [];
    const here = (s: Species): number => Math.max(0, ...grounds.map((g) => s.grounds[g] ?? 0));
    const weight = ({ a, b }: { a: Species; b: Species }): number => {
      const stings = [a, b].some(isDangerous);
      return (met.has(a.id) ? 1 : 0) + (met.has(b.id) ? 1 : 0) + here(a) + here(b) + (stings ? 1 : 0);
    };
    return pairsOf(all)
      .map((p) => ({ ...p, w: weight(p) }))
      .sort((x, y) => y.w - x.w || (x.a.id < y.a.id ? -1 : 1))
      .slice(0, SHOWN);
  }, [all, book, rules]);
  if (pairs.length === 0) return null;
  return (
    <>
      <h2 className="ruled">Often confused</h2>
      <ul className="mt-3 list-none grid grid-cols-[repeat(auto-fill,minmax(250px,1fr))] gap-y-3.5 gap-x-6">
        {pairs.map(({ a, b, mark }) => (
          <li key={`${a.id} ${b.id}`}>
            <Link className="block" to={`/catalogue/compare?of=${a.id},${b.id}`}>
              <span className="two-figures gap-2 grid grid-cols-[1fr_1fr] items-center min-h-16">
                <FigureView spec={a.figure} size={140} plain />
                <FigureView spec={b.figure} size={140} plain />
              </span>
              <b>{orNames([a.name, b.name])}?</b>
            </Link>
            <small className="block">{mark}</small>
          </li>
        ))}
      </ul>
    </>
  );
}
