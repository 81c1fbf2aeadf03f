// what is cooked
export {
  isPart,
  PART_CUTS,
  PIECE_CUTS,
  pieceBody,
  pieceTrouble,
  THICKNESS_MM,
  THICKNESS_SD,
  thicknessOfFish,
  thicknessOfPart,
  thicknessOfPiece,
} from './piece.ts';
export type { PartCut, Piece, PieceCut, ThicknessBy } from './piece.ts';
// how warm it gets
export { bathAfter, liquidBath, oilBath, panBath, steadyBath } from './vessel-heat.ts';
export type { Bath } from './vessel-heat.ts';
export { BOILS_C, wetBoundary } from './fire.ts';
export type { Fire, Side } from './fire.ts';
export { CHART_SPREAD, chartMin, FIT } from './charts.ts';
export { learnKitchen, minutesTo, timesAsLong } from './kitchen-learned.ts';
export type { Calculated, CookedOnce, KitchenTimes } from './kitchen-learned.ts';
export { cookThrough, cookUntil } from './cook-through.ts';
export type { Around, Course, Stage } from './cook-through.ts';
export type { Cooked, Fineness } from './flesh-in-fire.ts';
export { STAGES } from './stage-kinds.ts';
export { stagesFor, stageOf, usualStage } from './stages.ts';
export type { StageId, StageKind } from './stage-kinds.ts';
export type { StageAsked } from './stages.ts';
// how done
export { DONE, DONE_WAYS, doneAt, FOUND, killsWorms, whyInTheFire, whyOnlyTheLine } from './done-ness.ts';
export type { Done, DoneAsked, DoneWay } from './done-ness.ts';
// the ways
export { methodOf, METHODS, settingTrouble, usualSetting } from './methods.ts';
export type { MethodId } from './methods.ts';
export { MEAL_WORDS, type MealWord } from './meal-words.ts';
export type { Method, MethodHeat, Place, Setting } from './method.ts';
export { marinadeOf, MARINADES, marinadesFor, marinadeTrouble, mostCAfter, usualMarinade } from './marinades.ts';
export type { Marinade, MarinadeAsked, MarinadeId } from './marinades.ts';
export { type Marinated, marinated } from './marinated.ts';
export { looksFor } from './looks.ts';
export { methodsThatSuit } from './method-suits.ts';
export type { MethodFit, ToCook } from './method-suits.ts';
// how long
export { cookFor, cookingTrouble, FROZEN_IN_OIL, reckonCooking } from './reckon-cooking.ts';
export type { Cooking, CookingAsked, CookingReckoned } from './reckon-cooking.ts';
export { cookingOf, reckonDish } from './reckon-dish.ts';
export type { DishAsked, DishReckoned, DishRounds } from './reckon-dish.ts';
export { hotAgainS, roundsOf } from './rounds.ts';
export type { Rounds, RoundsAsked } from './rounds.ts';
export { rulesOfThumb } from './rules-of-thumb.ts';
export type { RulesOfThumb } from './rules-of-thumb.ts';
export { byProbe, simulatedProbe } from './by-probe.ts';
export type { ByProbe, ProbeReading } from './by-probe.ts';
// without fire
export {
  brineSaltG,
  erfc,
  cureTroubles,
  diceInCitrus,
  saltCure,
  saltFor,
  whiteFrontMm,
  whiteThroughMin,
} from './curing.ts';
export type { SaltCure } from './curing.ts';
export type { RawAuthority } from './raw-verdict.ts';
export { mayEatRaw, RAW_CONDITIONS, sayRawVerdict } from './raw-verdict.ts';
export type { RawPack, RawReason, RawVerdict } from './raw-verdict.ts';
// what it is cooked in
export { KITCHENS_LIKE, SOME_KITCHEN, USES } from './vessels.ts';
export { missingFor, missingForSteps } from './missing-for.ts';
export type { Kitchen } from './vessels.ts';
export { vesselTrouble } from './vessel.ts';
export type { Vessel } from './vessel.ts';
export { circleAround, type Point } from './circle-around.ts';
export {
  laidIn,
  type Cover,
  footMm2,
  type OilLevel,
  oilLevel,
  holdsLitres,
  rimLitres,
  toCover,
} from './fill-vessel.ts';
export { type Fit, fitIn, hasLid, hullOf, liesIn, type Lying, type LyingFish, partOf } from './fits.ts';
export { marinadeName } from './marinade-names.ts';
