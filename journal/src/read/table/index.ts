/** What the table asks: dinners, their dishes and steps, kitchens and recipes, meals and their marks. */
export { marksOfMeals } from './best-meals.ts';
export { likedBefore, mealCost, meanMark } from './meal-sums.ts';
export { kitchenOf, kitchensOf, type NamedKitchen, recipeOf, recipesOf, recipesOfKitchen } from './kitchen-of.ts';
export { dinnerFacts, joiningFacts } from './dinner-facts.ts';
export type { DinnerAsked, DishesAsked, JoiningAsked } from './dinner-facts.ts';
export { dinnerShopping } from './dinner-shopping.ts';
export { plannedAndDone, type StepDone, workAsSet } from './planned-and-done.ts';
export { type Help, type HelpAsked, whatHelps } from './what-helps.ts';
export { firesOf, mindOf, stageChoices, stagesAsked, stageWords } from './stage-choices.ts';
export { stepWords } from './say-step.ts';
export { inVessel, kitchenBeside, lieAtOnce, settingFor, usesOf, vesselsFor, vesselsUsed } from './in-the-kitchen.ts';
export type { InVessel } from './in-the-kitchen.ts';
export { cookedBy } from './cooked-by.ts';
export { meatTaken, onlyTheLine, partCautions, recipesOfWay, toBeCooked, wayOf, waysFor } from './meal-choices.ts';
export type { ChosenPack, ToBeCooked } from './meal-choices.ts';
export { fireAsked, kitchenTimes } from './kitchen-times.ts';
export type { FireAsked } from './kitchen-times.ts';
export { looksOf, type ServedDish, serveDishes } from './serve-dinner.ts';
export { meatOfDinner, missesSome, packsGone, packsSpokenFor, type SpokenFor } from './packs-of-dinner.ts';
export { probedDish } from './probed-dish.ts';
export type { ProbedDish } from './probed-dish.ts';
export { piecesOfPack } from './to-cook.ts';
export type { PiecesOfPack } from './to-cook.ts';
export { dinnersOpen, openDinner, stepIs, tasksNow, timersOf } from './dinners.ts';
export type { StepIs, Timer } from './dinners.ts';
export { dinnerNow, dinnerWork, endedBy, servedAtBy, stepTimes } from './dinner-work.ts';
export type { DinnerNow, DinnerSteps, StepTime } from './dinner-work.ts';
export { dinnersAbout, dinnersBeside, dinnersTogether, meansTogether, worksTogether } from './dinners-together.ts';
export { kindsOfMeal, lessonsFor, lessonsOfDish, mealsByMonth, mealsFound } from './meals-like.ts';
export type { Lesson } from './meals-like.ts';
export { mealRecord } from './meal-record.ts';
export type { MealRecord, PackRecord } from './meal-record.ts';
export { type FishShare, shareOfPack, type SharedFish, sharedFish } from './shared-fish.ts';
export { deckStartC, estimateG, FIRE_FORMS, type FireForm, intoTheFire, packForTheFire } from './into-the-fire.ts';
export {
  type Course,
  coursesOf,
  dishesOfFish,
  dishesToServe,
  dishOfStep,
  lastServedMs,
  mealsOfDinner,
  servedBefore,
} from './courses.ts';
export { type MarinadeChoice, marinadeChoices, type MarinadeNow, marinadeNow } from './marinade-choices.ts';
export { recipeAsCooked } from './recipe-as-cooked.ts';
export { type WholeOnPlate, wholeOnPlate } from './on-the-plate.ts';
export { type KindLiked, plateCost, type WayLiked, waysLiked } from './best-ways.ts';
export { looksOfWay } from './meal-choices.ts';
