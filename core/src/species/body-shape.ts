/** How deep and how thick a body is, as shares: depth of the first length, from the slimmest to the deepest; width of the depth. */
export interface BodyShape {
  readonly depth: readonly [number, number];
  readonly widthToDepth: number;
}

/** Depth of a usual body as a share of its length. */
export const depthShare = (shape: BodyShape): number => (shape.depth[0] + shape.depth[1]) / 2;

/** Thickness (width from side to side; of a flatfish lying on its side, from eyed to blind side) as a share of its length. */
export const thicknessShare = (shape: BodyShape): number => depthShare(shape) * shape.widthToDepth;
