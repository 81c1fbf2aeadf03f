import type { Method } from '@dagboek/core/cook';
import { COOKING, type CookedBy } from '../../log/facts/table.ts';

/** The word of the log for a way to cook; a way that this version does not know, or that nobody named, is *another way*. */
export const cookedBy = (method: Pick<Method, 'meal'> | null): CookedBy =>
  COOKING.find((c) => c === method?.meal) ?? 'another way';
