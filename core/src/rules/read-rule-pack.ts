import { type Result, refuse } from '../result/index.ts';
import { ruleTrouble } from './own-rules.ts';
import { ringTrouble } from './ring.ts';
import type { RulePack } from './rule.ts';

/** A pack read out of a file, with what is odd in it and does not stand in the way. */
export interface ReadRulePack {
  readonly pack: RulePack;
  readonly warnings: readonly string[];
}

/**
 * Reads a rule pack out of the text of a JSON file. `check`: sentences of what breaks its schema, none when all is well.
 * `knows`: whether a species is in the catalogue. Refuses, with a sentence that names the place, what is no JSON, breaks
 * the schema, names a zone that is not there, uses an id twice or a time zone that does not exist, or whose rule does not
 * hold together. A species that is not in the catalogue only warns: the rule waits for it.
 */
export function readRulePack(
  text: string,
  check: (data: unknown) => readonly string[],
  knows: (speciesId: string) => boolean,
): Result<ReadRulePack> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (e) {
    return refuse(`This file is no JSON: ${e instanceof Error ? e.message : 'it cannot be read'}.`);
  }
  const wrong = check(data);
  if (wrong.length > 0) return refuse(`This is no rule pack as it stands. ${wrong.join(' ')}`);
  const pack = data as RulePack;
  try {
    new Intl.DateTimeFormat('en', { timeZone: pack.timeZone });
  } catch {
    return refuse(`timeZone: "${pack.timeZone}" is no time zone; write one such as Atlantic/Faroe.`);
  }
  for (const z of pack.zones) {
    const broken = z.bounds && ringTrouble(z.bounds);
    if (broken) return refuse(`The bounds of the zone "${z.name}" do not hold: ${broken}`);
  }
  for (const [i, ring] of (pack.coast ?? []).entries()) {
    const broken = ringTrouble(ring);
    if (broken) return refuse(`Coastline ${i + 1} does not hold: ${broken}`);
  }
  const ids = pack.rules.map((r) => r.id);
  const twice = ids.find((id, i) => ids.indexOf(id) < i);
  if (twice !== undefined) return refuse(`Two rules have the id "${twice}"; give each its own.`);
  for (const r of pack.rules) {
    const unknown = r.zones?.find((z) => !pack.zones.some((x) => x.id === z));
    if (unknown !== undefined)
      return refuse(`Rule "${r.id}" is for the zone "${unknown}", which the pack does not have.`);
    const trouble = ruleTrouble(r, pack);
    if (trouble) return refuse(`Rule "${r.id}" does not hold together. ${trouble}`);
    if (r.kind === 'exemption') {
      const gone = r.from.find((id) => !ids.includes(id));
      if (gone !== undefined)
        return refuse(`Rule "${r.id}" takes away the rule "${gone}", which the pack does not have.`);
    }
  }
  const strange = [...new Set(pack.rules.flatMap((r) => r.species))].filter((id) => !knows(id)).sort();
  return {
    ok: true,
    pack,
    warnings:
      strange.length > 0
        ? [`Not in this catalogue: ${strange.join(', ')}. Their rules judge nothing until the species are there.`]
        : [],
  };
}
