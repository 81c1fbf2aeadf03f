import { type Known, type Preview, readPack } from '@dagboek/catalogue';
import { type ReadRulePack, readRulePack } from '@dagboek/core/rules';
import type { Result } from '@dagboek/core/result';

/** Reads a file of species, in a worker: each of them is drawn, to see that it can be. */
export const readPackFile = (
  { name, bytes, text, known }: { name: string; bytes: number; text: string; known: Known },
  progress: (share: number) => void,
): Preview => readPack(name, bytes, text, known, progress);

/** Reads a file of rules, in a worker. `species`: ids of the catalogue. */
export function readRuleFile(
  { text, species }: { text: string; species: readonly string[] },
  progress: (share: number) => void,
): Result<ReadRulePack> {
  const ids = new Set(species);
  return readRulePack(text, (id) => ids.has(id), progress);
}
