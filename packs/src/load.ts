import { readdirSync, readFileSync } from 'node:fs';
import {
  checkSpecies,
  type PackAbout,
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

/**
 * Every species that ships, in the order of the names, held against the schema, the key, its figure and the others.
 * Throws with file and field when one is wrong.
 */
export function loadSpecies(): Species[] {
  const traits = loadTraits();
  const check = schemaChecker(SPECIES_SCHEMA);
  const files = loadPacks().flatMap((pack) =>
    readdirSync(at(`species/${pack.id}`)).map((file) => ({
      pack: pack.id,
      path: `species/${pack.id}/${file}`,
      file: checked<SpeciesFile>(check, `species/${pack.id}/${file}`),
    })),
  );
  const twice = files.find((f, i) => files.findIndex((g) => g.file.id === f.file.id) < i);
  if (twice) throw new Error(`${twice.path}: the id "${twice.file.id}" is taken by another file`);
  const figures = new Map<string, FigureFile>();
  const figure = (id: string): FigureFile | undefined => {
    if (!figures.has(id) && files.some((f) => f.file.id === id))
      figures.set(id, json(`figures/${id}.json`) as FigureFile);
    return figures.get(id);
  };
  const known = new Set(files.map((f) => f.file.id));
  return files
    .map(({ pack, path, file }) => {
      const { species, faults } = checkSpecies(file, { traits, pack, figure }, known);
      if (!species) throw new Error(`${path}: ${faults.map((f) => f.say).join(' ')}`);
      return species;
    })
    .sort((a, b) => a.name.localeCompare(b.name));
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
