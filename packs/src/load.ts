import { readdirSync, readFileSync } from 'node:fs';
import { Ajv } from 'ajv';
import { keyTable, type Trait, type TraitRow } from '@dagboek/core/key';
import type { RulePack } from '@dagboek/core/rules';
import type { SpeciesFacts } from '@dagboek/core/species';
import { type FigureSpec, silentParts } from '@dagboek/figure';

/** A species as its file tells it, with its figure. */
export interface Species extends SpeciesFacts {
  readonly latin: string;
  /** How to know it, in one sentence. */
  readonly look: string;
  readonly bleeding: string;
  /** Cautions for the one who eats it. */
  readonly eating: readonly string[];
  readonly sources: readonly string[];
  readonly confidence: 'sure' | 'typical' | 'check';
  /** For the key: which states of each trait it shows, as probabilities. */
  readonly traits: TraitRow;
  readonly figure: FigureSpec;
}

const at = (path: string): URL => new URL(`../${path}`, import.meta.url);
const json = (path: string): unknown => JSON.parse(readFileSync(at(path), 'utf8'));

function checker(schemaPath: string): (data: unknown, file: string) => void {
  const ajv = new Ajv({ allErrors: true });
  const check = ajv.compile(json(schemaPath) as object);
  return (data, file) => {
    if (check(data)) return;
    const e = check.errors?.find((x) => x.keyword !== 'oneOf' && x.keyword !== 'const') ?? check.errors?.[0];
    throw new Error(
      `${file}: ${e?.instancePath || 'the file'} ${e?.message ?? 'is not as it should be'}${e?.params && 'additionalProperty' in e.params ? ` ("${String(e.params['additionalProperty'])}")` : ''}`,
    );
  };
}

/** Every species that ships, in the order of the names. Throws with file and field when one is wrong. */
export function loadSpecies(): Species[] {
  const check = checker('schema/species.schema.json');
  return readdirSync(at('species'))
    .filter((f) => f.endsWith('.json'))
    .map((file) => {
      const data = json(`species/${file}`) as Omit<Species, 'figure'>;
      check(data, `species/${file}`);
      const figure = json(`figures/${file}`) as FigureSpec;
      const silent = silentParts(figure);
      if (silent.length > 0)
        throw new Error(`figures/${file}: say harmless, sharp or venomous of the ${silent.join(', ')}`);
      return { ...data, figure: { ...figure, name: data.name } };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** The traits of the key. Throws when a species names a trait or a state that is not there, or its states do not sum to 1. */
export function loadTraits(species: readonly Species[]): Trait[] {
  const { traits } = json('key/traits.json') as { traits: Trait[] };
  for (const s of species) {
    const unknown = Object.keys(s.traits).find((id) => !traits.some((t) => t.id === id));
    if (unknown !== undefined) throw new Error(`species/${s.id}.json: traits: "${unknown}" is no trait of the key`);
  }
  keyTable({ traits, species });
  return traits;
}

/** Every rule pack that ships. Throws with file and field when one is wrong, or when a rule names an unknown zone or species. */
export function loadRulePacks(species: readonly { id: string }[]): RulePack[] {
  const check = checker('schema/rules.schema.json');
  return readdirSync(at('rules'))
    .filter((f) => f.endsWith('.json'))
    .map((file) => {
      const pack = json(`rules/${file}`) as RulePack;
      check(pack, `rules/${file}`);
      for (const rule of pack.rules) {
        const zone = rule.zones?.find((z) => !pack.zones.some((x) => x.id === z));
        const name = rule.species.find((s) => !species.some((x) => x.id === s));
        if (zone ?? name)
          throw new Error(`rules/${file}: rule "${rule.id}" names "${zone ?? name}", which is not there`);
      }
      return pack;
    });
}
