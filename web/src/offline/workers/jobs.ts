import { planOdds, reckonBox, whatHelps } from '@dagboek/journal';
import { planMeals } from './plan-meals.ts';
import { planKitchen } from './plan-kitchen.ts';
import { reckonDish } from '@dagboek/core/cook';
import { lookAtPhoto } from './look-at-photo.ts';
import { readPackFile, readRuleFile } from './read-files.ts';

/** Says how far a job is, 0 to 1. */
export type Progress = (share: number) => void;

/** Heavy reckoning that is done beside the page, by name. A job takes one thing, may say how far it is, and gives one thing. */
export const JOBS = {
  lookAtPhoto,
  planKitchen,
  planMeals,
  reckonDish,
  planOdds,
  reckonBox,
  readPackFile,
  readRuleFile,
  whatHelps,
} as const;

export type Job = keyof typeof JOBS;
export type InputOf<J extends Job> = Parameters<(typeof JOBS)[J]>[0];
export type ResultOf<J extends Job> = Awaited<ReturnType<(typeof JOBS)[J]>>;
