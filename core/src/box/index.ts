// what a box is
export { boxSurfaceM2, ICE, ICE_KG_PER_L, liningJK, openingJ, SLURRY_C, SUN_K, usualLeak, WALLS } from './walls.ts';
export type { Leak, Walls } from './walls.ts';
export { boxLevels } from './levels.ts';
export type { BoxLevels } from './levels.ts';
// how it goes with the ice and the fish in it
export { runBox } from './box-run.ts';
export type {
  AirFrom,
  BoxCorrected,
  BoxCourse,
  BoxEvent,
  BoxFish,
  BoxInput,
  BoxLedger,
  BoxSample,
} from './box-types.ts';
// what was found out about it
export { EYE_SD, ICE_BELOW_K, ICE_WORDS, likelihood, shareSeen, wordFor } from './seen.ts';
export type { IceFinding, IceWord } from './seen.ts';
export {
  iceBand,
  icePosterior,
  iceWith,
  leakGrid,
  leakKnown,
  leakLikelihood,
  together,
  usualWeights,
  weightsOf,
} from './leak.ts';
export type { FirstIce, IceBand, IcePosterior, LeakKnown, Melting } from './leak.ts';
export { meltTestLeak } from './melt-test.ts';
export type { MeltTest } from './melt-test.ts';
// before a trip
export { SUN_HOURS, sunlit } from './sunlit.ts';
export { slurryRecipe } from './slurry.ts';
export type { SlurryRecipe } from './slurry.ts';
export { iceOdds, lastsWith } from './odds.ts';
export type { CatchClass, EarlierFish, Odds, OddsInput } from './odds.ts';
export { heatToGive, releasedAfter, releaseOf } from './release.ts';
export type { Release } from './release.ts';
