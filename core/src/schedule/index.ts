export { MOST_MINUTES, MOST_TASKS, RESOURCES, workTrouble } from './task.ts';
export type { After, Kitchenwork, Means, Needs, ResourceId, Task } from './task.ts';
export { costOf } from './cost.ts';
export { solveSchedule } from './solve-schedule.ts';
export type { Found, Solved } from './solve-schedule.ts';
export { PLAN_STEPS, planDinner } from './plan-dinner.ts';
export type { DinnerPlan, Placed } from './dinner-plan.ts';
export { planTogether } from './plan-together.ts';
export type { DinnerWork, PlannedTogether } from './plan-together.ts';
