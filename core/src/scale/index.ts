export { scaleState } from './settled.ts';
export type { ScaleReading, ScaleState } from './settled.ts';
export { simulatedLoadG, simulatedScaleG } from './simulated-scale.ts';
