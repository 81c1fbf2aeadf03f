// how heat goes through a body
export { COARSE, Conduction, solveTridiagonal } from './conduction.ts';
export type { ConductionBody, Pace } from './conduction.ts';
export { INSULATED, meets, TRANSFER } from './boundary.ts';
export type { Boundary, Transfer } from './boundary.ts';
export { FLESH, flesh, plainMaterial } from './flesh.ts';
export type { Material } from './flesh.ts';
export { fishBody } from './fish-body.ts';
export type { Bodied } from './fish-body.ts';
// how warm flesh was, is and will be
export { courseAt, fleshCourse, sampleBefore } from './flesh-course.ts';
export type { CoreReading, Exposure, FleshCourse } from './flesh-course.ts';
export { secondsUntilCore } from './cooling-time.ts';
// what it must agree with
export { bessel, exactLeft } from './exact-series.ts';
export type { ExactShape } from './exact-series.ts';
