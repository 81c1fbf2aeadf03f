import { readdirSync, readFileSync } from 'node:fs';
import {
  checkSpecies,
  type PackAbout,
  resolveSpecies,
  schemaChecker,
  type Species,
  SPECIES_SCHEMA,
  type SpeciesFile,
} from '@dagboek/catalogue';
import { keyTable, type Trait } from '@dagboek/core/key';
import type { RulePack } from '@dagboek/core/rules';
import type { FigureFile } from '@dagboek/figure';

export type { Species } from '@dagboek/catalogue';

const at = (path: string): URL => new URL(`../${path}`, import.meta.url);
const json = (path: string): unknown => JSON.parse(readFileSync(at(path), 'utf8'));

function checked<T>(check: (data: unknown) => string[], path: string): T {
  const data = json(path);
  const wrong = check(data);
  if (wrong.length > 0) throw new Error(`${path}: ${wrong.join(' ')}`);
  return data as T;
}

/** The packs of species that ship. */
export function loadPacks(): PackAbout[] {
  return (json('species/packs.json') as { packs: PackAbout[] }).packs;
}

/** The traits of the key, with their usual states. */
export function loadTraits(): Trait[] {
  const { traits } = json('key/traits.json') as { traits: Trait[] };
  // A row that does not sum to 1 is refused when the table is laid out.
  keyTable({ traits, species: [] });
  return traits;
}

interface ShippedFile {
  readonly pack: string;
  readonly path: string;
  readonly file: SpeciesFile;
}

const shippedFiles = (): ShippedFile[] =>
  loadPacks().flatMap((pack) =>
    readdirSync(at(`species/${pack.id}`)).map((name) => {
      const path = `species/${pack.id}/${name}`;
      return { pack: pack.id, path, file: json(path) as SpeciesFile };
    }),
  );

/** The figure of a species that ships, by its id; nothing for any other. */
function figuresOf(files: readonly ShippedFile[]): (id: string) => FigureFile | undefined {
  const ids = new Set(files.map((f) => f.file.id));
  const read = new Map<string, FigureFile>();
  return (id) => {
    if (!read.has(id) && ids.has(id)) read.set(id, json(`figures/${id}.json`) as FigureFile);
    return read.get(id);
  };
}

let loaded: Species[] | null = null;

/**
 * Every species that ships, in the order of the names; the same list each time. Whether the files hold together is asked
 * by a test (`shippedFaults`), not at each start: it draws every fish.
 */
export function loadSpecies(): Species[] {
  if (loaded) return loaded;
  const files = shippedFiles();
  const around = { traits: loadTraits(), figure: figuresOf(files) };
  loaded = files
    .map(({ pack, file }) => resolveSpecies(file, { ...around, pack }))
    .sort((a, b) => a.name.localeCompare(b.name));
  return loaded;
}

/** What is wrong with the species that ship, by file: held against the schema, the key, their figures and one another. */
export function shippedFaults(): string[] {
  const files = shippedFiles();
  const around = { traits: loadTraits(), figure: figuresOf(files) };
  const check = schemaChecker(SPECIES_SCHEMA);
  const known = new Set(files.map((f) => f.file.id));
  return files.flatMap(({ pack, path, file }, i) => {
    const wrong = check(file);
    if (wrong.length > 0) return [`${path}: ${wrong.join(' ')}`];
    const twice = files.findIndex((g) => g.file.id === file.id) < i;
    const { faults } = checkSpecies(file, { ...around, pack }, known);
    return [
      ...(twice ? [`${path}: the id "${file.id}" is taken by another file`] : []),
      ...faults.map((f) => `${path}: ${f.say}`),
    ];
  });
}

/** JSON Schema of a rule pack. */
export const loadRulesSchema = (): object => json('schema/rules.schema.json') as object;

/** Every rule pack that ships. Throws with file and field when one is wrong, or when a rule names an unknown zone or species. */
export function loadRulePacks(species: readonly { id: string }[]): RulePack[] {
  const check = schemaChecker(json('schema/rules.schema.json') as object);
  return readdirSync(at('rules'))
    .filter((f) => f.endsWith('.json'))
    .map((file) => {
      const pack = checked<RulePack>(check, `rules/${file}`);
      for (const rule of pack.rules) {
        const zone = rule.zones?.find((z) => !pack.zones.some((x) => x.id === z));
        const name = rule.species.find((s) => !species.some((x) => x.id === s));
        if (zone ?? name)
          throw new Error(`rules/${file}: rule "${rule.id}" names "${zone ?? name}", which is not there`);
      }
      return pack;
    });
}
