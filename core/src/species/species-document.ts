import { schemaChecker } from '../schema/index.ts';
import { FIGURE_SCHEMA } from './figure-schema.ts';
import { SPECIES_SCHEMA } from './species-schema.ts';

let species: ((data: unknown) => string[]) | null = null;
let figure: ((data: unknown) => string[]) | null = null;

/** What is wrong with the document of one species, to its last field, in sentences; none when all is well. */
export const speciesTroubles = (doc: unknown): string[] => (species ??= schemaChecker(SPECIES_SCHEMA))(doc);

/** Likewise of a whole figure, as it is drawn: what is changed of another one may come out as no figure. */
export const figureTroubles = (spec: unknown): string[] => (figure ??= schemaChecker(FIGURE_SCHEMA))(spec);
