import { queryOptions, useQuery } from '@tanstack/react-query';
import { type PackAbout, resolveSpecies, type Species, type SpeciesFile } from '@dagboek/catalogue';
import {
  NO_PACK,
  ownWaters,
  type PackVersion,
  type Rule,
  type RulePack,
  ruleTrouble,
  withOwnRules,
  withVersions,
} from '@dagboek/core/rules';
import { drawFish } from '@dagboek/figure';
import { keyTable, type Trait } from '@dagboek/core/key';
import type { Names, RulesState, SpeciesState } from '@dagboek/journal';
import { useMemo } from 'react';
import { stamp } from '@dagboek/core/time';
import { nowMs } from './clock.ts';
import { useBook } from './journal/journal-context.tsx';
import { inSentence } from './names-in-text.ts';

export type { Species } from '@dagboek/catalogue';

const get = async <T>(path: string): Promise<T> => {
  const res = await fetch(path);
  if (!res.ok) throw new Error(`${path}: ${res.status}`);
  return (await res.json()) as T;
};

const HOUR_MS = 3_600_000;
export const catalogueQuery = queryOptions({
  queryKey: ['catalogue'],
  queryFn: () => get<{ species: Species[]; traits: Trait[]; packs: PackAbout[] }>('/api/catalogue'),
  staleTime: HOUR_MS,
});
export const rulebookQuery = queryOptions({
  queryKey: ['rulebook'],
  queryFn: () => get<{ packs: RulePack[] }>('/api/rulebook'),
  staleTime: HOUR_MS,
});

const NOTHING: { species: readonly Species[]; traits: readonly Trait[]; packs: readonly PackAbout[] } = {
  species: [],
  traits: [],
  packs: [],
};

/**
 * Species of one's own, made whole. One that does not hold together (written by another version) is left out, since it
 * must not take the whole catalogue with it; it stays in the log.
 */
function ownSpecies(states: readonly SpeciesState[], shipped: readonly Species[], traits: readonly Trait[]): Species[] {
  const files = states.map((s) => ({ pack: s.pack, file: s.species as object as SpeciesFile }));
  const taken = new Set(shipped.map((s) => s.id));
  return files.flatMap(({ pack, file }) => {
    if (taken.has(file.id)) return [];
    taken.add(file.id);
    try {
      const species = resolveSpecies(file, {
        traits,
        pack,
        figure: (id) => files.find((f) => f.file.id === id)?.file.figure ?? shipped.find((s) => s.id === id)?.figure,
      });
      keyTable({ traits, species: [species] });
      drawFish(species.figure, { size: 64 });
      return [species];
    } catch {
      return [];
    }
  });
}

export interface Catalogue {
  readonly all: readonly Species[];
  readonly shipped: readonly Species[];
  readonly traits: readonly Trait[];
  readonly packs: readonly PackAbout[];
  readonly byId: (id: string | null | undefined) => Species | null;
}

/** Every species known (those that ship and one's own), a look-up by id, and the traits of the key. Empty while they are being fetched. */
export function useCatalogue(): Catalogue {
  const { species: shipped, traits, packs } = useQuery(catalogueQuery).data ?? NOTHING;
  const { book } = useBook();
  // The log grows with every line; the species in it seldom do.
  const states = book.all('species');
  const sign = states.map((s) => `${s.id} ${s.log.length}`).join();
  return useMemo(() => {
    const own = shipped.length > 0 ? ownSpecies(states, shipped, traits) : [];
    const all = own.length > 0 ? [...shipped, ...own].sort((a, b) => a.name.localeCompare(b.name)) : shipped;
    const map = new Map(all.map((s) => [s.id, s]));
    return { all, shipped, traits, packs, byId: (id) => (id ? (map.get(id) ?? null) : null) };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `sign` stands for `states`
  }, [shipped, traits, packs, sign]);
}

/** The pack of some waters with the versions read from files; one that came from a file alone begins with its first. */
function packInForce(
  shipped: readonly RulePack[],
  added: readonly RulesState[],
  waters: string | undefined,
): RulePack | null {
  const versions = added.flatMap((s): PackVersion[] => {
    const pack = s.pack as unknown as RulePack;
    if (pack.id !== waters) return [];
    // What this version of the book does not know is left out; it stays in the log.
    return [{ pack: { ...pack, rules: pack.rules.filter((r) => ruleTrouble(r, pack) === null) }, from: s.from }];
  });
  const first = shipped.find((p) => p.id === waters) ?? versions[0]?.pack;
  if (!first) return null;
  return withVersions(shipped.includes(first) ? first : { ...first, rules: [] }, versions);
}

/** The time zone that the device keeps. */
const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** The rules of the book's waters, with those of one's own; for a book without a pack its own places and rules. Null while they are not on this device. */
export function useRules(): RulePack | null {
  const { book } = useBook();
  const packs = useQuery(rulebookQuery).data?.packs;
  const opened = book.all('book')[0];
  const waters = opened?.waters;
  const places = opened?.places;
  const today = stamp(nowMs(), deviceZone()).slice(0, 10);
  const states = book.all('rule');
  const added = book.all('rules');
  const sign = [...states, ...added].map((s) => `${s.id} ${s.log.length}`).join();
  return useMemo(() => {
    const pack =
      packs &&
      (packInForce(packs, added, waters) ?? (waters === NO_PACK ? ownWaters(places ?? [], deviceZone(), today) : null));
    if (!pack) return null;
    // One that does not hold together (written by another version) is left out; it stays in the log.
    const own = states
      .filter((s) => s.waters === pack.id)
      .map((s) => ({ rule: s.rule as unknown as Rule, replaces: s.replaces, setAt: s.setAt }))
      .filter(({ rule }) => ruleTrouble(rule, pack) === null);
    return withOwnRules(pack, own);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `sign` stands for `states` and `added`
  }, [packs, waters, sign, places, today]);
}

/** The waters' own time zone; the device's before the rules are known. */
export function useTimeZone(): string {
  return useRules()?.timeZone ?? deviceZone();
}

/** "Pollack", "8 mackerel" for a lot, "Turbot or brill" while it is not settled. */
export function sayFish(
  f: { species: string | null; orElse: readonly string[]; count: number },
  names: Names,
  nameless = 'Not yet named',
): string {
  if (!f.species) return nameless;
  const all = [f.species, ...f.orElse].map(names.species);
  const name = all.map((n, i) => (i === 0 && f.count === 1 ? n : inSentence(n))).join(' or ');
  return f.count > 1 ? `${f.count} ${name}` : name;
}

/** What ids are called. */
export function useNames(): Names {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const rules = useRules();
  return useMemo(
    () => ({
      member: (id) => book.getAny('member', id)?.name ?? 'someone',
      species: (id) => byId(id)?.name ?? id.replace(/-/g, ' '),
      box: (id) => book.getAny('box', id)?.name ?? 'a box',
      zone: (id) => rules?.zones.find((z) => z.id === id)?.name ?? id.replace(/-/g, ' '),
    }),
    [book, byId, rules],
  );
}
