export {
  addDays,
  ageOn,
  addMonths,
  civilDay,
  daysBetween,
  epochMs,
  instantOf,
  instantsOf,
  isCivilDay,
  isInstant,
  isTimeZone,
  movedBy,
  offsetMs,
  stamp,
  wallTime,
} from './civil.ts';
export { inMonths, inSpan } from './season.ts';
export type { YearlySpan } from './season.ts';
export { sayDate, sayDay, sayMonth, sayShortDate, saySpan, weekday } from './say.ts';
export { readDay, readTime } from './read-typed.ts';
