import type { SubjectState } from '@dagboek/journal/log';

/** A state without its log, as it is answered. */
export function bare<S extends SubjectState>(state: S): Omit<S, 'log'> {
  const { log: _, ...rest } = state;
  return rest;
}
