// the plane of the board
export { fitHomography, inverse, project } from './homography.ts';
export type { Homography, Pair, Point } from './homography.ts';
export { checkCorners } from './check-corners.ts';
export type { Corners } from './check-corners.ts';
export { cameraPlace } from './camera.ts';
export type { CameraPlace } from './camera.ts';
// the fish on it
export { lengthFromPhoto, LEAST_ERROR, PICK_SHARE, toBoard } from './length-from-photo.ts';
export type { PhotoLength, PhotoOfFish } from './length-from-photo.ts';
export { BODY_RATIOS, bodyRatios } from './body-ratios.ts';
export type { BodyPoints, BodyRatio, MeasuredRatio } from './body-ratios.ts';
// proposals, from the pixels
export { toGrey } from './pixels.ts';
export type { Grey } from './pixels.ts';
export { findBoard } from './find-board.ts';
export { findFish } from './find-fish.ts';
// a camera that is not there
export { shoot } from './simulated-camera.ts';
export type { SimulatedCamera } from './simulated-camera.ts';
