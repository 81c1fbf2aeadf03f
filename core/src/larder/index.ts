export { KEEPING, keepUntil } from './keep-until.ts';
export type { KeepUntil, PackForm, PackPlace, Wrapping } from './keep-until.ts';
