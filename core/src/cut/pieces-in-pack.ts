/** All but clinging water and crumbs. */
const NEARLY_ALL = 0.98;

/**
 * Pieces that a pack of so many grams most likely holds: all that are left when it takes nearly all, else its share of them; one at
 * least while any is left, and always one to be left for what stays. `leftG` 0: not weighed, so that all are meant.
 */
export function piecesInPack(leftPieces: number, leftG: number, massG: number): number {
  if (leftPieces <= 1 || !(leftG > 0) || massG >= leftG * NEARLY_ALL) return Math.max(0, leftPieces);
  return Math.min(leftPieces - 1, Math.max(1, Math.round((leftPieces * massG) / leftG)));
}
