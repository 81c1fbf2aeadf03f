import { queryOptions, useQuery } from '@tanstack/react-query';
import type { PackAbout, Species } from '@dagboek/catalogue';
import type { Trait } from '@dagboek/core/key';
import type { RulePack } from '@dagboek/core/rules';
import { createContext, type ReactNode, useContext, useMemo } from 'react';
import { type FactsPath, holdsFacts, layOnShelf } from '../offline/facts-shelf.ts';
import { IN_ITS_PLACE } from '../offline/reached.ts';
import type { Known } from '../ui/known.ts';

const get = async <T,>(path: FactsPath): Promise<T> => {
  const res = await fetch(path);
  if (!res.ok) throw new Error(`${path}: ${res.status}`);
  const kept = res.clone();
  const answer: unknown = await res.json();
  if (!holdsFacts(path, answer)) throw new Error(`${path}: ${IN_ITS_PLACE}`);
  // From the first minute on, whether or not a service worker is in charge yet.
  void layOnShelf(path, kept);
  return answer as T;
};

const HOUR_MS = 3_600_000;
/** Where a server does not answer it is asked again: by itself, and ever more seldom, ms. */
const AGAIN_MS = [1000, 2000, 4000, 8000];
const again = { retry: true, retryDelay: (n: number) => AGAIN_MS[Math.min(n, AGAIN_MS.length - 1)] as number };

export const catalogueQuery = queryOptions({
  queryKey: ['catalogue'],
  queryFn: () =>
    get<{ species: readonly Species[]; traits: readonly Trait[]; packs: readonly PackAbout[] }>('/api/catalogue'),
  staleTime: HOUR_MS,
  ...again,
});
export const rulebookQuery = queryOptions({
  queryKey: ['rulebook'],
  queryFn: () => get<{ packs: readonly RulePack[] }>('/api/rulebook'),
  staleTime: HOUR_MS,
  ...again,
});

/** What ships: species with the traits of the key, and rule packs with their waters. */
export interface Facts {
  readonly species: readonly Species[];
  readonly traits: readonly Trait[];
  readonly packs: readonly PackAbout[];
  readonly rulePacks: readonly RulePack[];
}

/** A part of the facts that may be missing, as a sentence names it. */
export type FactsPart = 'species' | 'rules';

const Context = createContext<Facts | null>(null);

/** What ships, or which of it is not on this device yet. */
export function useFactsHere(): { readonly facts: Known<Facts>; readonly missing: readonly FactsPart[] } {
  const catalogue = useQuery(catalogueQuery).data;
  const rulebook = useQuery(rulebookQuery).data;
  return useMemo(() => {
    if (catalogue && rulebook)
      return { facts: { state: 'known', value: { ...catalogue, rulePacks: rulebook.packs } }, missing: [] };
    const missing = [...(catalogue ? [] : ['species' as const]), ...(rulebook ? [] : ['rules' as const])];
    return { facts: { state: 'not here' }, missing };
  }, [catalogue, rulebook]);
}

/**
 * Draws its children once species and rules are here, and `otherwise` before. Hours (the zone is that of the waters), days, weights,
 * names, verdicts and warnings stand inside of it alone.
 */
export function WhenFacts({ children, otherwise = null }: { children: ReactNode; otherwise?: ReactNode }) {
  const { facts } = useFactsHere();
  if (facts.state !== 'known') return otherwise;
  return <Context value={facts.value}>{children}</Context>;
}

/** What ships. Asked inside of `WhenFacts` alone: elsewhere it is a fault of the program. */
export function useFacts(): Facts {
  const facts = useContext(Context);
  if (!facts) throw new Error('useFacts: species and rules are asked for outside of WhenFacts');
  return facts;
}
