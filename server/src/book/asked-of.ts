import { ownSpecies, type Species, type SpeciesFile } from '@dagboek/catalogue';
import { stamp } from '@dagboek/core/time';
import { type Book, rulesOf } from '@dagboek/journal';
import { loadRulePacks, loadSpecies, loadTraits } from '@dagboek/packs';

const SHIPPED = loadSpecies() as unknown as readonly Species[];
const TRAITS = loadTraits();
const RULES = loadRulePacks(loadSpecies());

/** What a book is asked with: its species, its own among them, and the zone of the waters that it goes by, as the interface knows them. */
export interface AskedOf {
  readonly byId: (id: string | null) => Species | null;
  readonly zone: string;
}

/** The same species and waters on the server as in the browser: those that ship, and those that the book itself holds. */
export function askedOf(book: Book, nowMs: number): AskedOf {
  const species = book.reckoned('species on the server', ['species'], [], () => {
    const files = book.all('species').map((s) => ({ pack: s.pack, file: s.species as object as SpeciesFile }));
    return new Map([...SHIPPED, ...ownSpecies(files, SHIPPED, TRAITS)].map((s) => [s.id, s]));
  });
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const zone = rulesOf(book, RULES, here, stamp(nowMs, here).slice(0, 10))?.timeZone ?? here;
  return { byId: (id) => (id ? (species.get(id) ?? null) : null), zone };
}
