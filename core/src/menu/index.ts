export { highsSolver } from './highs-solver.ts';
export type { Mip, MipAnswer, MipSolver } from './mip.ts';
export { needOf } from './menu.ts';
export type {
  Menu,
  MenuDay,
  MenuEater,
  MenuLock,
  MenuMeal,
  MenuMeasures,
  MenuPack,
  MenuPart,
  MenuWishes,
} from './menu.ts';
export { COSTS, MERCURY_UNITS, mercuryLimit } from './menu-costs.ts';
export { menuModel } from './menu-model.ts';
export { daysOf } from './packs-on-days.ts';
export { allMayEat, GUESTS, mustNot } from './must-not.ts';
export type { MustNot } from './must-not.ts';
export { solveMenu } from './solve-menu.ts';
export type { Planned } from './solve-menu.ts';
export { measureMenu } from './measure-menu.ts';
export { oldestFirst } from './oldest-first.ts';
export { smallestClash } from './clash.ts';
export type { Clash, Wish } from './clash.ts';
export { someLarder } from './some-larder.ts';
// in time, and in words
export { firstDayThawed, TABLE_HOUR, takeOut, thawHours } from './thaw-in-time.ts';
export type { TakeOut, ThawWay } from './thaw-in-time.ts';
export { MENU_METHODS, methodsFor, methodsOf } from './method-suits.ts';
export type { MenuMethod, Suits } from './method-suits.ts';
export { sayClash, sayEnough, sayTakeOut, sayUnplanned, sayWish, whyThisDay } from './why-this-day.ts';
