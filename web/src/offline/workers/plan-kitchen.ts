import { type DinnerWork, type PlannedTogether, planTogether } from '@dagboek/core/schedule';

/** Plans the dinners that one kitchen has at about an hour, so that they share what it has. */
export const planKitchen = (dinners: readonly DinnerWork[]): PlannedTogether[] => planTogether(dinners);
