export { APART_MARKS, shareSides, takeApart } from './take-apart.ts';
export type { ApartMark, ApartStep, BonesLeft, SharedSides, TakeApart, TakenApart } from './take-apart.ts';
