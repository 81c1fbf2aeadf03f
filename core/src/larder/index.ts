export { KEEPING, keepUntil } from './keep-until.ts';
export type { FreshAtPacking, KeepUntil, PackForm, PackPlace, Wrapping } from './keep-until.ts';
