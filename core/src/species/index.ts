export type {
  Hazard,
  HazardKind,
  KeepingClass,
  LengthConversion,
  LengthKind,
  MeasureMethod,
  Severity,
  SpeciesFacts,
} from './species.ts';
export { type BodyShape, depthShare, thicknessShare } from './body-shape.ts';
export { GROUNDS } from './grounds.ts';
