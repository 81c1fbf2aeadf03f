import { hullOf, type LyingFish, type Point } from '@dagboek/core/cook';
import { fishBody } from '@dagboek/core/heat';
import { buildAnatomy, landmarks } from '@dagboek/figure';
import type { Species } from '../../asked/catalogue.ts';

/** Where a tail begins, when nothing says it: share of the length. */
const TAIL_FROM = 0.86;

/** A whole fish of a kind as it lies on its side, from its drawn body at its mass, g. Null where it cannot be drawn. */
export function lyingFish(species: Species, massG: number): LyingFish | null {
  const an = buildAnatomy(species.figure, 'icon');
  const marks = landmarks(an);
  const { a, b } = species.weight;
  const lengthMm = (massG / a) ** (1 / b) * 10;
  const [nose, tail] = [marks.snout[0], marks.tailTip[0]];
  if (!(tail > nose)) return null;
  const scale = lengthMm / (tail - nose);
  const drawn = [...an.body.outline, ...(an.tail ? an.tail.shape : [])];
  const points = drawn.map((p): Point => [(p[0] - nose) * scale, p[1] * scale]);
  const hull = hullOf(points);
  if (!hull) return null;
  return {
    outline: hull,
    thickMm: fishBody(species, massG).radiusM * 2000,
    massG,
    headMm: Math.min(0.45, Math.max(0.12, marks.gillU)) * lengthMm,
    tailMm: TAIL_FROM * lengthMm,
  };
}
