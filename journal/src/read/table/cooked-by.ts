import type { Method } from '@dagboek/core/cook';
import type { CookedBy } from '../../log/facts/table.ts';

/** The word of the log for a way to cook; one that nobody named is *another way*. */
export const cookedBy = (method: Pick<Method, 'meal'> | null): CookedBy => method?.meal ?? 'another way';
