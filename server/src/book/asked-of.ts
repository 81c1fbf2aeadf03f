import { ownSpecies, type Species, type SpeciesFile } from '@dagboek/catalogue';
import { civilDay, stamp } from '@dagboek/core/time';
import { METRIC } from '@dagboek/core/units';
import { type Asked, type Book, rulesOf } from '@dagboek/journal';
import { loadRulePacks, loadSpecies, loadTraits } from '@dagboek/packs';

const SHIPPED = loadSpecies() as unknown as readonly Species[];
const TRAITS = loadTraits();
const RULES = loadRulePacks(loadSpecies());

/**
 * What a question is asked of and with on the server: the species and waters that ship, and those that the book itself holds, as in the
 * browser. Sentences are written in metric units: a server has no taste of its own.
 */
export function askedOf(book: Book, nowMs: number): Asked<Species> {
  const known = book.reckoned('species on the server', ['species'], [], () => {
    const files = book.all('species').map((s) => ({ pack: s.pack, file: s.species as object as SpeciesFile }));
    return new Map([...SHIPPED, ...ownSpecies(files, SHIPPED, TRAITS)].map((s) => [s.id, s]));
  });
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const rules = rulesOf(book, RULES, here, stamp(nowMs, here).slice(0, 10));
  const zone = rules?.timeZone ?? here;
  return {
    book,
    species: (id) => (id ? (known.get(id) ?? null) : null),
    rules,
    zone,
    day: (at) => civilDay(at, zone),
    nowMs,
    units: METRIC,
  };
}
