import { type Refusal, refuse } from '../result/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import { sayMass, sayShortLength, type Units } from '../units/index.ts';
import { expectedWeight, weightOddity } from './expected-weight.ts';

/** `ask` does not block: it is written down all the same once the person has looked at it again. */
export type MeasureCheck = { ok: true; ask?: string } | Refusal;

/** Whether a length in mm can be: above 0, and within 1.3 times the species' greatest known length. */
export function checkLength(
  species: Pick<SpeciesFacts, 'name' | 'maxMm' | 'usualMm'> | null,
  lengthMm: number,
  units?: Units,
): MeasureCheck {
  if (!Number.isFinite(lengthMm)) return refuse('Enter the length as a number, for example 36.4.', 'lengthMm');
  if (lengthMm <= 0) return refuse('Enter a length above 0. Read the board again.', 'lengthMm');
  if (lengthMm > 5000)
    return refuse(
      `${sayShortLength(lengthMm, units)} is longer than any fish in this book. Is the unit right?`,
      'lengthMm',
    );
  if (!species) return { ok: true };
  if (lengthMm > species.maxMm * 1.3)
    return refuse(
      `No ${species.name.toLowerCase()} is ${sayShortLength(lengthMm, units)}: the longest known is about ${sayShortLength(species.maxMm, units)}. Check the number, the unit or the name.`,
      'lengthMm',
    );
  if (lengthMm > species.maxMm)
    return {
      ok: true,
      ask: `${sayShortLength(lengthMm, units)} would be longer than the longest ${species.name.toLowerCase()} known, about ${sayShortLength(species.maxMm, units)}. Measure again, and check the species.`,
    };
  return { ok: true };
}

/** Whether a weight in grams can be. An odd one (beyond 3 sd) asks which is wrong, and does not block. */
export function checkWeight(
  species: SpeciesFacts | null,
  lengthMm: number | null,
  massG: number,
  count = 1,
  units?: Units,
): MeasureCheck {
  if (!Number.isFinite(massG)) return refuse('Enter the weight as a number, for example 790.', 'massG');
  if (massG <= 0) return refuse('Enter a weight above 0. Is the scale set to zero?', 'massG');
  if (massG > 2_000_000)
    return refuse(`${sayMass(massG, units)} is more than this book can store. Is the unit right?`, 'massG');
  if (!species || !lengthMm) return { ok: true };
  const each = massG / count;
  if (Math.abs(weightOddity(species, lengthMm, each)) <= 3) return { ok: true };
  const w = expectedWeight(species, lengthMm);
  return {
    ok: true,
    ask: `A ${species.name.toLowerCase()} of ${sayShortLength(lengthMm, units)} usually weighs ${sayMass(w.lowG, units)} to ${sayMass(w.highG, units)}, and this is ${sayMass(each, units)}. Which is wrong: length, weight or species?`,
  };
}
