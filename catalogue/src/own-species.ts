import { keyTable, type Trait } from '@dagboek/core/key';
import { figureTroubles } from '@dagboek/core/species';
import { mustDraw } from './draws-well.ts';
import { resolveSpecies } from './resolve-species.ts';
import type { Species, SpeciesFile } from './species.ts';

/** A species of one's own as the log tells it. */
export interface OwnSpeciesFile {
  readonly pack: string;
  readonly file: SpeciesFile;
}

/**
 * Species of one's own, made whole: what they leave out comes from their group, their figure perhaps from another. One that
 * does not hold together (written by another version) is left out, since it must not take the whole catalogue with it; so
 * is one whose id is taken.
 */
export function ownSpecies(
  files: readonly OwnSpeciesFile[],
  shipped: readonly Species[],
  traits: readonly Trait[],
): Species[] {
  const taken = new Set(shipped.map((s) => s.id));
  return files.flatMap(({ pack, file }) => {
    if (taken.has(file.id)) return [];
    taken.add(file.id);
    try {
      const species = resolveSpecies(file, {
        traits,
        pack,
        figureTroubles,
        figure: (id) => files.find((f) => f.file.id === id)?.file.figure ?? shipped.find((s) => s.id === id)?.figure,
      });
      keyTable({ traits, species: [species] });
      mustDraw(species.figure);
      return [species];
    } catch {
      return [];
    }
  });
}
