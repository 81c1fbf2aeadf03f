import type { TraitRow } from '@dagboek/core/key';
import { harmsOf } from './resolve-species.ts';
import type { Species, SpeciesFile } from './species.ts';

/**
 * The file of a new species that is like another one but for its name and some traits. All that is not said is the
 * model's, its dangers and cautions first of all (never fewer), and the whole is marked "check".
 * `where`: where the differences come from, for the sources.
 */
export function speciesLike(
  model: Species,
  self: Pick<SpeciesFile, 'id' | 'name' | 'latin'> & Partial<Pick<SpeciesFile, 'usualMm' | 'maxMm'>>,
  own: TraitRow,
  where: string,
): SpeciesFile {
  const { figure, forms, pack, traits, ...facts } = model;
  void [pack, forms];
  return {
    ...facts,
    ...self,
    names: {},
    lookalikes: [
      {
        id: model.id,
        trait: Object.keys(own)[0] ?? 'plan',
        mark: `Differs from ${model.name} as its author noted.`,
      },
    ],
    traits: { ...traits, ...own },
    sources: [`${where}, otherwise as ${model.name}`],
    confidence: 'check',
    toCheck: ['everything but the traits'],
    figure: { id: self.id, like: model.id, harms: harmsOf(figure) },
  };
}
