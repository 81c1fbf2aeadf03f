import type { Measured } from '@dagboek/core/key';
import { bodyRatios, type Corners, type Point } from '@dagboek/core/measure/photo';
import type { PictureReading, SharePoint } from '../../log/kinds/index.ts';
import type { FishState } from '../../log/state/states.ts';

/** What was measured on a fish, for the key: its length, and the proportions of its body from its last picture with a board. */
export function measuredOf(fish: Pick<FishState, 'length' | 'pictures'>): Measured {
  const picture = fish.pictures.filter((p) => p.reading).at(-1);
  const lengthMm = fish.length?.mm ?? null;
  if (!picture?.reading) return { lengthMm };
  const r = ratiosOf(picture.reading, [picture.width, picture.height]);
  return r ? { lengthMm, ratios: r } : { lengthMm };
}

/** Proportions out of a reading; null where its points do not give any. `size`: of the picture, px. */
function ratiosOf(reading: PictureReading, size: readonly [number, number]): Measured['ratios'] | null {
  const at = ([x, y]: SharePoint): Point => [x * size[0], y * size[1]];
  const { snout, tail, ...body } = reading.points;
  if (!snout || !tail) return null;
  const r = bodyRatios(
    {
      size,
      boardMm: reading.boardMm,
      corners: reading.corners.map(at) as unknown as Corners,
      snout: at(snout),
      tail: at(tail),
    },
    Object.fromEntries(Object.entries(body).map(([k, p]) => [k, at(p)])),
  );
  return r.ok && Object.keys(r.ratios).length > 0 ? r.ratios : null;
}
