export { massBalance, STAGE_WORDS, STAGES, WATER_ALLOWANCE } from './mass-balance.ts';
export type { MassBalance, Stage, StageYield, Weighings } from './mass-balance.ts';
export { againstUsual, expectedStage } from './expected-yield.ts';
