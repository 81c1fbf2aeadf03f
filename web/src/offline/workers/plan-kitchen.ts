import {
  type DinnerPlan,
  type DinnerWork,
  type Kitchenwork,
  planDinner,
  type PlannedTogether,
  planTogether,
} from '@dagboek/core/schedule';

/** Plans a dinner's work back from serving. */
export const planKitchen = (work: Kitchenwork): DinnerPlan => planDinner(work);

/** Plans the dinners that one kitchen has at about an hour, so that they share what it has. */
export const planKitchens = (dinners: readonly DinnerWork[]): PlannedTogether[] => planTogether(dinners);
