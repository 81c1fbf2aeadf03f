import { sayAny } from '@dagboek/core/units';
import { ownSpecies, type PackAbout, type Species, type SpeciesFile } from '@dagboek/catalogue';
import type { Trait } from '@dagboek/core/key';
import type { RulePack } from '@dagboek/core/rules';
import { stamp } from '@dagboek/core/time';
import { type Book, type Names, rulesOf } from '@dagboek/journal';
import { nowMs } from '../ui/clock.ts';
import { type Facts, useFacts, useFactsHere } from './facts-here.tsx';
import { useBookValue } from '../offline/journal-context.tsx';
import { inSentence } from '../ui/names-in-text.ts';
import { units } from './units.ts';

export type { Species } from '@dagboek/catalogue';

export interface Catalogue {
  readonly all: readonly Species[];
  readonly shipped: readonly Species[];
  readonly traits: readonly Trait[];
  readonly packs: readonly PackAbout[];
  readonly byId: (id: string | null | undefined) => Species | null;
}

/** Every species known (those that ship and one's own), a look-up by id, and the traits of the key. Inside of `WhenFacts`. */
export function useCatalogue(): Catalogue {
  const facts = useFacts();
  return useBookValue((book) => catalogueOf(book, facts));
}

/** The same where it may be asked before species and rules are here: null until then. */
export function useCatalogueIfHere(): Catalogue | null {
  const { facts } = useFactsHere();
  return useBookValue((book) => (facts.state === 'known' ? catalogueOf(book, facts.value) : null));
}

const catalogueOf = (book: Book, { species: shipped, traits, packs }: Facts): Catalogue =>
  book.reckoned('catalogue', ['species'], [shipped, traits, packs], () => {
    const files = book.all('species').map((s) => ({ pack: s.pack, file: s.species as object as SpeciesFile }));
    const own = ownSpecies(files, shipped, traits);
    const all = own.length > 0 ? [...shipped, ...own].sort((a, b) => a.name.localeCompare(b.name)) : shipped;
    const map = new Map(all.map((s) => [s.id, s]));
    return { all, shipped, traits, packs, byId: (id) => (id ? (map.get(id) ?? null) : null) };
  });

/** The time zone that the device keeps, and the civil day there. Every row of a list asks: looked up anew every 10 s. */
let seenHere = { atMs: Number.NEGATIVE_INFINITY, zone: '', today: '' };
function here(): { readonly zone: string; readonly today: string } {
  const now = nowMs();
  if (Math.abs(now - seenHere.atMs) >= 10_000) {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    seenHere = { atMs: now, zone, today: stamp(now, zone).slice(0, 10) };
  }
  return seenHere;
}

/** The rules that the book goes by; null where it keeps to waters that no pack of this server knows. Inside of `WhenFacts`. */
export function useRules(): RulePack | null {
  const { rulePacks } = useFacts();
  return useBookValue((book) => rulesOf(book, rulePacks, here().zone, here().today));
}

/** The waters' own time zone; the device's in a book of waters without one. Inside of `WhenFacts`. */
export function useTimeZone(): string {
  return useRules()?.timeZone ?? here().zone;
}

/** The waters' own time zone where it is known; null before. */
export function useTimeZoneIfHere(): string | null {
  const { facts } = useFactsHere();
  return useBookValue((book) =>
    facts.state === 'known'
      ? (rulesOf(book, facts.value.rulePacks, here().zone, here().today)?.timeZone ?? here().zone)
      : null,
  );
}

/** With which offset an entry is stamped: that of the waters, or of the device before they are known. Never for what is shown. */
export function useStampZone(): string {
  return useTimeZoneIfHere() ?? here().zone;
}

/** "Pollack", "8 mackerel" for a lot, "Turbot or brill" while it is not settled. */
export function sayFish(
  f: { species: string | null; orElse: readonly string[]; count: number },
  names: Names,
  nameless = 'Not yet named',
): string {
  if (!f.species) return nameless;
  const all = [f.species, ...f.orElse].map(names.species);
  const name = sayAny(all.map((n, i) => (i === 0 && f.count === 1 ? n : inSentence(n))));
  return f.count > 1 ? `${f.count} ${name}` : name;
}

/** What ids are called. */
export function useNames(): Names {
  const { byId } = useCatalogue();
  const rules = useRules();
  return useBookValue((book) => namesOf(book, byId, rules));
}

const namesOf = (book: Book, byId: Catalogue['byId'], rules: RulePack | null): Names =>
  book.reckoned('names', ['member', 'box', 'store'], [byId, rules], () => ({
    units,
    member: (id) => book.getAny('member', id)?.name ?? 'someone',
    species: (id) => byId(id)?.name ?? id.replace(/-/g, ' '),
    box: (id) => book.getAny('box', id)?.name ?? 'a box',
    store: (id) => book.getAny('store', id)?.name ?? 'a store',
    zone: (id) => rules?.zones.find((z) => z.id === id)?.name ?? id.replace(/-/g, ' '),
  }));
