export type {
  RawRule,
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
export { type Bladder, BLADDERS } from './bladder.ts';
export { GROUNDS, waterOfGround } from './grounds.ts';
export { figureTroubles, speciesTroubles } from './species-document.ts';
export { PACK_SCHEMA, SPECIES_SCHEMA } from './species-schema.ts';
