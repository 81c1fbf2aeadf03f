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
export { GROUNDS } from './grounds.ts';
