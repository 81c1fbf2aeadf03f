import type { LonLat, Zone } from './index.ts';

/** A rectangle from its corner in the south-west, degrees. */
export const square = (x: number, y: number, w: number, h = w): LonLat[] => [
  [x, y],
  [x, y + h],
  [x + w, y + h],
  [x + w, y],
  [x, y],
];

/** A zone with everything that does not matter filled in. */
export const zone = (id: string, bounds?: readonly LonLat[]): Zone => ({
  id,
  name: id,
  about: '',
  grounds: [],
  ...(bounds ? { bounds } : {}),
});
