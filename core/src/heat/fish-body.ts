import { depthShare, type SpeciesFacts } from '../species/index.ts';
import { type ConductionBody } from './conduction.ts';
import { FLESH, flesh } from './flesh.ts';

/** What is needed of a species to know how thick it is at a weight. */
export type Bodied = Pick<SpeciesFacts, 'shape' | 'weight' | 'fat'>;

/** No fish is thinner, or as thick as this, m. */
const [THINNEST, THICKEST] = [0.002, 0.6];
/** Thomsen's exponent for the surface of an ellipsoid; within 1.1 in 100. */
const P = 1.6075;

/**
 * A whole fish of so many grams as a conduction body: an ellipsoid of its kind's depth and width at the length that this weight
 * usually has, made as large as its own volume; the exponent from its surface, volume and half thickness (G + 1 = A R/V), so that
 * a flat fish is nearly a slab and a round one nearly a cylinder. Throws RangeError for a weight that is none.
 */
export function fishBody(species: Bodied, massG: number): ConductionBody {
  if (!(massG > 0) || !Number.isFinite(massG)) throw new RangeError('a fish weighs more than nothing');
  const { a, b } = species.weight;
  const length = (massG / a) ** (1 / b) / 100;
  const volume = massG / 1000 / FLESH.density;
  const depth = length * depthShare(species.shape);
  const width = depth * species.shape.widthToDepth;
  // Depth and width take up what the ellipsoid is too small or too large by.
  const scale = Math.sqrt(volume / ((Math.PI / 6) * length * depth * width));
  const half = [length / 2, (depth * scale) / 2, (width * scale) / 2] as const;
  const radiusM = Math.min(THICKEST, Math.max(THINNEST, Math.min(...half)));
  const [x, y, z] = half.map((v) => v ** P) as [number, number, number];
  const surface = 4 * Math.PI * ((x * y + x * z + y * z) / 3) ** (1 / P);
  return {
    radiusM,
    exponent: Math.min(2, Math.max(0, (surface * radiusM) / volume - 1)),
    material: flesh(species.fat),
  };
}
