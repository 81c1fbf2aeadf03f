import type { Writing } from '@dagboek/journal';

/** What was just written, so that it can be taken back at once. */
export interface PackDone {
  readonly says: string;
  readonly undo: readonly Writing[] | null;
}
