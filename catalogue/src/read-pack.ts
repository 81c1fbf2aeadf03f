import { wordFor } from '@dagboek/core/units';
import type { Trait } from '@dagboek/core/key';
import { schemaChecker } from '@dagboek/core/schema';
import { figureTroubles, PACK_SCHEMA, speciesTroubles } from '@dagboek/core/species';
import { checkSpecies, type Fault } from './check-species.ts';
import { readTraitMatrix } from './read-trait-matrix.ts';
import type { Surroundings } from './resolve-species.ts';
import type { Species, SpeciesFile } from './species.ts';

/** A file may be this long, in bytes. */
export const MOST_BYTES = 2_000_000;
/** One species, as JSON, may be this long: it becomes one entry of the log. */
export const MOST_SPECIES_CHARS = 18_000;
/** Faults told at once. */
const MOST_FAULTS = 12;

/** What is known already. */
export interface Known {
  readonly traits: readonly Trait[];
  /** Species that ship: never replaced. */
  readonly shipped: readonly Species[];
  /** Species of one's own, from earlier imports. */
  readonly own: readonly { readonly pack: string; readonly file: SpeciesFile }[];
  /** Names the fish of the log carry, with how many. */
  readonly inUse: Readonly<Record<string, number>>;
}

/** One species of a file, with what it does to the catalogue. */
export interface Change {
  readonly what: 'added' | 'changed' | 'same';
  readonly file: SpeciesFile;
  /** Fields that differ, for a changed one. */
  readonly fields: readonly string[];
}

/** What an import would do. With faults, nothing can be imported. */
export interface Preview {
  readonly pack: { readonly id: string; readonly name: string; readonly about: string } | null;
  readonly changes: readonly Change[];
  /** Own species of an earlier version of this pack that are not in the file any more. */
  readonly removed: readonly SpeciesFile[];
  readonly faults: readonly Fault[];
}

const failed = (...faults: Fault[]): Preview => ({ pack: null, changes: [], removed: [], faults });

/**
 * Reads a pack from a file's text, JSON or the CSV of a trait matrix, and says what importing it would change. Writes nothing, never throws.
 * `name`: the file's name, which tells CSV from JSON and heads the faults. `bytes`: its size. `progress`: told how far it is, since
 * each species is drawn: a worker's work.
 */
export function readPack(
  name: string,
  bytes: number,
  text: string,
  known: Known,
  progress: (share: number) => void = () => undefined,
): Preview {
  if (bytes > MOST_BYTES)
    return failed({
      at: name,
      say: `${name} is ${(bytes / 1e6).toFixed(0)} MB long, and at most ${MOST_BYTES / 1e6} MB are read. Split the pack into smaller ones, and leave photographs out.`,
    });
  if (text.trim() === '') return failed({ at: name, say: `${name} is empty. Choose the file of a pack.` });
  const read = /\.(csv|tsv|txt)$/i.test(name) ? readTraitMatrix(name, text, known) : readJson(name, text);
  if ('faults' in read) return failed(...read.faults);
  return preview(read.pack, known, 'alone' in read && read.alone === true, progress);
}

/** The pack that species typed in by hand, or read one by one, go to. */
export const OWN_PACK = { id: 'own', name: 'My own species', about: 'Species added one by one.' } as const;

type PackFile = { id: string; name: string; about: string; species: unknown[] };

/** ", from line 12 on" where the engine says at which letter it stopped; that the file is cut off, where it is; else nothing. */
function brokenAt(e: unknown, text: string): string {
  const { message } = e as Error;
  if (message.includes('end of JSON')) return ': it ends in the middle';
  const at = /position (\d+)/.exec(message)?.[1];
  return at === undefined ? '' : `, from line ${text.slice(0, Number(at)).split('\n').length} on`;
}

