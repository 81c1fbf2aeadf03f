import type { RulePack } from '@dagboek/core/rules';
import { stamp } from '@dagboek/core/time';
import { sayAny } from '@dagboek/core/units';
import { type Book, type Names, rulesOf } from '@dagboek/journal';
import { nowMs } from '../ui/clock.ts';
import { type Facts, useFacts, useFactsHere } from './facts-here.tsx';
import { useBookValue } from '../offline/journal-context.tsx';
import { inSentence } from '../ui/names-in-text.ts';
import { units } from './units.ts';

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
  const { species } = useFacts();
  const rules = useRules();
  return useBookValue((book) => namesOf(book, species, rules));
}

/** Names of species by id: those that ship, and over them one's own. A name needs no figure: the first page draws no fish. */
const speciesNames = (book: Book, shipped: Facts['species']): ReadonlyMap<string, string> =>
  book.reckoned('species names', ['species'], [shipped], () => {
    const own = book.all('species').map((s) => [String(s.species['id']), String(s.species['name'])] as const);
    return new Map([...shipped.map((s) => [s.id, s.name] as const), ...own]);
  });

const namesOf = (book: Book, shipped: Facts['species'], rules: RulePack | null): Names =>
  book.reckoned('names', ['member', 'box', 'store', 'species'], [shipped, rules], () => ({
    units,
    member: (id) => book.getAny('member', id)?.name ?? 'someone',
    species: (id) => speciesNames(book, shipped).get(id) ?? id.replace(/-/g, ' '),
    box: (id) => book.getAny('box', id)?.name ?? 'a box',
    store: (id) => book.getAny('store', id)?.name ?? 'a store',
    zone: (id) => rules?.zones.find((z) => z.id === id)?.name ?? id.replace(/-/g, ' '),
  }));
