import { type DinnerPlan, type Kitchenwork, planDinner } from '@dagboek/core/schedule';

/** Plans a dinner's work back from serving. */
export const planKitchen = (work: Kitchenwork): DinnerPlan => planDinner(work);
