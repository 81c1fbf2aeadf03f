import type { Asks } from '../asked.ts';
import type { Freshness } from '@dagboek/core/fresh';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';
import { custodyOf } from '../places/custody.ts';
import { freshnessOf } from './freshness-of.ts';

/** Ids of the fish in a pack; of leftovers, those of the packs that the meal was cooked from. */
export function fishInPack(book: Book, pack: PackState, seen: ReadonlySet<string> = new Set()): string[] {
  if (seen.has(pack.id)) return [];
  const further = new Set([...seen, pack.id]);
  const before = book.get('meal', pack.meal)?.packs ?? [];
  return [
    ...new Set([
      ...pack.fish,
      ...before.flatMap((p) => {
        const from = book.get('pack', p.pack);
        return from ? fishInPack(book, from, further) : [];
      }),
    ]),
  ];
}

/**
 * The least fresh fish of a pack at `atMs`, by where this very pack lay; null when nothing can be said of any of them.
 * One over the clock of histamine counts as the least fresh, whatever else is in it. Cooked leftovers keep what their fish
 * had: cooking destroys no histamine, so for them the clock is read at the meal.
 */
export function freshnessOfPack(asked: Asks<'book' | 'species'>, pack: PackState, atMs: number): Freshness | null {
  const { book } = asked;
  const meal = book.get('meal', pack.meal);
  const cooked = pack.form === 'cooked' && meal !== null;
  const all = fishInPack(book, pack).flatMap((id) => {
    const line = custodyOf(book, id);
    if (!line) return [];
    return freshnessOf({ ...asked, nowMs: cooked ? epochMs(meal.servedAt) : atMs }, line, cooked ? null : pack) ?? [];
  });
  return leastFresh(all);
}

/** The least fresh of some; one over the clock of histamine counts as less fresh than any that is not. Null of none. */
export function leastFresh(all: readonly Freshness[]): Freshness | null {
  const rank = (f: Freshness): number => f.used + (f.histamine?.state === 'over' ? 1000 : 0);
  return [...all].sort((a, b) => rank(b) - rank(a))[0] ?? null;
}
