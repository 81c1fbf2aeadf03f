export type { Hazard, HazardKind, KeepingClass, LengthKind, MeasureMethod, SpeciesFacts } from './species.ts';
