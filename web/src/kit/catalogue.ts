import { queryOptions, useQuery } from '@tanstack/react-query';
import type { RulePack } from '@dagboek/core/rules';
import type { Trait, TraitRow } from '@dagboek/core/key';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { FigureSpec } from '@dagboek/figure';
import type { Names } from '@dagboek/journal';
import { useMemo } from 'react';
import { useBook } from './journal/journal-context.tsx';

/** A species as the server tells it. */
export interface Species extends SpeciesFacts {
  readonly latin: string;
  readonly look: string;
  readonly bleeding: string;
  readonly eating: readonly string[];
  readonly sources: readonly string[];
  readonly confidence: string;
  readonly traits: TraitRow;
  readonly figure: FigureSpec;
}

const get = async <T>(path: string): Promise<T> => {
  const res = await fetch(path);
  if (!res.ok) throw new Error(`${path}: ${res.status}`);
  return (await res.json()) as T;
};

const HOUR_MS = 3_600_000;
export const catalogueQuery = queryOptions({
  queryKey: ['catalogue'],
  queryFn: () => get<{ species: Species[]; traits: Trait[] }>('/api/catalogue'),
  staleTime: HOUR_MS,
});
export const rulebookQuery = queryOptions({
  queryKey: ['rulebook'],
  queryFn: () => get<{ packs: RulePack[] }>('/api/rulebook'),
  staleTime: HOUR_MS,
});

const NO_SPECIES: readonly Species[] = [];
const NO_TRAITS: readonly Trait[] = [];

/** Every species known, a look-up by id, and the traits of the key. Empty while they are being fetched. */
export function useCatalogue(): {
  all: readonly Species[];
  traits: readonly Trait[];
  byId: (id: string | null | undefined) => Species | null;
} {
  const data = useQuery(catalogueQuery).data;
  const all = data?.species ?? NO_SPECIES;
  const traits = data?.traits ?? NO_TRAITS;
  return useMemo(() => {
    const map = new Map(all.map((s) => [s.id, s]));
    return { all, traits, byId: (id) => (id ? (map.get(id) ?? null) : null) };
  }, [all, traits]);
}

/** The rules of the book's waters; null for a book without rules. */
export function useRules(): RulePack | null {
  const { book } = useBook();
  const packs = useQuery(rulebookQuery).data?.packs;
  const waters = book.all('book')[0]?.waters;
  return packs?.find((p) => p.id === waters) ?? null;
}

/** The waters' own time zone; the device's before the rules are known. */
export function useTimeZone(): string {
  return useRules()?.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** "Pollack", "8 mackerel" for a lot, "Turbot or brill" while it is not settled. */
export function sayFish(
  f: { species: string | null; orElse: readonly string[]; count: number },
  names: Names,
  nameless = 'Not yet named',
): string {
  if (!f.species) return nameless;
  const all = [f.species, ...f.orElse].map(names.species);
  const name = all.map((n, i) => (i === 0 && f.count === 1 ? n : n.toLowerCase())).join(' or ');
  return f.count > 1 ? `${f.count} ${name}` : name;
}

/** What ids are called. */
export function useNames(): Names {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const rules = useRules();
  return useMemo(
    () => ({
      member: (id) => book.get('member', id)?.name ?? 'someone',
      species: (id) => byId(id)?.name ?? id.replace(/-/g, ' '),
      box: (id) => book.get('box', id)?.name ?? 'a box',
      zone: (id) => rules?.zones.find((z) => z.id === id)?.name ?? id.replace(/-/g, ' '),
    }),
    [book, byId, rules],
  );
}
