export { loadPacks, loadRulePacks, loadSpecies, loadTraits, shippedFaults } from './load.ts';
export type { Species } from './load.ts';
export { olderSeasons } from './season/older-seasons.ts';
export { skerrowSeason, SKERROW_NOW } from './season/skerrow-season.ts';
export { mutated } from './storm/mutate.ts';
export { stormOfPacks } from './storm/packs-storm.ts';
