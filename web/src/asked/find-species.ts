import type { Species } from '@dagboek/catalogue';
import Fuse from 'fuse.js/basic';

/** A species found, with the name that was meant when it is not the one shown. */
export interface Found {
  readonly species: Species;
  /** "Seelachs" when that was typed for saithe; null when the species' own name fits. */
  readonly byName: string | null;
}

interface Entry {
  readonly species: Species;
  readonly name: string;
  readonly own: boolean;
}

/** Scores of the search: 0 = the very word. */
const SURE = 0.02;
const NEAR = 0.2;

/** Without accents and case, so that "lysning" and "Lyšning" meet. */
const bare = (s: string): string =>
  s
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/** Looks for species by a name in any language, also misspelt; the best first. An empty word finds all, in their order. */
export function speciesFinder(all: readonly Species[]): (word: string) => Found[] {
  const entries: Entry[] = all.flatMap((species) => [
    { species, name: species.name, own: true },
    { species, name: species.latin, own: true },
    ...Object.values(species.names)
      .flat()
      .map((name) => ({ species, name, own: false })),
  ]);
  const fuse = new Fuse(
    entries.map((e) => ({ ...e, bare: bare(e.name) })),
    { keys: ['bare'], threshold: 0.34, ignoreLocation: true, includeScore: true, minMatchCharLength: 2 },
  );
  return (word) => {
    const w = bare(word.trim());
    if (w === '') return all.map((species) => ({ species, byName: null }));
    const found = new Map<string, Found>();
    // Of names that fit alike, the one about as long as what was typed was meant.
    const far = (name: string): number => Math.abs(name.length - w.length);
    const hits = fuse
      .search(w)
      .sort((a, b) => Math.round(((a.score ?? 1) - (b.score ?? 1)) * 50) || far(a.item.bare) - far(b.item.bare));
    // Beside a name that fits exactly, those that fit only roughly would be noise.
    const worst = (hits[0]?.score ?? 1) < SURE ? NEAR : 1;
    for (const { item, score } of hits)
      if ((score ?? 1) <= worst && !found.has(item.species.id))
        found.set(item.species.id, { species: item.species, byName: item.own ? null : item.name });
    return [...found.values()];
  };
}
