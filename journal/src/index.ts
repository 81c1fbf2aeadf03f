/**
 * The language of the log: what an entry is, which kinds there are, and how entries fold into the state of the book.
 * The same code runs in the browser and on the server:
 *
 *   validateEntry(raw, nowMs)          is this an entry at all?
 *   Book.EMPTY.withEntries(entries)    the book, folded
 *   foldSubject(id, entries)           one subject alone
 */
export type { Entry } from './entry.ts';
export { BOOK_HEADER, MOST_ENTRIES, NOT_JOINED } from './protocol.ts';
export type {
  BackupMade,
  AppendAnswer,
  AppendRequest,
  DoorEvent,
  DoorList,
  DoorState,
  Health,
  HomeNetwork,
  JoinCode,
  JoinedDevice,
  JournalPage,
  LinesOfDevice,
  PositionReading,
  Problem,
  Receipt,
  ScaleEvent,
  SentBy,
  SkyReading,
  ThermometerEvent,
} from './protocol.ts';
export { TRUST_STEPS } from './trust-steps.ts';
export type { SettingsScreen, TrustStep, TrustSteps } from './trust-steps.ts';
export * from './kinds/index.ts';
export { sayConstraint } from './plain-constraints.ts';
export { CLOCK_GRACE_MS, costlySteps, MOST_FACTS_CHARS, validateEntry } from './validate.ts';
export { asFacts } from './kinds/as-facts.ts';
export { factsOf, linesOf } from './logged.ts';
export type { Logged, SetApart } from './logged.ts';
export { amendLine, settleLine, standingLine, strikeLine } from './writing.ts';
export type { WriteMore, Writing } from './writing.ts';
export { Book } from './state/book.ts';
export { standingStrikes } from './struck.ts';
export { linksOf } from './state/links.ts';
export { foldSubject } from './state/fold-subject.ts';
export type { Apart } from './state/fold-subject.ts';
export type {
  BookState,
  BoxState,
  CutState,
  FishState,
  IncidentState,
  DinnerState,
  MealState,
  RecipeState,
  MemberState,
  PackState,
  RulesState,
  RuleState,
  SpeciesState,
  StateOf,
  SubjectState,
  Timed,
  TripState,
} from './state/states.ts';
export { custodyOf, KNOTS } from './line/custody.ts';
export type { CustodyLine, Knot, KnotKind, Whereabouts } from './line/custody.ts';
export { historyOf, layStretches } from './line/history-of.ts';
export type { Lay, LayStretch } from './line/history-of.ts';
export { freshnessOf, freshnessOfFish, penaltiesOf } from './line/freshness-of.ts';
export { bestWeightOf, massOf } from './line/mass-of.ts';
export { fleshHistory } from './line/flesh-history.ts';
export type { FleshHistory } from './line/flesh-history.ts';
export { handlingCost, stiffnessOf, usedParts } from './line/made-of.ts';
export type { HandlingCost, UsedPart } from './line/made-of.ts';
export { airsOf } from './line/air-about.ts';
export { staysOf } from './line/stays-of.ts';
export type { Stay } from './line/stays-of.ts';
export { fishInPack, freshnessOfPack, leastFresh } from './line/pack-fish.ts';
export { firstsOf, isFirst } from './line/firsts.ts';
export type { First } from './line/firsts.ts';
export { placeAt, placeNow } from './line/place-of.ts';
export type { Place } from './line/place-of.ts';
export { ownFit } from './line/own-fit.ts';
export type { OwnFit } from './line/own-fit.ts';
export { weightsOf } from './line/weights-of.ts';
export type { WeighedState } from './line/weights-of.ts';
export { fishOfTrip, lastCut, mealsInOrder, mealsListed, openTrip, packLeft, tripsInOrder } from './line/order.ts';
// what the rules say of a fish, and of a day
export { placeIn } from './rules/place-in.ts';
export type { PlaceOf } from './rules/place-in.ts';
export { bagsOn, keptOn } from './rules/kept-on.ts';
export { countingDay, keptDays } from './rules/counting-day.ts';
export { judgeFish } from './rules/judge-fish.ts';
export { rulesOf } from './rules/rules-of.ts';
export { fishToTry, TRIED_DAYS, tryRule } from './rules/rule-trial.ts';
export type { Tried } from './rules/rule-trial.ts';
export { reportsDue } from './rules/reports-due.ts';
export type { ReportDue } from './rules/reports-due.ts';
// what the larder holds
export type { Harm } from './larder/packs-held.ts';
export { takenFor } from './larder/taken-for.ts';
export { heldPack, isNotToEat, packsHeld, sayPressing, shelvesOf, packTone, whyNotToEat } from './larder/packs-held.ts';
export type { HeldPack } from './larder/packs-held.ts';
export { nextPackNumber, packNumber } from './larder/pack-numbers.ts';
// the diary, and how the stations stand
export { diary } from './diary/diary.ts';
export type { DiaryFilter, DiaryItem } from './diary/diary.ts';
export { speciesLanded, speciesMet } from './diary/species-met.ts';
export type { Met } from './diary/species-met.ts';
export { hurtOnTrip, isHurtOn } from './diary/hurt-on-trip.ts';
export type { Hurt } from './diary/hurt-on-trip.ts';
export { tripCatch } from './diary/trip-catch.ts';
export type { TripCatch } from './diary/trip-catch.ts';
export { stationStates } from './diary/station-states.ts';
export type { StationStates } from './diary/station-states.ts';
// the board
export { fishForTheBoard, fishOnIce } from './board/waiting.ts';
// the deck
export { measuredOf } from './deck/measured-of.ts';
export { caughtHere } from './deck/caught-here.ts';
export type { CaughtHere } from './deck/caught-here.ts';
export { dinnerOf } from './deck/dinner.ts';
export type { Dinner } from './deck/dinner.ts';
export { fishInHand } from './deck/in-hand.ts';
export { bleedingOf } from './deck/bleeding-of.ts';
export { lastMeasured } from './deck/last-measured.ts';
export { soakOf } from './deck/soak-of.ts';
export { runningTimers } from './deck/running-timers.ts';
export type { RunningTimer } from './deck/running-timers.ts';
export { maybeSameFish, mergeOf, mergeWritings } from './deck/merge-fish.ts';
export type { Merge } from './deck/merge-fish.ts';
export { methodError } from './deck/method-error.ts';
export { deckStep, nextStep, releaseReason } from './deck/next-step.ts';
export type { DeckStep, NextStep } from './deck/next-step.ts';
export { overBy, partBack, splitWritings } from './rules/split-lot.ts';
export type { PartBack } from './rules/split-lot.ts';
export { earlierLengths } from './line/earlier-lengths.ts';
export { hangingOn, isBeginning, sayHanging } from './line/hanging-on.ts';
export { fishNumbers, nextFishNumber } from './line/numbers.ts';
export { doubtsOf, timeTrouble, weighingsOf } from './line/doubts.ts';
export { sayEntry } from './say.ts';
export { sayCost, sayIce, sayTripNote } from './kinds/words.ts';
export type { TripNote } from './kinds/words.ts';
export { costsOf } from './diary/costs-of.ts';
export type { Costs } from './diary/costs-of.ts';
export { freezerRoom } from './larder/freezer-room.ts';
export type { FreezerRoom } from './larder/freezer-room.ts';
export { predatorsAbout } from './deck/predators-about.ts';
export { COLD_C, coreLine, coreTemperature, coreTemperatureOf } from './line/core-temperature.ts';
export type { CoreTemperature } from './line/core-temperature.ts';
export { bandOf, fillingOf, leakBefore } from './box/filling.ts';
export type { Filling } from './box/filling.ts';
export type { ById } from './box/filling-facts.ts';
export { reckonings, setReckoner } from './box/beside.ts';
export { reckonBox } from './box/reckon-box.ts';
export type { BoxReckoned, BoxToReckon } from './box/reckon-box.ts';
export { judgeWeighing, nextPieces, packTrouble } from './board/judge-weighing.ts';
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
} from './board/at-the-board.ts';
export { cannotBeChosen, lotAlone, ontoTheBoard, whichRoutes } from './board/onto-the-board.ts';
export type { Begun, Chosen } from './board/onto-the-board.ts';
export type { CutProgress, OnTheBoard } from './board/at-the-board.ts';
export { offalOf, schoolsAt } from './board/offal.ts';
export type { SchoolsAt } from './board/offal.ts';
export { cannotBeCut } from './board/may-be-cut.ts';
export { partOfLot } from './board/part-of-lot.ts';
export { meatOf, usedOf } from './board/used.ts';
export type { UsedOf } from './board/used.ts';
export { choresDue } from './larder/chores-due.ts';
// the table
export { likedBefore, mealCost, meanMark } from './table/meal-sums.ts';
export { kitchenOf, recipeOf, recipesOf } from './table/kitchen-of.ts';
export { dinnerFacts } from './table/dinner-facts.ts';
export type { DinnerAsked } from './table/dinner-facts.ts';
export { dinnerShopping } from './table/dinner-shopping.ts';
export { batchesFor, inVessel, usesOf } from './table/in-the-kitchen.ts';
export type { InVessel } from './table/in-the-kitchen.ts';
export { cookedBy } from './table/cooked-by.ts';
export { meatTaken, onlyTheLine, recipesOfWay, settingFor, toBeCooked, wayOf, waysFor } from './table/meal-choices.ts';
export type { ChosenPack, ToBeCooked } from './table/meal-choices.ts';
export { dishOfFish, looksOf, serveDinner } from './table/serve-dinner.ts';
export { packsGone } from './table/packs-of-dinner.ts';
export { probedDish } from './table/probed-dish.ts';
export type { ProbedDish } from './table/probed-dish.ts';
export { piecesOfPack } from './table/to-cook.ts';
export type { PiecesOfPack } from './table/to-cook.ts';
export { atRiskOf } from './larder/at-risk.ts';
export { whoMustNot } from './table/who-must-not.ts';
export { rawBy } from './table/raw-by.ts';
export { kindsOfPack } from './larder/kinds-of-pack.ts';
export { rawPackOf, rawVerdictOf } from './table/raw-verdict-of.ts';
export { dinnersOpen, stepIs, tasksNow, timersOf } from './table/dinners.ts';
export type { StepIs, Timer } from './table/dinners.ts';
export { dinnerNow, dinnerWork, endedBy, servedAtBy, stepTimes } from './table/dinner-work.ts';
export type { DinnerNow, StepTime } from './table/dinner-work.ts';
export { kindsOfMeal, lessonsFor, mealsByMonth, mealsFound } from './table/meals-like.ts';
export type { Lesson } from './table/meals-like.ts';
export { mealRecord } from './table/meal-record.ts';
export type { MealRecord, PackRecord } from './table/meal-record.ts';
export type { DinnerDish } from './kinds/dinner.ts';
export { countedIn, mendByCount } from './larder/count-store.ts';
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
} from './larder/menu-wishes.ts';
export { countOf, tripBrought } from './diary/trip-brought.ts';
export { dinnersAbout } from './table/dinners.ts';
export { mealsAhead } from './larder/meals-ahead.ts';
export { packAsIf } from './larder/pack-as-if.ts';
export { formOfPack } from './larder/pack-form.ts';
export { packBody, takenBody } from './larder/pack-body.ts';
export type { PackBody } from './larder/pack-body.ts';
export { larderByKind, meatOfPack, packsFound, packsPressing } from './larder/look-in-larder.ts';
export type { KindHeld } from './larder/look-in-larder.ts';
export { ageingFacts, ageingOf, mayAge, sayAgeing } from './larder/ageing-of.ts';
export type { Ageing } from './larder/ageing-of.ts';
export { sayChore } from './larder/chore-words.ts';
export { packByHand } from './larder/pack-by-hand.ts';
export type { PackByHand } from './larder/pack-by-hand.ts';
export { labelOf } from './larder/label.ts';
export type { PackLabel } from './larder/label.ts';
export { dayId } from './kinds/of-day.ts';
export type { MenuAsked, MenuSpecies } from './larder/menu-wishes.ts';
export type { Counted } from './larder/count-store.ts';
export { seasonReport } from './larder/season-report.ts';
export type { ReportRow, SeasonReport } from './larder/season-report.ts';
export { readingOddity } from './larder/reading-oddity.ts';
// packs taken apart and put together
export { formsOutOf, mergeable, mergePacks, splitPack, takeTrouble } from './larder/repack.ts';
export type { PackLeft } from './line/pack-left.ts';
// stores of one's own
export { courseOfStore, packsIn, storeById, storeNow, storeOfPack, storesOf, thawStore } from './larder/stores.ts';
export type { Store, StoreNow } from './larder/stores.ts';
export { ifCurrentWent, withoutCurrentOf } from './larder/without-current.ts';
export { rawClockOf } from './larder/raw-clock-of.ts';
export { rawStandingOf } from './larder/raw-standing.ts';
export type { RawStanding } from './larder/raw-standing.ts';
export { cutsOfPack } from './larder/cut-of-pack.ts';
export { cutKinds, whatMovedYields } from './board/what-moved.ts';
export type { YieldsMoved } from './board/what-moved.ts';
export { findPictures, foundInPack, foundOnCuts, stomachsOf } from './board/findings.ts';
export type { Found, Stomachs } from './board/findings.ts';
export { againstExpected, bracketsOf, expectationsFor, knifeOf } from './board/expectation.ts';
export type { KnifeOf } from './board/expectation.ts';
export type { Expected } from './kinds/board.ts';
export { icePlan } from './box/ice-plan.ts';
export { planDay, planOdds, planSlurry } from './box/plan-odds.ts';
export type { OddsAsked, OddsTold, PlanDay } from './box/plan-odds.ts';
export { kilosOf, levelsIn } from './box/kilos.ts';
export { lastMeltTest, meltTestTrouble } from './box/melt-tests.ts';
export type { IcePlan, PlanClass } from './box/ice-plan.ts';
export { boxAt, currentFilling, fishInBoxAt, tripOfBox } from './box/box-now.ts';
export type { BoxNow } from './box/box-now.ts';
export { boxAdvice } from './box/box-advice.ts';
export type { BoxAdvice } from './box/box-advice.ts';
export { boxRoom } from './box/box-room.ts';
export type { BoxRoom } from './box/box-room.ts';
export { suffersFirst } from './deck/suffers-first.ts';
export { depthAt } from './deck/depth-at.ts';
export type { Names } from './say.ts';
