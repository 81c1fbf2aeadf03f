export { BLEEDING_LIMIT_MIN, bleedingMinutes } from './bleeding.ts';
