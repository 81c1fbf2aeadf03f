import { sayAll } from '../units/index.ts';
import { type Result, refuse } from '../result/index.ts';
import type { RulePack } from './rule.ts';
import { toEnd } from '../steps/index.ts';
import { rulePackSteps } from './rule-document.ts';

/** A pack read out of a file, with what is odd in it and does not stand in the way. */
export interface ReadRulePack {
  readonly pack: RulePack;
  readonly warnings: readonly string[];
}

/**
 * Reads a rule pack out of the text of a JSON file. `knows`: whether a species is in the catalogue. Refuses, with a sentence
 * that names the place, what is no JSON and what `rulePackTrouble` finds. A species that is not in the catalogue only warns:
 * the rule waits for it. `progress`: told how far it is, 0 to 1.
 */
export function readRulePack(
  text: string,
  knows: (speciesId: string) => boolean,
  progress: (share: number) => void = () => undefined,
): Result<ReadRulePack> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse('This file is not JSON: it was cut off, or is something else.');
  }
  const trouble = toEnd(rulePackSteps(data), progress);
  if (trouble) return refuse(trouble);
  const pack = data as RulePack;
  const strange = [...new Set(pack.rules.flatMap((r) => r.species))].filter((id) => !knows(id)).sort();
  return {
    ok: true,
    pack,
    warnings:
      strange.length > 0
        ? [`Not in this catalogue: ${sayAll(strange)}. Their rules judge nothing until the species are there.`]
        : [],
  };
}
