import { type DinnerPlan, type Kitchenwork, planDinner } from '@dagboek/core/schedule';

/** So long a plan may think, ms: a dinner of twenty steps is proven long before. */
const THINKS_MS = 4000;

/** Plans a dinner's work back from serving. */
export const planKitchen = (work: Kitchenwork): DinnerPlan => planDinner(work, THINKS_MS);
