import type { SpeciesFacts } from '../species/index.ts';
import { sayGrams, type Units } from '../units/index.ts';
import { expectedStage } from './expected-yield.ts';
import { type Stage, type Weighings } from './mass-balance.ts';
import { type CutRoute } from './routes.ts';
import { stageName } from './stages-of.ts';

/** A whole fish that was reckoned or weighed before is asked about outside of these shares; it drains a little on ice. */
const ROUND = { low: 0.6, high: 1.5 } as const;
/** So far beyond what is usual of a stage it is asked about. */
const STAGE = { low: 0.65, high: 1.25 } as const;
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/**
 * Whether a weighing that can be is so far from what is usual that the unit or the fish is asked about: a sentence, or null. The
 * whole is held against what was known of the fish (`knownG`, null when nothing was), a later stage against the usual share of its
 * whole. It asks, and never blocks.
 */
export function oddWeighing(
  species: Pick<SpeciesFacts, 'yields' | 'name'>,
  route: CutRoute,
  w: Weighings,
  stage: Stage,
  massG: number,
  knownG: number | null,
  units?: Units,
): string | null {
  const name = stageName(route, stage);
  if (stage === 'round') {
    if (knownG === null || !(knownG > 0)) return null;
    const share = massG / knownG;
    if (share >= ROUND.low && share <= ROUND.high) return null;
    return `${name} ${sayGrams(massG, units)}, but it weighed about ${sayGrams(knownG, units)} before. Is the unit right, and is everything on the scale?`;
  }
  const roundG = w.stages.round ?? knownG;
  const usual = roundG === null || !(roundG > 0) ? null : expectedStage(species, stage, roundG, route);
  if (!usual || roundG === null) return null;
  if (massG >= usual[0] * STAGE.low && massG <= usual[1] * STAGE.high) return null;
  return `${name} ${sayGrams(massG, units)} is ${percent(massG / roundG)} of the whole, where ${percent(usual[0] / roundG).replace(' %', '')} to ${percent(usual[1] / roundG)} is usual for ${species.name.toLowerCase()}. Is the unit right, and is everything on the scale?`;
}

/**
 * The most that packs of one cut can hold together, g: what was weighed last of it, else the whole, else what was known of the fish with
 * room for an error. Null where nothing is known.
 */
export function mostInPacks(w: Weighings, knownG: number | null): number | null {
  const { trimmed, fillets, gutted, round } = w.stages;
  const weighed = trimmed ?? fillets ?? gutted ?? round;
  if (weighed !== undefined) return weighed;
  return knownG === null ? null : knownG * ROUND.high;
}
