import { bodyRatios, lengthFromPhoto, type PhotoLength, type PhotoOfFish } from '@dagboek/core/measure/photo';
import { thicknessShare } from '@dagboek/core/species';
import type { Result } from '@dagboek/core/result';
import type { Species } from '../../../asked/catalogue.ts';
import { cornersOf, type Marks } from './marks.ts';
import { units } from '../../../asked/units.ts';

/** What the marks on a picture give: the length with its error, or the sentence that says what is wrong with them. */
export function readPhoto(
  marks: Marks,
  size: readonly [number, number],
  boardMm: readonly [number, number],
  species: Pick<Species, 'shape'> | null,
): { length: Result<PhotoLength>; ratios: ReturnType<typeof bodyRatios> } | null {
  const corners = cornersOf(marks);
  const { snout, tail, back, belly, eye, dorsal, anal } = marks;
  if (!corners || !snout || !tail) return null;
  const photo: PhotoOfFish = {
    size,
    boardMm,
    corners,
    snout,
    tail,
    units,
    ...(species ? { thickness: thicknessShare(species.shape) } : {}),
  };
  const body = Object.fromEntries(
    Object.entries({ back, belly, eye, dorsal, anal }).filter(([, p]) => p !== undefined),
  ) as Parameters<typeof bodyRatios>[1];
  return { length: lengthFromPhoto(photo), ratios: bodyRatios(photo, body) };
}
