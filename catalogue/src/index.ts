export type {
  Conversion,
  Form,
  Lookalike,
  PackAbout,
  RawVerdict,
  ResolvedForm,
  Species,
  SpeciesFile,
  Waters,
} from './species.ts';
export { hazardParts, resolveSpecies, UNDRAWN_PARTS, wholeTraits } from './resolve-species.ts';
export type { Surroundings } from './resolve-species.ts';
export { ownSpecies } from './own-species.ts';
export type { OwnSpeciesFile } from './own-species.ts';
export { checkSpecies } from './check-species.ts';
export type { Fault } from './check-species.ts';
export { writeTraitMatrix } from './read-trait-matrix.ts';
export { speciesLike } from './species-like.ts';
export { MOST_BYTES, OWN_PACK, readPack } from './read-pack.ts';
export type { Change, Known, Preview } from './read-pack.ts';
