import { type Refusal, refuse } from '../result/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { expectedWeight, weightOddity } from './expected-weight.ts';

const cm = (mm: number): string => (mm / 10).toFixed(1).replace(/\.0$/, '');
const grams = (g: number): string => (g >= 1000 ? `${(g / 1000).toFixed(2)} kg` : `${Math.round(g)} g`);

/** `ask` does not block: it is written down all the same once the person has looked at it again. */
export type MeasureCheck = { ok: true; ask?: string } | Refusal;

/** Whether a length in mm can be: above 0, and within 1.3 times the species' greatest known length. */
export function checkLength(
  species: Pick<SpeciesFacts, 'name' | 'maxMm' | 'usualMm'> | null,
  lengthMm: number,
): MeasureCheck {
  if (!Number.isFinite(lengthMm)) return refuse('Give the length as a number, for example 36.4.', 'lengthMm');
  if (lengthMm <= 0) return refuse('A length is more than 0 cm. Read the board again.', 'lengthMm');
  if (lengthMm > 5000)
    return refuse(`${cm(lengthMm)} cm is longer than any fish in this book. Is the unit right?`, 'lengthMm');
  if (!species) return { ok: true };
  if (lengthMm > species.maxMm * 1.3)
    return refuse(
      `No ${species.name.toLowerCase()} is ${cm(lengthMm)} cm: the longest known is about ${cm(species.maxMm)} cm. Check the number, the unit or the name.`,
      'lengthMm',
    );
  if (lengthMm > species.maxMm)
    return {
      ok: true,
      ask: `${cm(lengthMm)} cm would be longer than the longest ${species.name.toLowerCase()} known, about ${cm(species.maxMm)} cm. Measure once more, and look at the name.`,
    };
  return { ok: true };
}

/** Whether a weight in grams can be. An odd one (beyond 3 sd) asks which is wrong, and does not block. */
export function checkWeight(
  species: SpeciesFacts | null,
  lengthMm: number | null,
  massG: number,
  count = 1,
): MeasureCheck {
  if (!Number.isFinite(massG)) return refuse('Give the weight as a number of grams.', 'massG');
  if (massG <= 0) return refuse('A weight is more than 0 g. Is the scale set to zero?', 'massG');
  if (massG > 2_000_000)
    return refuse(`${grams(massG)} is beyond what this book can hold. Is the unit grams?`, 'massG');
  if (!species || !lengthMm) return { ok: true };
  const each = massG / count;
  if (Math.abs(weightOddity(species, lengthMm, each)) <= 3) return { ok: true };
  const w = expectedWeight(species, lengthMm);
  return {
    ok: true,
    ask: `A ${species.name.toLowerCase()} of ${cm(lengthMm)} cm usually weighs ${grams(w.lowG)} to ${grams(w.highG)}, and this says ${grams(each)}. Length, weight or name: which is wrong?`,
  };
}
