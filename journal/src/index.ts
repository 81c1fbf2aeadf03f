/**
 * The language of the log: what an entry is, which kinds there are, and how entries fold into the state of the book.
 * The same code runs in the browser and on the server:
 *
 *   validateEntry(raw, nowMs)          is this an entry at all?
 *   Book.EMPTY.withEntries(entries)    the book, folded
 *   foldSubject(id, entries)           one subject alone
 */
export * from './log/index.ts';
export type { Asked, Asks } from './read/asked.ts';
export { custodyOf, KNOTS } from './read/places/custody.ts';
export type { CustodyLine, Knot, KnotKind, Whereabouts } from './read/places/custody.ts';
export { historyOf, layStretches } from './read/warmth/history-of.ts';
export type { Lay, LayStretch } from './read/warmth/history-of.ts';
export { freshnessOf, freshnessOfFish, penaltiesOf } from './read/fish/freshness-of.ts';
export { bestWeightOf, massOf } from './read/bodies/mass-of.ts';
export { fleshHistory } from './read/warmth/flesh-history.ts';
export type { FleshHistory } from './read/warmth/flesh-history.ts';
export { handlingCost, stiffnessOf, usedParts } from './read/fish/made-of.ts';
export type { HandlingCost, UsedPart } from './read/fish/made-of.ts';
export { airsOf } from './read/places/air-about.ts';
export { staysOf } from './read/places/stays-of.ts';
export type { Stay } from './read/places/stays-of.ts';
export { fishInPack, freshnessOfPack, leastFresh } from './read/fish/pack-fish.ts';
export { firstsOf, isFirst } from './read/fish/firsts.ts';
export type { First } from './read/fish/firsts.ts';
export { placeAt, placeNow } from './read/places/place-of.ts';
export type { Place } from './read/places/place-of.ts';
export { ownFit } from './read/bodies/own-fit.ts';
export type { OwnFit } from './read/bodies/own-fit.ts';
export { weightsOf } from './read/bodies/weights-of.ts';
export type { WeighedState } from './read/bodies/weights-of.ts';
export {
  fishOfTrip,
  lastCut,
  mealsInOrder,
  mealsListed,
  openTrip,
  packLeft,
  tripsInOrder,
} from './read/bodies/order.ts';
// what the rules say of a fish, and of a day
export { placeIn } from './read/rules/place-in.ts';
export type { PlaceOf } from './read/rules/place-in.ts';
export { bagsOn, keptOn } from './read/rules/kept-on.ts';
export { countingDay, keptDays } from './read/rules/counting-day.ts';
export { judgeFish } from './read/rules/judge-fish.ts';
export { rulesOf } from './read/rules/rules-of.ts';
export { fishToTry, TRIED_DAYS, tryRule } from './read/rules/rule-trial.ts';
export type { Tried } from './read/rules/rule-trial.ts';
export { reportsDue } from './read/rules/reports-due.ts';
export type { ReportDue } from './read/rules/reports-due.ts';
// what the larder holds
export type { Harm } from './read/keeping/packs-held.ts';
export { takenFor } from './read/keeping/taken-for.ts';
export {
  heldPack,
  isNotToEat,
  packsHeld,
  sayPressing,
  shelvesOf,
  packTone,
  whyNotToEat,
} from './read/keeping/packs-held.ts';
export type { HeldPack } from './read/keeping/packs-held.ts';
export { nextPackNumber, packNumber } from './read/bodies/pack-numbers.ts';
// the diary, and how the stations stand
export { diary } from './read/diary/diary.ts';
export { tripRate } from './read/diary/trip-rate.ts';
export type { DiaryFilter, DiaryItem } from './read/diary/diary.ts';
export { speciesLanded, speciesMet } from './read/diary/species-met.ts';
export type { Met } from './read/diary/species-met.ts';
export { hurtOnTrip, isHurtOn } from './read/diary/hurt-on-trip.ts';
export type { Hurt } from './read/diary/hurt-on-trip.ts';
export { tripCatch } from './read/diary/trip-catch.ts';
export type { TripCatch } from './read/diary/trip-catch.ts';
export { stationStates } from './read/diary/station-states.ts';
export type { StationStates } from './read/diary/station-states.ts';
// the board
export { fishForTheBoard, fishOnIce } from './read/board/waiting.ts';
// the deck
export { measuredOf } from './read/fish/measured-of.ts';
export { caughtHere } from './read/deck/caught-here.ts';
export type { CaughtHere } from './read/deck/caught-here.ts';
export { dinnerOf } from './read/deck/dinner.ts';
export type { Dinner } from './read/deck/dinner.ts';
export { fishInHand } from './read/deck/in-hand.ts';
export { bleedingOf } from './read/deck/bleeding-of.ts';
export { lastMeasured } from './read/fish/last-measured.ts';
export { soakOf } from './read/deck/soak-of.ts';
export { runningTimers } from './read/deck/running-timers.ts';
export type { RunningTimer } from './read/deck/running-timers.ts';
export { maybeSameFish, mergeOf, mergeWritings } from './read/fish/merge-fish.ts';
export type { Merge } from './read/fish/merge-fish.ts';
export { methodError } from './read/fish/method-error.ts';
export { deckStep, nextStep, releaseReason } from './read/deck/next-step.ts';
export type { DeckStep, NextStep } from './read/deck/next-step.ts';
export { overBy, partBack, splitWritings } from './read/rules/split-lot.ts';
export type { PartBack } from './read/rules/split-lot.ts';
export { earlierLengths } from './read/bodies/earlier-lengths.ts';
export { hangingOn, isBeginning, sayHanging } from './read/fish/hanging-on.ts';
export { fishNumbers, nextFishNumber } from './read/bodies/numbers.ts';
export { doubtsOf, timeTrouble, weighingsOf } from './read/fish/doubts.ts';
export { sayEntry } from './log/kinds/say.ts';
export { sayCost, sayIce, sayTripNote } from './log/facts/words.ts';
export type { TripNote } from './log/facts/words.ts';
export { costsOf } from './read/diary/costs-of.ts';
export type { Costs } from './read/diary/costs-of.ts';
export { freezerRoom } from './read/larder/freezer-room.ts';
export type { FreezerRoom } from './read/larder/freezer-room.ts';
export { predatorsAbout } from './read/deck/predators-about.ts';
export { COLD_C, coreLine, coreTemperature, coreTemperatureOf } from './read/warmth/core-temperature.ts';
export type { CoreTemperature } from './read/warmth/core-temperature.ts';
export { bandOf, fillingOf, leakBefore } from './read/warmth/filling.ts';
export type { Filling } from './read/warmth/filling.ts';
export { reckonBox } from './read/warmth/reckon-box.ts';
export type { BoxReckoned, BoxToReckon } from './read/warmth/reckon-box.ts';
export { judgeWeighing, nextPieces, packTrouble } from './read/board/judge-weighing.ts';
export {
  alsoOnTheBoard,
  hazardsOfStep,
  lineOfStep,
  lengthOnBoard,
  longestOf,
  onTheBoard,
  progressOf,
  speciesOnBoard,
  stepsToward,
  waysOf,
  severalPieces,
  sidesOfCut,
} from './read/board/at-the-board.ts';
export { cannotBeChosen, lotAlone, ontoTheBoard, whichRoutes } from './read/board/onto-the-board.ts';
export type { Begun, Chosen } from './read/board/onto-the-board.ts';
export type { CutProgress, OnTheBoard } from './read/board/at-the-board.ts';
export { offalOf, schoolsAt } from './read/board/offal.ts';
export type { SchoolsAt } from './read/board/offal.ts';
export { cannotBeCut } from './read/board/may-be-cut.ts';
export { partOfLot } from './read/fish/part-of-lot.ts';
export { meatOf, usedOf } from './read/board/used.ts';
export type { UsedOf } from './read/board/used.ts';
export { choresDue } from './read/larder/chores-due.ts';
// the table
export * from './read/table/index.ts';
export { atRiskOf } from './read/keeping/at-risk.ts';
export { whoMustNot } from './read/menu/who-must-not.ts';
export { rawBy } from './read/keeping/raw-by.ts';
export { kindsOfPack } from './read/keeping/kinds-of-pack.ts';
export { rawPackOf, rawVerdictOf } from './read/keeping/raw-verdict-of.ts';
export type { DinnerDish } from './log/facts/dinner.ts';
export { countedIn, mendByCount } from './read/larder/count-store.ts';
export {
  changeDay,
  firstDayOf,
  keepMenu,
  keptMeals,
  lockPack,
  mealDayOf,
  menuWishes,
  MOST_PLANNED,
  mostlyHome,
  movePack,
  plannedDay,
  takeOutsFor,
} from './read/menu/menu-wishes.ts';
export { countOf, tripBrought } from './read/diary/trip-brought.ts';
export { mealsAhead } from './read/menu/meals-ahead.ts';
export { packAsIf } from './read/keeping/pack-as-if.ts';
export { formOfPack } from './read/bodies/pack-form.ts';
export { packBody, takenBody } from './read/keeping/pack-body.ts';
export type { PackBody } from './read/keeping/pack-body.ts';
export { larderByKind, meatOfPack, packsFound, packsPressing } from './read/keeping/look-in-larder.ts';
export type { KindHeld } from './read/keeping/look-in-larder.ts';
export { ageingFacts, ageingOf, mayAge, sayAgeing } from './read/keeping/ageing-of.ts';
export type { Ageing } from './read/keeping/ageing-of.ts';
export { sayChore } from './read/larder/chore-words.ts';
export { packByHand } from './read/keeping/pack-by-hand.ts';
export type { PackByHand } from './read/keeping/pack-by-hand.ts';
export { labelOf } from './read/keeping/label.ts';
export type { PackLabel } from './read/keeping/label.ts';
export { dayId } from './log/kinds/of-day.ts';
export type { MenuAsked, MenuSpecies } from './read/menu/menu-wishes.ts';
export type { Counted } from './read/larder/count-store.ts';
export { seasonReport } from './read/larder/season-report.ts';
export type { ReportRow, SeasonReport } from './read/larder/season-report.ts';
export { readingOddity } from './read/places/reading-oddity.ts';
// packs taken apart and put together
export { formsOutOf, mergeable, mergePacks, splitPack, takeTrouble } from './read/larder/repack.ts';
export type { PackLeft } from './log/book/pack-left.ts';
// stores of one's own
export { courseOfStore, packsIn, storeById, storeNow, storeOfPack, storesOf, thawStore } from './read/places/stores.ts';
export type { Store, StoreNow } from './read/places/stores.ts';
export { ifCurrentWent, withoutCurrentOf } from './read/keeping/without-current.ts';
export { rawClockOf } from './read/keeping/raw-clock-of.ts';
export { rawStandingOf } from './read/keeping/raw-standing.ts';
export type { RawStanding } from './read/keeping/raw-standing.ts';
export { cutsOfPack } from './read/bodies/cut-of-pack.ts';
export { cutKinds, whatMovedYields } from './read/board/what-moved.ts';
export type { YieldsMoved } from './read/board/what-moved.ts';
export { findPictures, foundInPack, foundOnCuts, stomachsOf } from './read/keeping/findings.ts';
export type { Found, Stomachs } from './read/keeping/findings.ts';
export { againstExpected, bracketsOf, expectationsFor, knifeOf } from './read/board/expectation.ts';
export type { KnifeOf } from './read/board/expectation.ts';
export type { Expected } from './log/facts/board.ts';
export { icePlan } from './read/box/ice-plan.ts';
export { planDay, planOdds, planSlurry } from './read/box/plan-odds.ts';
export type { OddsAsked, OddsTold, PlanDay } from './read/box/plan-odds.ts';
export { kilosOf, levelsIn } from './read/box/kilos.ts';
export { lastMeltTest, meltTestTrouble } from './read/warmth/melt-tests.ts';
export type { IcePlan, PlanClass } from './read/box/ice-plan.ts';
export { boxAt, currentFilling, fishInBoxAt, tripOfBox } from './read/box/box-now.ts';
export type { BoxNow } from './read/box/box-now.ts';
export { boxAdvice } from './read/box/box-advice.ts';
export type { BoxAdvice } from './read/box/box-advice.ts';
export { boxRoom } from './read/box/box-room.ts';
export type { BoxRoom } from './read/box/box-room.ts';
export { suffersFirst } from './read/deck/suffers-first.ts';
export { depthAt } from './read/deck/depth-at.ts';
export type { Names } from './log/kinds/say.ts';
