import { wordFor, sayAny } from '../../asked/format.ts';
import type { SpeciesFile } from '@dagboek/catalogue';
import type { Preview } from '@dagboek/catalogue';
import { type Book, speciesMet, type SpeciesState, strikeLine, type Writing } from '@dagboek/journal';
import { v5 } from 'uuid';

/** A pack of one's own, as the log tells it. */
export interface OwnPack {
  readonly id: string;
  readonly name: string;
  readonly species: readonly { readonly state: SpeciesState; readonly file: SpeciesFile }[];
}

/** Packs of one's own, in the order of their names. */
export function ownPacks(book: Book): OwnPack[] {
  const packs = new Map<string, { id: string; name: string; species: OwnPack['species'][number][] }>();
  for (const state of book.all('species')) {
    const pack = packs.get(state.pack) ?? { id: state.pack, name: state.packName, species: [] };
    pack.species.push({ state, file: state.species as object as SpeciesFile });
    packs.set(state.pack, pack);
  }
  return [...packs.values()].sort((a, b) => a.name.localeCompare(b.name));
}

/** How many entries of fish carry each name, settled or not. */
export function namesInUse(book: Book): Record<string, number> {
  return Object.fromEntries([...speciesMet(book)].map(([id, m]) => [id, m.entries]));
}

/** Two devices that add the same species write about the same subject, so that it stands once. */
const subjectOf = (speciesId: string): string => v5(`dagboek species ${speciesId}`, v5.URL);

const strikesOf = (state: SpeciesState): Writing[] => state.log.filter((l) => !l.struck).map((l) => strikeLine(l));

/** The entries that carry a preview out: a line for each species added or changed, a strike for each taken away. */
export function writingsOf(preview: Preview, packs: readonly OwnPack[]): Writing[] {
  const { pack } = preview;
  if (!pack) return [];
  const states = packs.flatMap((p) => p.species);
  const gone = new Set(preview.removed.map((r) => r.id));
  return [
    ...preview.changes
      .filter((c) => c.what !== 'same')
      .map((c): Writing => ({
        kind: 'species.added',
        subject: states.find((s) => s.file.id === c.file.id)?.state.id ?? subjectOf(c.file.id),
        facts: { pack: pack.id, packName: pack.name, species: c.file },
      })),
    ...states.filter((s) => gone.has(s.file.id)).flatMap((s) => strikesOf(s.state)),
  ];
}

/** The entries that take a whole pack back, or the sentence that says why it cannot be. */
export function takeBack(pack: OwnPack, inUse: Readonly<Record<string, number>>): Writing[] | string {
  const used = pack.species.filter((s) => inUse[s.file.id]);
  const n = used.reduce((sum, s) => sum + (inUse[s.file.id] ?? 0), 0);
  if (used.length > 0)
    return `${wordFor(n, 'A fish in the log carries', `${n} fish in the log carry`)} the name ${sayAny(used.map((s) => s.file.name))}. Change the species first, then remove the pack.`;
  return pack.species.flatMap((s) => strikesOf(s.state));
}

/** "skerrow-ling" from "Skerrow ling"; with "-own" behind it while it is taken. */
export function idFrom(name: string, taken: ReadonlySet<string>): string {
  let id =
    name
      .normalize('NFD')
      .replace(/\p{Diacritic}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^[^a-z]+|-+$/g, '')
      .slice(0, 50) || 'fish';
  while (taken.has(id)) id += '-own';
  return id;
}
