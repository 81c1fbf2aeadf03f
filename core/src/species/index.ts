export type {
  Hazard,
  HazardKind,
  KeepingClass,
  LengthConversion,
  LengthKind,
  MeasureMethod,
  SpeciesFacts,
} from './species.ts';
