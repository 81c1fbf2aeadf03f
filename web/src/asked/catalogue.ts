import { ownSpecies, type PackAbout, type Species, type SpeciesFile } from '@dagboek/catalogue';
import type { Trait } from '@dagboek/core/key';
import type { Book } from '@dagboek/journal';
import { type Facts, useFacts, useFactsHere } from './facts-here.tsx';
import { useBookValue } from '../offline/journal-context.tsx';

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