function readJson(name: string, text: string): { pack: PackFile; alone: boolean } | { faults: Fault[] } {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (e) {
    return {
      faults: [{ at: name, say: `${name} is not JSON${brokenAt(e, text)}. Correct it, or export it again.` }],
    };
  }
  // A single species joins those added one by one, and takes none of them away.
  const alone = typeof data === 'object' && data !== null && 'latin' in data;
  if (alone) data = { ...OWN_PACK, species: [data] };
  const wrong = schemaChecker(PACK_SCHEMA)(data);
  if (wrong.length > 0) return { faults: wrong.map((say) => ({ at: name, say: `${name}: ${say}` })) };
  return { pack: data as PackFile, alone };
}

function preview(pack: PackFile, known: Known, alone: boolean, progress: (share: number) => void): Preview {
  const faults: Fault[] = [];
  const files: SpeciesFile[] = [];
  const shipped = new Map(known.shipped.map((s) => [s.id, s]));
  const own = new Map(known.own.map((o) => [o.file.id, o]));
  const seen = new Set<string>();
  for (const [i, raw] of pack.species.entries()) {
    // So many are told at once: the rest is not read before they are mended.
    if (faults.length >= MOST_FAULTS) return failed(...faults.slice(0, MOST_FAULTS));
    const id = (raw as { id?: unknown } | null)?.id;
    const at = typeof id === 'string' ? id : `species ${i + 1}`;
    const wrong = speciesTroubles(raw);
    for (const say of wrong) faults.push({ at, say: `${at}: ${say}` });
    if (wrong.length > 0) continue;
    const file = raw as SpeciesFile;
    if (seen.has(at)) faults.push({ at, say: `${at} is in this file twice: give one of them another id.` });
    seen.add(at);
    if (shipped.has(at))
      faults.push({
        at,
        say: `${at} ships with the book and is never overwritten: give yours another id, such as "${at}-own".`,
      });
    const other = own.get(at);
    if (other && other.pack !== pack.id)
      faults.push({
        at,
        say: `${at} came with the pack "${other.pack}": take that back first, or give this one another id.`,
      });
    if (JSON.stringify(file).length > MOST_SPECIES_CHARS)
      faults.push({
        at,
        say: `${at} is longer than ${MOST_SPECIES_CHARS} letters: shorten its texts, or tell its figure as changes to another one ("like").`,
      });
    files.push(file);
  }
  const ids = new Set([...shipped.keys(), ...own.keys(), ...files.map((f) => f.id)]);
  const figures = new Map(files.flatMap((f) => (f.figure ? [[f.id, f.figure] as const] : [])));
  const around: Surroundings = {
    traits: known.traits,
    pack: pack.id,
    figureTroubles,
    figure: (id) => figures.get(id) ?? own.get(id)?.file.figure ?? shipped.get(id)?.figure,
  };
  for (const [i, file] of files.entries()) {
    progress(i / files.length);
    faults.push(...checkSpecies(file, around, ids).faults);
    if (faults.length >= MOST_FAULTS) return failed(...faults.slice(0, MOST_FAULTS));
  }
  const removed = alone ? [] : known.own.filter((o) => o.pack === pack.id && !seen.has(o.file.id)).map((o) => o.file);
  for (const r of removed) {
    const n = known.inUse[r.id] ?? 0;
    if (n > 0)
      faults.push({
        at: r.id,
        say: `This file leaves out ${r.name}, and ${wordFor(n, 'a fish in the log carries', `${n} fish in the log carry`)} that name. Keep it in the file, or change the species of those fish first.`,
      });
  }
  if (faults.length > 0) return failed(...faults.slice(0, MOST_FAULTS));
  return {
    pack: { id: pack.id, name: pack.name, about: pack.about },
    changes: files.map((file) => changeOf(file, own.get(file.id)?.file)),
    removed,
    faults: [],
  };
}

function changeOf(file: SpeciesFile, before: SpeciesFile | undefined): Change {
  if (!before) return { what: 'added', file, fields: [] };
  const keys = [...new Set([...Object.keys(before), ...Object.keys(file)])] as (keyof SpeciesFile)[];
  const fields = keys.filter((k) => JSON.stringify(before[k]) !== JSON.stringify(file[k]));
  return { what: fields.length > 0 ? 'changed' : 'same', file, fields };
}
