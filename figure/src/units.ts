/**
 * Coordinates of the drawing
 *   u  fraction of total length, 0 = foremost point of the closed jaws, 1 = end of the tail
 *   v  position across the body at that u: -1 = dorsal edge, 0 = middle, +1 = ventral edge
 *   h  height, length or radius as a fraction of total length
 *   Drawing units: L = 1000 per total length, x to the right, y down, y = 0 on the body axis; head left.
 *   "px" is a length on screen at the asked size; the pen converts it to drawing units.
 */
export const L = 1000;
export const INK = '#2b2a26';
export const HAZARD = '#9e0b2a';
export const TARGET = '#8c1c4a';
export const CUT = '#174f7a';
export const RULE = '#3a3a36';
export const PAPER = '#fcf8ec';
