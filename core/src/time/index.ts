export { addDays, ageOn, addMonths, civilDay, daysBetween, epochMs, instantOf, stamp, wallTime } from './civil.ts';
export { inMonths, inSpan } from './season.ts';
export type { YearlySpan } from './season.ts';
export { sayDate, sayDay, saySpan, weekday } from './say.ts';
