import { readdirSync, readFileSync } from 'node:fs';
import { checkSpecies, type PackAbout, resolveSpecies, type Species, type SpeciesFile } from '@dagboek/catalogue';
import { keyTable, type Trait } from '@dagboek/core/key';
import { type RulePack, rulePackTrouble } from '@dagboek/core/rules';
import { figureTroubles, speciesTroubles } from '@dagboek/core/species';
import type { FigureFile } from '@dagboek/figure';

export type { Species } from '@dagboek/catalogue';

const at = (path: string): URL => new URL(`../${path}`, import.meta.url);
const json = (path: string): unknown => JSON.parse(readFileSync(at(path), 'utf8'));

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

/** The files of the species that ship, each with the file of its figure. */
export function shippedWithFigures(): { file: SpeciesFile; figure: FigureFile }[] {
  const files = shippedFiles();
  const figure = figuresOf(files);
  return files.flatMap(({ file }) => {
    const f = figure(file.id);
    return f ? [{ file, figure: f }] : [];
  });
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
  const around = { traits: loadTraits(), figure: figuresOf(files), figureTroubles };
  const known = new Set(files.map((f) => f.file.id));
  return files.flatMap(({ pack, path, file }, i) => {
    const wrong = speciesTroubles(file);
    if (wrong.length > 0) return [`${path}: ${wrong.join(' ')}`];
    const twice = files.findIndex((g) => g.file.id === file.id) < i;
    const { faults } = checkSpecies(file, { ...around, pack }, known);
    return [
      ...(twice ? [`${path}: the id "${file.id}" is taken by another file`] : []),
      ...faults.map((f) => `${path}: ${f.say}`),
    ];
  });
}

/** Every rule pack that ships. Throws with file and field when one is wrong, or when a rule names an unknown zone or species. */
export function loadRulePacks(species: readonly { id: string }[]): RulePack[] {
  return readdirSync(at('rules'))
    .filter((f) => f.endsWith('.json'))
    .map((file) => {
      const data = json(`rules/${file}`);
      const trouble = rulePackTrouble(data);
      if (trouble) throw new Error(`rules/${file}: ${trouble}`);
      const pack = data as RulePack;
      for (const rule of pack.rules) {
        const name = rule.species.find((s) => !species.some((x) => x.id === s));
        if (name) throw new Error(`rules/${file}: rule "${rule.id}" names "${name}", which is not there`);
      }
      return pack;
    });
}
