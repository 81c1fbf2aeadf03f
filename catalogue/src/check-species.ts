import { type KeyedSpecies, keyTable, type Trait } from '@dagboek/core/key';
import { mustDraw } from './draws-well.ts';
import { hazardParts, resolveSpecies, type Surroundings } from './resolve-species.ts';
import type { Species, SpeciesFile } from './species.ts';

/** What is wrong with a species, in a sentence that says what to do. */
export interface Fault {
  /** Species id, or where in the file. */
  readonly at: string;
  readonly say: string;
}

/**
 * Makes a species whole and holds it against the key, its figure and the others. Never throws.
 * `known`: every id a lookalike may name.
 */
export function checkSpecies(
  file: SpeciesFile,
  around: Surroundings,
  known: ReadonlySet<string>,
): { species: Species | null; faults: Fault[] } {
  const at = file.id;
  let species: Species;
  try {
    species = resolveSpecies(file, around);
    keyTable({ traits: around.traits, species: [species as KeyedSpecies] });
    for (const spec of [species.figure, ...(species.forms ?? []).flatMap((f) => f.figure ?? [])]) mustDraw(spec);
  } catch (e) {
    // What is wrong is said in words of ours where it was looked for; anything else is a figure that cannot be drawn.
    const say =
      e instanceof RangeError && e.message.startsWith(at)
        ? e.message
        : `${at}: its figure, or that of a form, cannot be drawn from these numbers.`;
    return { species: null, faults: [{ at, say }] };
  }
  const faults: Fault[] = [];
  const fault = (say: string): void => void faults.push({ at, say: `${at}: ${say}` });
  if (!(file.usualMm[0] < file.usualMm[1] && file.usualMm[1] <= file.maxMm))
    fault('usualMm: two lengths, the shorter first, and not beyond maxMm.');
  if (file.shape.depth[0] > file.shape.depth[1]) fault('shape.depth: the lesser ratio comes first.');
  const parts = hazardParts(species.figure);
  for (const h of file.hazards) {
    const said = parts[h.part];
    if (said === undefined)
      fault(`hazards: the figure has no part "${h.part}"; it has ${Object.keys(parts).join(', ')}.`);
    else if (said === 'harmless') fault(`hazards: the figure calls the ${h.part} harmless; one of the two is wrong.`);
    else if (said === 'venomous' && h.kind !== 'venomous')
      fault(`hazards: the figure calls the ${h.part} venomous, the words do not.`);
    else if (h.kind === 'venomous' && said !== 'venomous')
      fault(`hazards: the words call the ${h.part} venomous, the figure does not.`);
  }
  for (const [part, harm] of Object.entries(parts))
    if (harm === 'venomous' && !file.hazards.some((h) => h.part === part && h.kind === 'venomous'))
      fault(`hazards: the figure calls the ${part} venomous, and no hazard speaks of it.`);
  for (const l of file.lookalikes) {
    if (!known.has(l.id)) fault(`lookalikes: "${l.id}" is in no catalogue.`);
    if (!around.traits.some((t: Trait) => t.id === l.trait))
      fault(`lookalikes: "${l.trait}" is not a trait of the key.`);
  }
  if (file.raw.verdict === 'never' && !file.hazards.some((h) => h.kind === 'poison'))
    fault('raw: what is never eaten needs a hazard of the kind poison.');
  return { species: faults.length > 0 ? null : species, faults };
}
