import type { SpeciesFacts } from './species/index.ts';

/** A made-up pollack for the core's tests: round figures, so that answers can be checked by hand. */
export const POLLACK: SpeciesFacts = {
  id: 'pollack',
  name: 'Pollack',
  lengthKinds: ['total'],
  usualMm: [350, 650],
  maxMm: 1300,
  weight: { a: 0.01, b: 3, sdLog: 0.1 },
  grounds: { 'kelp reef': 1 },
  months: [3, 11],
  keeping: 'lean white',
  fat: 'lean',
  shape: { depth: [0.2, 0.24], widthToDepth: 0.5 },
  iceDays: 10,
  hazards: [],
  yields: { gutted: [0.8, 0.9], fillets: [0.42, 0.5], trimmed: [0.34, 0.42] },
};

/** A variant with some facts changed. */
export const aSpecies = (facts: Partial<SpeciesFacts> & { id: string; name: string }): SpeciesFacts => ({
  ...POLLACK,
  ...facts,
});
